<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\Room;
use Illuminate\Contracts\Translation\Loader;
use Illuminate\Queue\Events\JobProcessing;

/** The school's own words, in place of ours. */
final class WordingsRoom extends Room
{
    public function register(): void
    {
        $this->app->extend('translation.loader', static fn(Loader $ours): Loader => new OwnWords($ours));
    }

    public function boot(): void
    {
        parent::boot();
        // A worker goes on for hours; each letter is written in the words of its moment.
        app('events')->listen(JobProcessing::class, static fn() => OwnWords::looksAgain());
    }
}
