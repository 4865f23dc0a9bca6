<?php

declare(strict_types=1);

namespace App\School;

use App\Models\StaffMember;
use Illuminate\Foundation\Http\FormRequest;

/** A request of somebody who is signed in. */
abstract class StaffRequest extends FormRequest
{
    public function writer(): StaffMember
    {
        $host = $this->user();
        assert($host instanceof StaffMember);

        return $host;
    }
}
