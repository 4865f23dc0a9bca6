<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Audience;
use App\Models\HostRole;
use App\Models\LinkMode;
use App\Models\PlaceKind;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\StaffMember;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Recess\Hosts;
use Recess\RecessException;
use Recess\Records\BlockReader;
use Recess\Records\RecordNotValid;
use Recess\Repeat\Adjusted;
use Recess\Repeat\OnDates;
use Recess\Repeat\Repeating;
use Recess\Rules\Rulebook;
use Recess\Rules\Stated;
use Recess\Rules\TermKind;
use Recess\Sheet as CoreSheet;
use Recess\Slots\Block;
use Recess\Slots\Tally;
use Recess\Time\LocalDate;

/**
 * Reads a worksheet as it is typed. Everything wrong is found at once, each thing at its field; what can be read is
 * there even when something else cannot, so that the rulers go on being drawn.
 */
final class WorksheetReader
{
    /** A year typed with a digit too many is a slip, not a plan. */
    private const DAYS_AHEAD = 3 * 366;

    /** Three years of full school days in ten-minute meetings are about half of this. */
    private const MOST_SLOTS = 60_000;

    /** @var array<string, list<string>> messages by field, such as "blocks.0.hours.0.until" */
    public array $errors = [];

    /** @var array<int, Block> those that can be read, by their place in the form */
    public array $blocks = [];

    /** @param  array<mixed>  $form as SheetForm in docs/formats/recess.openapi.yaml */
    private function __construct(
        public readonly array $form,
        public readonly StaffMember $writer,
        public readonly ?Sheet $sheet,
        public readonly LocalDate $today,
    ) {}

    /** @param  array<mixed>  $form */
    public static function read(array $form, StaffMember $writer, ?Sheet $sheet, int $now): self
    {
        $reader = new self($form, $writer, $sheet, $writer->school->timeZone()->dateAt($now));
        $reader->errors = Validator::make($form, $reader->rules())->errors()->toArray();
        $reader->readBlocks();
        $reader->checkQuestionsAndPlaces();
        if (!self::namesHosts($writer, $sheet) && $reader->namesOthers()) {
            $reader->errors['hosts'][] = Words::say('colleagues.owner_names', ['owner' => $sheet->host->name ?? '']);
        }
        if (!isset($reader->errors['audience.classes']) && !ForWhom::read($form)->isKnownAt($writer->school_id)) {
            $reader->errors['audience'][] = Words::say('directory.not_known');
        }

        return $reader;
    }

    /**
     * Whose a sheet is says who else is on it, and so does the office. Whoever only looks after it, for a while or for good,
     * gives nobody what they have themselves, and keeps it no longer than it was given to them.
     */
    public static function namesHosts(StaffMember $writer, ?Sheet $sheet): bool
    {
        return $sheet === null || $sheet->staff_id === $writer->id || $writer->office;
    }

    private function namesOthers(): bool
    {
        $said = array_column($this->list('hosts'), 'role', 'id');
        $are = $this->sheet === null ? [] : array_column(SheetFormData::of($this->sheet)['hosts'], 'role', 'id');
        ksort($said);
        ksort($are);

        return $said !== $are;
    }

