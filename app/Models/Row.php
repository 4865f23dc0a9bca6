<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** What every table's model shares. */
abstract class Row extends Model
{
    use BootsQuickly;
}
