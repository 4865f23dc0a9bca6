<?php

declare(strict_types=1);

use App\Answers\LeftController;
use Illuminate\Support\Facades\Route;

Route::middleware(['web', 'auth', 'budget:1500'])
    ->get('/staff/mail-left', [LeftController::class, 'page'])
    ->can('set-up-school')
    ->middleware('logged:mail_left');
