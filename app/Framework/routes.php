<?php

declare(strict_types=1);

use App\Framework\HealthController;
use App\Framework\MetricsController;
use Illuminate\Support\Facades\Route;

Route::middleware(['api', 'budget:300', 'logged:nothing,visitor'])
    ->get('/up', HealthController::class)
    ->can('see-board');
Route::middleware(['api', 'budget:300', 'logged:nothing,visitor'])
    ->get('/metrics', MetricsController::class)
    ->can('see-board');
