<?php

declare(strict_types=1);

namespace App\Knocks;

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
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Sheet as CoreSheet;
use Recess\Slots\Block as CoreBlock;
use Recess\Slots\Cut;
use Recess\Time\Hours;
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
        $sheet->fill([
            'slug' => 'asked-'.Str::lower(Str::random(24)), 'uid' => Str::uuid()->toString(), 'title' => $wish->title, 'state' => SheetState::Closed, 'put_away_at' => Instant::column($now), 'published_at' => Instant::column($now), 'intro' => '',
            'questions' => self::questions($first),
            'rules' => Stated::of(['lead_minutes' => max(array_map(static fn (KnockTerms $one): int => $one->lead_hours, $terms)) * 60, 'furthest_days' => null]),
        ])->save();
        $today = $first->host->school->timeZone()->dateAt($now);
        $block = KnockTerms::hoursOfAll($terms)->block($wish->spans[0]->minutes(), $today, $today->plusDays(self::REACHES));
        $block === null || $sheet->blocks()->create(Block::columnsOf($block));
        foreach (array_slice($terms, 1) as $one) {
            $sheet->colleagues()->create(['staff_id' => $one->staff_id, 'role' => HostRole::Must, 'told_at' => Instant::column($now)]);
        }
        $sheet->places()->create(self::place($wish->place));

        return Sheet::query()->with(Sheet::PARTS)->findOrFail($sheet->id);
    }

    /** The sheet as the judge sees it for one time: whoever can be asked can be asked for any, not for those it is cut into. */
    public static function at(Sheet $sheet, Span $span): Sheet
    {
        $sheet->atHand = null;
        $core = $sheet->toCore();
        $zone = $core->zone;
        $block = CoreBlock::of(OnDates::of($zone->dateAt($span->start)), Hours::lasting($zone->timeAt($span->start), $span->minutes()), Cut::of($span->minutes()));
        $sheet->atHand = new CoreSheet($zone, [$block], $core->hosts, $core->rules, $core->places, $core->closedDays, travel: $core->travel);

        return $sheet;
    }

    /** Cut as long as the meeting that was agreed: so it stays that long when its host moves it. */
    public static function cutTo(Sheet $sheet, int $minutes): void
    {
        foreach ($sheet->blocks as $block) {
            $block->update(['record' => ['minutes' => $minutes] + $block->record]);
        }
    }

    /** What it asks: whom it concerns, what is stated in the knock itself, and what the host adds. */
    private static function questions(KnockTerms $terms): Questions
    {
        return new Questions([
            new Question('student', QuestionKind::Student, 'Student’s name', '', false),
            new Question('phone', QuestionKind::Phone, 'Phone number', '', false),
            new Question('details', QuestionKind::Long, 'What it is about', '', false),
            new Question('work', QuestionKind::Address, 'Address of the work', '', false),
            ...$terms->questions->all,
        ]);
    }

    /** @return array<string, mixed> */
    private static function place(SavedPlace $place): array
    {
        $each = $place->kind === PlaceKind::Video && $place->link === null;

        return ['kind' => $place->kind, 'label' => $place->label, 'link' => $place->link, 'directions' => $place->directions, 'link_mode' => $each ? LinkMode::Each : LinkMode::One, 'position' => 0];
    }
}
