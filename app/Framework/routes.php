<?php

declare(strict_types=1);

use App\Framework\HealthController;
use Illuminate\Support\Facades\Route;

Route::middleware('api')->get('/up', HealthController::class)->can('see-board');
