<?php

declare(strict_types=1);

use App\Directory\DirectoryController;
use App\Directory\RollFileController;
use App\Directory\Student;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/directory', [DirectoryController::class, 'page'])->can('viewAny', Student::class);
    Route::get('/api/staff/directory', [DirectoryController::class, 'find'])->can('viewAny', Student::class);
    Route::post('/api/staff/directory/students', [DirectoryController::class, 'add'])->can('viewAny', Student::class);
    Route::put('/api/staff/directory/students/{student}', [DirectoryController::class, 'change'])->can('change', 'student');
    Route::post('/api/staff/directory/students/{student}/away', [DirectoryController::class, 'putAway'])->can('change', 'student');
    Route::post('/api/staff/directory/students/{student}/guardians/{guardian}/code', [DirectoryController::class, 'newCode'])->can('change', 'student');
    Route::post('/api/staff/directory/file', [RollFileController::class, 'look'])->can('viewAny', Student::class)->middleware('limited:invitations');
    Route::post('/api/staff/directory/file/bring-in', [RollFileController::class, 'bringIn'])->can('viewAny', Student::class)->middleware('limited:invitations');
});
