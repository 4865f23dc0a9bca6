<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\BusySpan;
use App\Models\Instant;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use App\Timetables\RulerNotes;
use App\Timetables\Sentence;
use App\Visiting\VisitSheetData;
use Recess\Quick\Context;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickNotReadable;
use Recess\Quick\QuickPrint;
use Recess\RecessException;
use Recess\Records\BlockRecord;
use Recess\Slots\Block;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Timetable;

/** All that a worksheet shows while it is written: rulers, counts, what looks wrong, and the visitor's page. */
final class Drawing
{
    private const DAYS = 10;

    /**
     * @param  array<mixed>  $input  form, and optionally line (typed in one go) and from (the first day to draw)
     * @return array<string, mixed> as Drawing in docs/formats/recess.openapi.yaml
     */
    public static function of(array $input, WorksheetReader $reader, int $now): array
    {
        $said = null;
        $line = is_string($input['line'] ?? null) ? $input['line'] : null;
        $lineError = null;
        if ($line !== null && trim($line) !== '') {
            try {
                $said = QuickLine::parse($line, new Context($reader->today, $reader->writer->school->termRanges()));
                $form = ['blocks' => array_map(BlockRecord::of(...), $said->blocks)] + $reader->form;
                $reader = WorksheetReader::read($form, $reader->writer, $reader->sheet, $now);
            } catch (QuickNotReadable $failure) {
                $lineError = ['message' => $failure->getMessage(), 'position' => $failure->position, 'length' => $failure->length];
            }
        }
        $from = is_string($input['from'] ?? null) && preg_match('/^\d{4}-\d{2}-\d{2}$/D', $input['from']) === 1 ? LocalDate::parse($input['from']) : null;
        $sheet = PreviewSheet::of($reader);
        $readable = $reader->blocks !== [] && ! isset($reader->errors['blocks']);
        $pieces = $readable ? $reader->pieces() : [];
        $zone = $reader->writer->school->timeZone();
        [$timetable, $later] = $readable ? Judge::page($sheet, $from ?? $reader->today, self::DAYS, $now, Asking::host(), over: true) : [null, null];

        return [
            'blocks' => array_map(static fn (Block $block, int $i): array => [
                'index' => $i,
                'record' => BlockRecord::of($block),
                'line' => self::line($block),
                'sentence' => Sentence::of($block),
            ], $reader->blocks, array_keys($reader->blocks)),
            'line' => self::wholeLine($reader),
            'line_error' => $lineError,
            'notes' => array_map(static fn ($note): string => $note->message, $said->notes ?? []),
            'errors' => (object) array_map(static fn (array $messages): string => $messages[0], $reader->errors),
            'sentence' => $readable ? Sentence::count($pieces, $zone) : '',
            'slots' => array_sum(array_map(static fn (Pieces $stretch): int => count($stretch->slots), $pieces)),
            'left_over' => intdiv(array_sum(array_map(static fn (Pieces $stretch): int => $stretch->leftOver, $pieces)), 60),
            'days' => $timetable === null ? [] : RulerData::days($timetable, new RulerNotes(
                busy: self::busy($reader, $timetable->pieces), origins: self::origins($reader, $timetable),
            )),
            'later' => $later === null ? null : (string) $later,
            'on' => array_values(array_unique(array_map(static fn (Pieces $stretch): string => (string) $zone->dateAt($stretch->stretch->start), $pieces))),
            'warnings' => $timetable === null ? [] : (new LooksWrong($reader, $sheet, $timetable, $pieces))->all(),
            'missing' => self::missing($reader),
            'preview' => $timetable === null ? null : VisitSheetData::of($sheet, $now, Asking::anybody()),
        ];
    }

    private static function line(Block $block): ?string
    {
        try {
            return QuickPrint::line($block);
        } catch (RecessException) {
            // More than a line can say, such as an occurrence that is moved: the blanks say it.
            return null;
        }
    }

    private static function wholeLine(WorksheetReader $reader): ?string
    {
        $lines = array_map(self::line(...), $reader->blocks);

        return in_array(null, $lines, true) ? null : implode('; ', $lines);
    }

    /** @return array<int, array{int, string}> block and date of each stretch, by its start */
    private static function origins(WorksheetReader $reader, Timetable $timetable): array
    {
        $zone = $reader->writer->school->timeZone();
        $dates = $timetable->world->dates;
        $origins = [];
        foreach ($reader->blocks as $i => $block) {
            foreach ($dates === null ? [] : $block->pieces($dates->first, $dates->last->plusDays(1), $zone, $reader->writer->school->closedDays()) as $pieces) {
                $origins[$pieces->stretch->start] = [$i, (string) $zone->dateAt($pieces->stretch->start)];
            }
            foreach ($block->changes as $day => $change) {
                foreach (($change->stretches ?? $block->stretchesOn(LocalDate::fromDay($day)))->hours as $hours) {
                    $span = $change->date === null ? null : $hours->on($change->date, $zone);
                    if ($span !== null) {
                        $origins[$span->start] = [$i, (string) LocalDate::fromDay($day)];
                    }
                }
            }
        }

        return $origins;
    }

    /**
     * What the owner's calendars say of the days shown, with titles: this is the owner's own page.
     *
     * @param  list<Pieces>  $shown
     * @return list<array{Span, string}>
     */
    private static function busy(WorksheetReader $reader, array $shown): array
    {
        if ($shown === [] || ($reader->sheet !== null && $reader->sheet->staff_id !== $reader->writer->id)) {
            return [];
        }

        return array_values(BusySpan::query()
            ->whereIn('calendar_id', $reader->writer->calendars()->pluck('id'))
            ->where('starts_at', '<', Instant::column($shown[count($shown) - 1]->stretch->end + 86_400))
            ->where('ends_at', '>', Instant::column($shown[0]->stretch->start - 86_400))
            ->orderBy('starts_at')->limit(500)->get()
            ->map(static fn (BusySpan $busy): array => [$busy->span(), $busy->title])->all());
    }

    /** @return list<string> what is missing before it can open */
    private static function missing(WorksheetReader $reader): array
    {
        return array_values(array_filter([
            $reader->text('title') === '' ? 'A title' : null,
            $reader->list('blocks') === [] ? 'When: days, times and a length' : ($reader->blocks === [] || array_filter(array_keys($reader->errors), static fn (string $field): bool => str_starts_with($field, 'blocks')) !== [] ? 'When: something there needs another look' : null),
            $reader->places() === [] ? 'Where: a room, the phone or a video link' : null,
        ]));
    }
}
