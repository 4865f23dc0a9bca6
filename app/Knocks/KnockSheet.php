<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Words;
use App\Models\Block;
use App\Models\HostRole;
use App\Models\Instant;
use App\Models\LinkMode;
use App\Models\PlaceKind;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\Models\Sheet;
use App\Models\SheetState;
use App\School\SavedPlace;
use Illuminate\Support\Str;
use Recess\Repeat\Adjusted;
use Recess\Rules\Stated;
use Recess\Sheet as CoreSheet;
use Recess\Slots\Block as CoreBlock;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Span;

/**
 * The small sheet that a knock keeps its times on: the host's rules and place, with all who have to be there. So what is
 * accepted is a booking like any other, with its letters, entries, desk and line (docs/decisions/0026-knocks.md).
 */
final class KnockSheet
{
    /** Days on which its meeting can be moved by the host. */
    private const REACHES = 120;

    /**
     * To be called inside the transaction that keeps its times.
     *
     * @param  non-empty-list<KnockTerms>  $terms  the door's own host first
     */
    public static function made(array $terms, KnockWish $wish, int $now): Sheet
    {
        $first = $terms[0];
        $sheet = $first->sheet();
        $sheet
            ->fill([
                'slug' => 'asked-' . Str::lower(Str::random(24)),
                'uid' => Str::uuid()->toString(),
                'title' => $wish->title,
                'state' => SheetState::Closed,
                'put_away_at' => Instant::column($now),
                'published_at' => Instant::column($now),
                'intro' => '',
                'questions' => self::questions($first),
                'rules' => Stated::of([
                    'lead_minutes' => max(array_map(static fn(KnockTerms $one): int => $one->lead_hours, $terms)) * 60,
                    'furthest_days' => null,
                ]),
            ])
            ->save();
        foreach (array_slice($terms, 1) as $one) {
            $sheet
                ->colleagues()
                ->create(['staff_id' => $one->staff_id, 'role' => HostRole::Must, 'told_at' => Instant::column($now)]);
        }
        $sheet->places()->create(self::place($wish->place));

        return Sheet::query()->with(Sheet::PARTS)->findOrFail($sheet->id);
    }

    /** The sheet as the judge sees it for one time: whoever can be asked can be asked for any, not for those it is cut into. */
    public static function at(Sheet $sheet, Span $span): CoreSheet
    {
        $core = $sheet->toCore();

        return new CoreSheet(
            $core->zone,
            [CoreBlock::alone($span, $core->zone)],
            $core->hosts,
            $core->rules,
            $core->places,
            $core->closedDays,
            travel: $core->travel,
        );
    }

    /**
     * The times of a sheet once one is agreed: that one, and on all other days the hosts' hours cut as long as it. So it is on
     * a slot like every booking, when days are closed and when a slip is taken back, and its host can move it.
     *
     * @param  non-empty-list<KnockTerms>  $terms
     */
    public static function agreed(Sheet $sheet, array $terms, Span $span, int $now): void
    {
        $zone = $terms[0]->host->school->timeZone();
        $date = $zone->dateAt($span->start);
        $sheet->blocks()->delete();
        $sheet->blocks()->create(Block::columnsOf(CoreBlock::alone($span, $zone)));
        $around = self::around($terms, $span->minutes(), $zone->dateAt($now));
        if ($around !== null) {
            $sheet
                ->blocks()
                ->create(
                    Block::columnsOf(
                        $around->withPattern(Adjusted::of($around->pattern, Dates::of(DateRange::day($date)))),
                    ),
                );
        }
        $sheet->load('blocks');
    }

    /** @param  non-empty-list<KnockTerms>  $terms */
    private static function around(array $terms, int $minutes, LocalDate $today): ?CoreBlock
    {
        return KnockTerms::hoursOfAll($terms)->block($minutes, $today, $today->plusDays(self::REACHES));
    }

    /** What it asks: whom it concerns, what is stated in the knock itself, and what the host adds. */
    private static function questions(KnockTerms $terms): Questions
    {
        return new Questions([
            new Question('student', QuestionKind::Student, Words::say('knocks.field_student'), '', false),
            new Question('phone', QuestionKind::Phone, Words::say('knocks.field_phone'), '', false),
            new Question('details', QuestionKind::Long, Words::say('knocks.field_about'), '', false),
            new Question('work', QuestionKind::Address, Words::say('knocks.field_work'), '', false),
            ...$terms->questions->all,
        ]);
    }

    /** @return array<string, mixed> */
    private static function place(SavedPlace $place): array
    {
        $each = $place->kind === PlaceKind::Video && $place->link === null;

        return [
            'kind' => $place->kind,
            'label' => $place->label,
            'link' => $place->link,
            'directions' => $place->directions,
            'link_mode' => $each ? LinkMode::Each : LinkMode::One,
            'position' => 0,
        ];
    }
}
