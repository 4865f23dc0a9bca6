<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How somebody read when they booked or asked: kept with their pass, so that what is sent to them later is said so, too.
 * What is not known stays as it is usual at the school.
 */
final readonly class ReadsAs
{
    /**
     * @param  int|null  $clock  12 or 24
     * @param  string|null  $language  of the catalogues (lang/)
     */
    public function __construct(public ?int $clock = null, public ?string $language = null) {}

    /** @return array{clock: int|null, language: string|null} as a pass keeps it */
    public function kept(): array
    {
        return ['clock' => $this->clock, 'language' => $this->language];
    }
}
