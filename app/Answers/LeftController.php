<?php

declare(strict_types=1);

namespace App\Answers;

use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\DB;

/** What came to the mailbox and was left alone: for the office, who may want to read it there. */
final class LeftController
{
    private const SHOWN = 200;

    public function page(#[CurrentUser] StaffMember $reader): View
    {
        $zone = $reader->school->timeZone();
        $address = config('recess.answers.address');

        return Page::staff('MailLeft', Words::say('answers.title'), [
            'host' => $reader->name,
            'address' => is_string($address) ? $address : '',
            'left' => DB::table('mail_left')
                ->orderByDesc('id')
                ->limit(self::SHOWN)
                ->get()
                ->map(
                    static fn(\stdClass $one): array => [
                        'id' => (int) $one->id,
                        'when' => Spell::moment(CarbonImmutable::parse((string) $one->at)->getTimestamp(), $zone),
                        'from' => (string) $one->sender,
                        'subject' => (string) $one->subject,
                        'why' => Words::say("answers.left_$one->why"),
                    ],
                )
                ->all(),
        ]);
    }
}