    /** @return array<string, list<mixed>> */
    private function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'kind' => [Rule::enum(SheetKind::class)->only(SheetKind::written())],
            'intro' => ['nullable', 'string', 'max:4000'],
            'blocks' => ['required', 'array', 'max:40'],
            'joining' => ['boolean'],
            'places' => ['required', 'array', 'max:12'],
            'places.*.kind' => ['required', Rule::enum(PlaceKind::class)],
            'places.*.label' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'places.*.link' => ['nullable', 'string', 'max:2000', 'url:http,https'],
            'places.*.link_mode' => [Rule::enum(LinkMode::class)],
            'places.*.directions' => ['nullable', 'string', 'max:500'],
            ...TypedQuestions::rules(40),
            ...self::rulebook(),
            'audience' => ['array'],
            'audience.kind' => ['required_with:audience', Rule::enum(Audience::class)],
            'audience.classes' => ['array', 'max:200'],
            'audience.classes.*' => ['integer'],
            'audience.students' => ['array', 'max:500'],
            'audience.students.*.id' => ['required', 'integer'],
            'hosts' => ['array', 'max:20'],
            'hosts.*.id' => [
                'required',
                'integer',
                'distinct',
                Rule::exists('staff', 'id')
                    ->where('school_id', $this->writer->school_id)
                    ->whereNull('left_at')
                    ->where('reader', 0)
                    ->whereNot('id', $this->sheet->staff_id ?? $this->writer->id),
            ],
            'hosts.*.role' => ['required', Rule::enum(HostRole::class)],
        ];
    }

    /** @return array<string, list<mixed>> how the fields of the rulebook are checked: what is not there has its default */
    private static function rulebook(): array
    {
        $rules = [];
        foreach (Rulebook::terms() as $term) {
            $need = match (true) {
                $term->unless !== null => ['sometimes', "required_without:rules.$term->unless", 'nullable'],
                $term->canBeNone || $term->kind === TermKind::Clock => ['nullable'],
                default => ['sometimes', 'required'],
            };
            $rules["rules.$term->name"] = match ($term->kind) {
                TermKind::Whole => [...$need, 'integer', "between:$term->least,$term->most"],
                TermKind::Yes => ['sometimes', 'boolean'],
                TermKind::Clock => [...$need, 'string', 'date_format:H:i'],
                TermKind::Moment => [
                    ...$need,
                    'date_format:Y-m-d\\TH:i',
                    ...$term->after === null ? [] : ["after:rules.$term->after"],
                ],
                TermKind::Choice => [...$need, Rule::in($term->choices)],
                TermKind::Wholes => ['sometimes', 'array', 'max:' . $term->atMost()],
            };
            if ($term->kind === TermKind::Wholes) {
                $rules["rules.$term->name.*"] = ['integer', "between:$term->least,$term->most"];
            }
        }

        return $rules;
    }

    private function readBlocks(): void
    {
        foreach ($this->list('blocks') as $i => $record) {
            try {
                $block = BlockReader::read($record);
            } catch (RecordNotValid $failure) {
                foreach ($failure->errors as $field => $message) {
                    $this->errors["blocks.$i.$field"][] = Words::message($message);
                }

                continue;
            }
            if ($this->slotsOf($block) > self::MOST_SLOTS) {
                $this->errors["blocks.$i.minutes"][] = Words::say('sheets.too_many', ['most' => self::MOST_SLOTS]);

                continue;
            }
            if (array_filter($block->places, fn(int $place): bool => $place >= count($this->list('places'))) !== []) {
                $block = $block->at(
                    array_values(
                        array_filter($block->places, fn(int $place): bool => $place < count($this->list('places'))),
                    ),
                );
            }
            $this->blocks[$i] = $block;
            $this->checkDates($i, $block);
        }
        if ($this->blocks !== []) {
            try {
                $this->tally();
            } catch (RecessException $failure) {
                $this->errors['blocks'][] = Words::why($failure);
            }
        }
    }

    /** About how many slots come of it, counted without making them. */
    private function slotsOf(Block $block): int
    {
        $dates = count($block->pattern->dates($this->today->plusDays(-366), $this->today->plusDays(self::DAYS_AHEAD)));
        $perDay = 0;
        foreach ($block->usual->hours as $hours) {
            $perDay += intdiv($hours->minutes, $block->cut->minutes + $block->cut->gap) + 1;
        }

        return $dates * $perDay;
    }

    /** Past dates are slips, unless the sheet has had them all along. */
    private function checkDates(int $i, Block $block): void
    {
        $pattern = $block->pattern instanceof Adjusted ? $block->pattern->pattern : $block->pattern;
        $field = $pattern instanceof OnDates ? "blocks.$i.dates" : "blocks.$i.until";
        $dates = $pattern instanceof OnDates ? $pattern->dates : array_filter([$pattern->last()]);
        foreach ($dates as $date) {
            $problem = match (true) {
                $date->isBefore($this->today) && !$this->hadAlready($date) => 'sheets.date_past',
                $date->isAfter($this->today->plusDays(self::DAYS_AHEAD)) => 'sheets.date_far',
                default => null,
            };
            if ($problem !== null) {
                $this->errors[$field][] = Words::say($problem, ['date' => Spell::plainDate($date)]);

                return;
            }
        }
        if ($pattern instanceof Repeating && $pattern->first->isAfter($this->today->plusDays(self::DAYS_AHEAD))) {
            $this->errors["blocks.$i.first"][] = Words::say('sheets.date_far', [
                'date' => Spell::plainDate($pattern->first),
            ]);
        }
    }

    private function hadAlready(LocalDate $date): bool
    {
        foreach ($this->sheet?->coreBlocks() ?? [] as $block) {
            if (
                $block->pattern->last()?->isBefore($this->today) ||
                $block->pattern->dates($date, $date->plusDays(1)) !== []
            ) {
                return true;
            }
        }

        return false;
    }

    private function checkQuestionsAndPlaces(): void
    {
        $this->errors = array_merge_recursive($this->errors, TypedQuestions::wrong($this->list('questions')));
        foreach ($this->list('places') as $i => $place) {
            if (
                ($place['kind'] ?? '') === 'video' &&
                ($place['link_mode'] ?? 'one') === 'one' &&
                ($place['link'] ?? '') === '' &&
                !WorksheetData::makesRooms()
            ) {
                $this->errors["places.$i.link"][] = Words::say('sheets.link_needed');
            }
            if (($place['link_mode'] ?? '') === 'each' && !WorksheetData::makesRooms()) {
                $this->errors["places.$i.link_mode"][] = Words::say('sheets.no_link_maker');
            }
        }
    }

    /** The rules as they are stated, or their defaults. */
    public function sheetRules(): Stated
    {
        $rules = $this->form['rules'] ?? [];

        return Stated::of(is_array($rules) ? $rules : []);
    }

    /** The times alone, whatever else is wrong with the worksheet. */
    public function times(): CoreSheet
    {
        $school = $this->writer->school;

        return new CoreSheet(
            $school->timeZone(),
            array_values($this->blocks),
            Hosts::of(0),
            Stated::of(),
            closedDays: $school->closedDays(),
            joining: (bool) ($this->form['joining'] ?? false),
        );
    }

    /**
     * All that comes of the blocks that can be read, counted.
     *
     * @throws RecessException when blocks overlap that are not to be joined
     */
    public function tally(): Tally
    {
        return $this->times()->tally(...$this->times()->reach($this->today));
    }

    /** Whether it goes on for ever. */
    public function isEndless(): bool
    {
        return array_filter($this->blocks, static fn(Block $block): bool => $block->pattern->last() === null) !== [];
    }

    /** @return list<array<mixed>> */
    public function list(string $field): array
    {
        $list = $this->form[$field] ?? [];

        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    public function text(string $field): string
    {
        return is_string($this->form[$field] ?? null) ? trim($this->form[$field]) : '';
    }

    /** What the worksheet states, when nothing is wrong with it. */
    public function statement(): SheetStatement
    {
        $blocks = array_values($this->blocks);
        $places = $this->places();
        if ($this->errors !== [] || $blocks === [] || $places === []) {
            throw new \LogicException('Asked for the statement of a worksheet that is not in order.');
        }
        $colleagues = [];
        foreach ($this->list('hosts') as $one) {
            $colleagues[(int) (is_scalar($one['id'] ?? null) ? $one['id'] : 0)] = HostRole::from(
                is_string($one['role'] ?? null) ? $one['role'] : '',
            );
        }

        return new SheetStatement(
            title: $this->text('title'),
            intro: $this->text('intro'),
            blocks: $blocks,
            places: $places,
            questions: TypedQuestions::read($this->list('questions')),
            rules: $this->sheetRules(),
            kind: SheetKind::tryFrom($this->text('kind')) ?? SheetKind::Conferences,
            joining: (bool) ($this->form['joining'] ?? false),
            colleagues: $colleagues,
            forWhom: ForWhom::read($this->form),
        );
    }

    /** @return list<PlaceStatement> those that are stated well enough to show */
    public function places(): array
    {
        $places = [];
        foreach ($this->list('places') as $place) {
            $text = static fn(string $field): string => is_string($place[$field] ?? null) ? trim($place[$field]) : '';
            $kind = PlaceKind::tryFrom($text('kind'));
            if ($kind !== null && $text('label') !== '') {
                $places[] = new PlaceStatement(
                    $kind,
                    $text('label'),
                    $text('link') ?: null,
                    $text('directions'),
                    LinkMode::tryFrom($text('link_mode')) ?? LinkMode::One,
                    is_int($place['id'] ?? null) ? $place['id'] : null,
                );
            }
        }

        return $places;
    }
}
