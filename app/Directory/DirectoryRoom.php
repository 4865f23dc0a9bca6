<?php

declare(strict_types=1);

namespace App\Directory;

use App\Framework\Room;
use Illuminate\Support\Facades\Route;

/** Whom the school knows: students, those who look after them, classes, and who teaches whom. */
final class DirectoryRoom extends Room
{
    protected function tidies(): array
    {
        return [TidyDirectory::class];
    }

    protected function policies(): array
    {
        return [Student::class => DirectoryPolicy::class, SchoolClass::class => DirectoryPolicy::class];
    }

    public function boot(): void
    {
        parent::boot();
        Route::model('student', Student::class);
        Route::model('class', SchoolClass::class);
    }
}
