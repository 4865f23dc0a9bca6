<?php

declare(strict_types=1);

use App\Answers\LeftController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth'])->get('/staff/mail-left', [LeftController::class, 'page'])->can('set-up-school');
