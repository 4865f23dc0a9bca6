<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\CardCode;
use App\Directory\Guardian;
use App\Directory\Teachers;
use App\Framework\Printed;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Reach;
use App\Models\Round;
use App\Models\StaffMember;
use App\Sharing\Cards;

/** A round's paper cards, ten to a sheet and by class: a code to type, one to photograph, and who teaches the children. */
enum RoundCards: string
{
    case All = 'all';

    case WithoutMail = 'without-mail';

    /** For whose children nobody has booked. */
    case Missing = 'missing';

    /** So many teachers fit onto a card. */
    private const NAMED = 6;

    /** @param  int|null  $class  of its students' families alone */
    public function pdf(Round $round, ?int $class = null): string
    {
        $in = array_flip(
            array_map(intval(...), RoundHost::query()->where('round_id', $round->id)->pluck('staff_id')->all()),
        );
        $names = StaffMember::query()->whereKey(array_keys($in))->pluck('name', 'id')->all();
        $cards = [];
        $last = Reach::round($round)->ends();
        $students = $this === self::Missing ? Unheard::in($round) : Unheard::all($round);
        $class === null || $students->whereHas('classes', static fn($one) => $one->where('school_classes.id', $class));
        $all = $students->count();
        foreach (Cards::familiesOf($students) as $one) {
            if ($this !== self::WithoutMail || $one['guardian']->email === null) {
                $how = Words::say('rounds.card_how', [
                    'address' => url('/card'),
                    'teachers' => self::teachers($one['guardian'], $names),
                ]);
                $cards[] = Cards::card(
                    $one['guardian']->name,
                    Words::say('sheets.card_for', ['students' => $one['students']]),
                    CardCode::of($one['guardian'], $round, $last),
                    $how,
                    $round->linkFor($one['guardian']->pass()),
                );
            }
        }

        return Printed::pages(
            'paper.cards',
            array_chunk($cards, Cards::ON_A_SHEET),
            [
                'title' => $round->title,
                'about' => self::dates($round),
                'cut' =>
                    $all > Cards::MOST ? Words::say('rounds.cards_cut', ['most' => Cards::MOST, 'all' => $all]) : '',
            ],
            $round->school->country,
        );
    }

    /** @param  array<int, string>  $names  of those who are in the round */
    private static function teachers(Guardian $guardian, array $names): string
    {
        $staff = array_unique(array_merge([], ...Teachers::of($guardian->students()->with('classes')->get())));

        $theirs = array_values(array_intersect_key($names, array_flip($staff)));
        $more = count($theirs) - self::NAMED;

        if ($more > 1) {
            return Words::say('rounds.card_teachers', [
                'names' => Spell::row(array_slice($theirs, 0, self::NAMED)),
                'more' => $more,
            ]);
        }

        return Spell::list($theirs) ?: 'none';
    }

    private static function dates(Round $round): string
    {
        $dates = $round->dates();

        return $dates->first->equals($dates->last)
            ? Spell::date($dates->first)
            : Words::say('rounds.dates', [
                'first' => Spell::shortDate($dates->first),
                'last' => Spell::shortDate($dates->last),
            ]);
    }
}
