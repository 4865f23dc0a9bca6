<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Row;

/**
 * Whom a family wants to meet in a round, and when it can come, as its page last said it: there again after a reload, and on
 * another device.
 *
 * @property int $id
 * @property int $round_id
 * @property int $pass_id
 * @property array<string, mixed> $asked as Shortlist in docs/formats/recess.openapi.yaml
 */
final class Shortlist extends Row
{
    protected $table = 'shortlists';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['asked' => 'array'];
    }
}
