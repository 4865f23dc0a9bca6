<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Asked;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Who did what, for the office. */
final class LogController
{
    private const SHOWN = 50;

    public function page(#[CurrentUser] StaffMember $reader, Request $request): View
    {
        $zone = $reader->school->timeZone();
        $before = Asked::word($request, 'before');
        $who = Asked::word($request, 'who');
        // Of one's own school: by those who work there, and by nobody of another one.
        $notes = DB::table('activity_log')
            ->where('log_name', LogBook::NAME)
            ->where(
                static fn($any) => $any
                    ->whereNull('causer_id')
                    ->orWhereIn(
                        'causer_id',
                        StaffMember::query()->where('school_id', $reader->school_id)->select('id'),
                    ),
            )
            ->when(ctype_digit($before), static fn($some) => $some->where('id', '<', (int) substr($before, 0, 18)))
            ->when(ctype_digit($who), static fn($some) => $some->where('causer_id', (int) substr($who, 0, 18)))
            ->orderByDesc('id')
            ->limit(self::SHOWN + 1)
            ->get();

        return Page::staff('Log', Words::say('log.title'), [
            'host' => $reader->name,
            'who' => ctype_digit($who) ? (int) substr($who, 0, 18) : null,
            'log_days' => $reader->school->log_days,
            'people' => StaffMember::query()
                ->where('school_id', $reader->school_id)
                ->orderBy('name')
                ->get(['id', 'name'])
                ->map(static fn(StaffMember $one): array => ['id' => $one->id, 'name' => $one->name])
                ->all(),
            'notes' => $notes
                ->take(self::SHOWN)
                ->map(static function (\stdClass $note) use ($zone): array {
                    /** @var array<string, scalar|null> $values as LogBook notes them */
                    $values = (array) json_decode((string) $note->properties, true);

                    return [
                        'id' => (int) $note->id,
                        'when' => Spell::moment(Instant::of((string) $note->created_at), $zone),
                        'who' => (string) ($values['name'] ?? Words::say('log.nobody')),
                        'what' => Words::say('log.' . $note->event, $values),
                    ];
                })
                ->values()
                ->all(),
            'later' => $notes->count() > self::SHOWN ? (int) $notes[self::SHOWN - 1]->id : null,
        ]);
    }
}
