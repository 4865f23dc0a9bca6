<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Words;
use App\Models\Block;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\School\UsualQuestions;
use Recess\Rules\Stated;
use Recess\Time\LocalDate;

/** What a worksheet says: of a sheet that is there, or of a new one of some kind. */
final class SheetFormData
{
    /** @return SheetFormShape as SheetForm in docs/formats/recess.openapi.yaml */
    public static function of(Sheet $sheet): array
    {
        return [
            'title' => $sheet->title,
            'kind' => $sheet->kind->value,
            'intro' => $sheet->intro,
            'blocks' => array_values(
                $sheet->blocks
                    ->map(static fn(Block $block): array => \Recess\Records\BlockRecord::of($block->toCore()))
                    ->all(),
            ),
            'joining' => $sheet->joining,
            'places' => array_values(
                $sheet->places
                    ->map(
                        static fn(Place $place): array => [
                            'id' => $place->id,
                            'kind' => $place->kind->value,
                            'label' => $place->label,
                            'link' => $place->link ?? '',
                            'link_mode' => $place->link_mode->value,
                            'directions' => $place->directions,
                        ],
                    )
                    ->all(),
            ),
            'questions' => $sheet->questions->toArray(),
            'rules' => self::rules($sheet->rules),
            'hosts' => array_values(
                $sheet->colleagues
                    ->map(static fn(SheetHost $one): array => ['id' => $one->staff_id, 'role' => $one->role->value])
                    ->all(),
            ),
            'audience' => ForWhom::of($sheet),
            'version' => $sheet->version,
        ];
    }

    /**
     * A new sheet with the usual answers of its kind already in the blanks.
     * Lengths, gap and lead are common practice of the trade, no published source.
     *
     * @return SheetFormShape as SheetForm
     */
    public static function fresh(SheetKind $kind, StaffMember $host, LocalDate $today): array
    {
        $weekly = $kind === SheetKind::OfficeHours;
        $term = null;
        foreach ($host->school->termRanges() as $range) {
            $term ??= $range->last->isBefore($today) ? null : $range;
        }
        $conferences = $kind === SheetKind::Conferences;
        $questions = $conferences
            ? UsualQuestions::all()->toArray()
            : [
                [
                    'key' => 'about',
                    'kind' => 'short',
                    'label' => Words::say('sheets.begins_about'),
                    'help' => '',
                    'required' => $weekly,
                    'on_run_sheet' => true,
                    'choices' => [],
                ],
            ];

        return [
            'title' => match ($kind) {
                SheetKind::Conferences => Words::say('sheets.begins_conferences'),
                SheetKind::OfficeHours => Words::say('sheets.begins_office_hours'),
                default => '',
            },
            'kind' => $kind->value,
            'intro' => '',
            'blocks' => [
                [
                    'kind' => $weekly ? 'weekly' : 'dates',
                    'dates' => [],
                    'weekdays' => [],
                    'month_days' => [],
                    'every' => 1,
                    'first' => (string) ($term !== null && $term->first->isAfter($today) ? $term->first : $today),
                    'until' => $weekly && $term !== null ? (string) $term->last : null,
                    'times' => null,
                    'hours' => [['from' => '', 'until' => '', 'overnight' => false]],
                    'other' => [],
                    'minutes' => $weekly ? 30 : 15,
                    'gap' => $conferences ? 5 : 0,
                    'except' => [],
                    'plus' => [],
                    'changes' => [],
                    'places' => [],
                ],
            ],
            'joining' => false,
            'places' => self::usualPlaces($host),
            'questions' => $questions,
            'rules' => self::rules(Stated::of(['per_student' => $conferences ? 1 : null])),
            'hosts' => [],
            'audience' => ['kind' => 'anyone', 'classes' => [], 'students' => []],
            'version' => 0,
        ];
    }

    /** @return RulesShape */
    private static function rules(Stated $stated): array
    {
        /** @var RulesShape $rules as ops/rules-schema.php writes them from the rulebook, field by field */
        $rules = $stated->toArray();

        return $rules;
    }

    /** @return list<array{id: null, kind: string, label: string, link: string, link_mode: string, directions: string}> where this host met people last; a link is for whom it was sent to, so it does not come along */
    private static function usualPlaces(StaffMember $host): array
    {
        $last = Sheet::query()
            ->where('staff_id', $host->id)
            ->where('kind', '!=', SheetKind::Knock)
            ->orderByDesc('id')
            ->first()
            ?->places->first();

        return [
            [
                'id' => null,
                'kind' => $last->kind->value ?? 'room',
                'label' => $last->label ?? '',
                'link' => '',
                'link_mode' => $last->link_mode->value ?? 'one',
                'directions' => $last->directions ?? '',
            ],
        ];
    }
}
