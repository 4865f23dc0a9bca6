<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A message that the mailroom caught.
 *
 * @property int $id
 * @property string $recipient
 * @property string $subject
 * @property string|null $message_id
 * @property string $raw the whole message, RFC 5322
 * @property CarbonImmutable $sent_at
 */
final class MailroomMessage extends Row
{
    protected $table = 'mailroom_messages';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sent_at' => 'immutable_datetime'];
    }
}
