<?php

declare(strict_types=1);

namespace App\Registry;

use App\Framework\Room;
use Illuminate\Support\Facades\Log;

/** Several schools on one installation, each with a database, a user of it and a key of its own (docs/decisions/0043). */
final class RegistryRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        $school = (string) config('recess.school');
        $school === '' || Log::shareContext(['school' => $school]);
    }
}
