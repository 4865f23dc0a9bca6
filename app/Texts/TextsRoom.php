<?php

declare(strict_types=1);

namespace App\Texts;

use App\Framework\Room;

/** Text messages to phones, where a school has a gateway for them. */
final class TextsRoom extends Room
{
    public function register(): void
    {
        $this->app->singletonIf(
            TextMessages::class,
            static fn(): TextMessages => ($address = (string) config('recess.texts.address')) === ''
                ? new NoTexts()
                : HttpTexts::of(
                    $address,
                    (string) config('recess.texts.body'),
                    (string) config('recess.texts.headers'),
                ),
        );
    }
}
