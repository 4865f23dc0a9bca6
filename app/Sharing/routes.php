<?php

declare(strict_types=1);

use App\Models\Sheet;
use App\Sharing\FormatsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->group(static function (): void {
    Route::get('/staff/sheets/{sheet}/files/{what}', [FormatsController::class, 'file'])->can('view', 'sheet');
    Route::get('/api/staff/sheets/{sheet}/handout', [FormatsController::class, 'handout'])->can('view', 'sheet');
    Route::post('/api/staff/sheets/import', [FormatsController::class, 'import'])->can('create', Sheet::class);
});
