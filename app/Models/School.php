<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Recess\Time\Zone;

/**
 * The school: one row.
 *
 * @property int $id
 * @property string $name
 * @property string $zone an IANA name
 * @property string $country two letters, ISO 3166-1
 */
final class School extends Model
{
    protected $guarded = [];

    public function timeZone(): Zone
    {
        return Zone::of($this->zone);
    }
}
