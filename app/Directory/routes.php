<?php

declare(strict_types=1);

use App\Directory\DirectoryController;
use App\Directory\RollFileController;
use App\Directory\Student;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])->group(static function (): void {
    Route::get('/staff/directory', [DirectoryController::class, 'page'])
        ->can('viewAny', Student::class)
        ->middleware('logged:directory');
    Route::get('/api/staff/directory', [DirectoryController::class, 'find'])
        ->can('viewAny', Student::class)
        ->middleware('logged:directory');
    Route::post('/api/staff/directory/students', [DirectoryController::class, 'add'])
        ->can('viewAny', Student::class)
        ->middleware('logged:itself');
    Route::put('/api/staff/directory/students/{student}', [DirectoryController::class, 'change'])
        ->can('change', 'student')
        ->middleware('logged:itself');
    Route::post('/api/staff/directory/students/{student}/away', [DirectoryController::class, 'putAway'])
        ->can('change', 'student')
        ->middleware('logged:itself');
    Route::post('/api/staff/directory/students/{student}/guardians/{guardian}/code', [
        DirectoryController::class,
        'newCode',
    ])
        ->can('change', 'student')
        ->middleware('logged:itself');
    Route::post('/api/staff/directory/file', [RollFileController::class, 'look'])
        ->can('viewAny', Student::class)
        ->middleware('limited:invitations')
        ->middleware('logged:nothing,own');
    Route::post('/api/staff/directory/file/take-back', [RollFileController::class, 'takeBack'])
        ->can('viewAny', Student::class)
        ->middleware('logged:itself');
    Route::post('/api/staff/directory/file/bring-in', [RollFileController::class, 'bringIn'])
        ->can('viewAny', Student::class)
        ->middleware('limited:invitations')
        ->middleware('logged:itself');
});
