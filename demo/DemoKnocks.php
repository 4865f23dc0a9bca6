<?php

declare(strict_types=1);

namespace Demo;

use App\Knocks\AskForTime;
use App\Knocks\Knock;
use App\Knocks\KnockState;
use App\Knocks\KnockTerms;
use App\Knocks\KnockWish;
use App\Knocks\WhenFree;
use App\Models\Audience;
use App\Models\PlaceKind;
use App\Models\Questions;
use App\Models\School;
use App\Models\StaffMember;
use App\School\SavedPlace;
use Illuminate\Support\Str;
use Recess\Common\AskedHours;
use Recess\Time\DateRange;
use Recess\Time\Span;

/** Some hosts can be asked for times of one's own, and a few people have asked. */
final class DemoKnocks
{
    /** By subject: where they meet whoever asks, and their hours on Wednesdays. */
    private const ALLOWED = [
        'Mathematics' => ['Room 12', '8:00 to 12:00'],
        'Guidance' => ['Office 1, beside the bell', '8:00 to 16:00'],
        'Careers' => ['Lookout room', '10:00 to 15:00'],
        'Marine biology' => ['Tide room', ''],
    ];

    private const ASKED = [
        [
            'Mathematics',
            [],
            'The proof in my project',
            'I have the first half, and then it goes in a circle. Half an hour should do.',
            'https://docs.mail.example/tides-and-triangles',
            'Ada Okonkwo',
            'student-ada@mail.example',
            '',
        ],
        [
            'Careers',
            [],
            'A letter for the survey vessel',
            'They want it by Friday week. Could you look at it with me?',
            '',
            'Kai Petrenko',
            'student-kai@mail.example',
            '',
        ],
        [
            'Mathematics',
            ['Guidance'],
            'Fewer lessons until the cast is off',
            'We would like to talk with both of you together.',
            '',
            'Eilidh MacAulay',
            'family05@mail.example',
            'Finn MacAulay',
        ],
    ];

    public function __construct(private readonly AskForTime $ask) {}

    /** @param  int  $now  seconds since the epoch */
    public function fill(School $school, int $now): void
    {
        $staff = StaffMember::query()
            ->where('school_id', $school->id)
            ->whereIn('subject', array_keys(self::ALLOWED))
            ->get()
            ->keyBy('subject');
        foreach (self::ALLOWED as $subject => [$room, $wednesday]) {
            $host = $staff[$subject];
            $place = SavedPlace::query()->firstOrCreate(
                ['school_id' => $school->id, 'staff_id' => $host->id, 'label' => $room],
                ['kind' => PlaceKind::Room],
            );
            $phone = SavedPlace::query()->firstOrCreate(
                ['school_id' => $school->id, 'label' => 'By phone', 'staff_id' => null],
                ['kind' => PlaceKind::Phone, 'directions' => 'We ring the number you give.'],
            );
            KnockTerms::query()->firstOrCreate(
                ['staff_id' => $host->id],
                [
                    'allowed' => true,
                    'hours' => AskedHours::of(
                        [3 => AskedHours::typed($wednesday)] +
                            array_fill_keys([1, 2, 4, 5], AskedHours::typed('8:00 to 16:00')),
                    )->record(),
                    'lead_hours' => 24,
                    'ahead_days' => 28,
                    'lengths' => [15, 20, 30],
                    'place_ids' => [$place->id, $phone->id],
                    'most_open' => 10,
                    'kept_hours' => 72,
                    'audience' => Audience::Anyone,
                    'questions' => new Questions(),
                    'intro' => '',
                ],
            );
        }
        if (Knock::query()->whereIn('state', KnockState::open())->doesntExist()) {
            foreach (self::ASKED as $one) {
                $this->asked($school, $one, $now);
            }
        }
    }

    /** @param  array{string, list<string>, string, string, string, string, string, string}  $one */
    private function asked(School $school, array $one, int $now): void
    {
        [$subject, $with, $title, $details, $work, $name, $email, $student] = $one;
        $terms = array_map(
            static fn(string $of): KnockTerms => KnockTerms::of(
                StaffMember::query()->where('school_id', $school->id)->where('subject', $of)->firstOrFail(),
            ),
            [$subject, ...$with],
        );
        $today = $school->timeZone()->dateAt($now);
        $starts = WhenFree::of($terms, DateRange::of($today, $today->plusDays(12)), $now)->hosts()->starts(30);
        if (count($starts) < 30) {
            return;
        }
        ($this->ask)(
            $terms,
            new KnockWish(
                title: $title,
                details: $details,
                work: $work,
                place: $terms[0]->places()->firstOrFail(),
                name: $name,
                email: $email,
                phone: '',
                student: $student,
                requestKey: Str::uuid()->toString(),
                spans: array_map(static fn(int $start): Span => Span::of($start, $start + 1800), [
                    $starts[6],
                    $starts[25],
                ]),
            ),
            $now,
        );
    }
}
