<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Reading;
use App\Framework\Words;
use App\Models\School;
use App\Timetables\Sentence;
use Recess\Quick\Context;
use Recess\Quick\Note;
use Recess\Quick\QuickAsks;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickNotReadable;
use Recess\Quick\QuickPrint;
use Recess\Quick\Said;
use Recess\Quick\Tongue;
use Recess\Slots\Block;
use Recess\Time\LocalDate;

/** The quick line of a worksheet: what was typed, understood, asked back or refused, and how blocks are said in one. */
final readonly class TypedLine
{
    private function __construct(
        public ?Said $said = null,
        private ?QuickAsks $asks = null,
        private ?QuickNotReadable $refused = null,
    ) {}

    public static function of(?string $line, WorksheetReader $reader): self
    {
        if ($line === null || trim($line) === '') {
            return new self();
        }
        try {
            return new self(said: QuickLine::parse($line, self::context($reader->writer->school, $reader->today)));
        } catch (QuickAsks $asks) {
            return new self(asks: $asks);
        } catch (QuickNotReadable $failure) {
            return new self(refused: $failure);
        }
    }

    /** What a line may leave unsaid at a school, typed by whoever reads. */
    public static function context(School $school, LocalDate $today): Context
    {
        return new Context(
            $today,
            $school->termRanges(),
            $school->closedDays(),
            $school->country,
            Reading::now()->language,
        );
    }

    /**
     * The blocks that the line says, with what no line can say taken from those that were there: their places, and
     * single occurrences that are closed, moved or at other hours, where the block still falls on their dates.
     *
     * @param  array<int, Block>  $before
     * @return list<Block>
     */
    public function blocks(array $before): array
    {
        $blocks = [];
        foreach ($this->said->blocks ?? [] as $i => $block) {
            foreach ($before[$i]->changes ?? [] as $day => $change) {
                $date = LocalDate::fromDay($day);
                if ($block->pattern->dates($date, $date->plusDays(1)) !== []) {
                    $block = $block->withChange($date, $change);
                }
            }
            $blocks[] = $block->at($before[$i]->places ?? []);
        }

        return $blocks;
    }

    /** @return array{line_error: LineErrorShape|null, line_asks: LineAsksShape|null, notes: list<LineNoteShape>} the part of a Drawing that is about the line */
    public function toArray(): array
    {
        return [
            'line_error' =>
                $this->refused === null
                    ? null
                    : [
                        'message' => Words::why($this->refused),
                        'position' => $this->refused->position,
                        'length' => $this->refused->length,
                        'understood' => self::inItsLanguage($this->refused->understood),
                    ],
            'line_asks' =>
                $this->asks === null
                    ? null
                    : [
                        'asks' => Words::why($this->asks),
                        'readings' => array_map(
                            static fn(Said $said): array => [
                                'line' => self::inItsLanguage($said->line()),
                                'said' => self::sentences($said->blocks),
                            ],
                            $this->asks->readings,
                        ),
                    ],
            'notes' => array_map(
                static fn(Note $note): array => [
                    'message' => Words::message($note->message),
                    'other' =>
                        $note->otherLine === null || $note->other === null
                            ? null
                            : ['line' => $note->otherLine, 'label' => Words::message($note->other)],
                ],
                $this->said->notes ?? [],
            ),
        ];
    }

    /** @param  list<Block>  $blocks */
    private static function sentences(array $blocks): string
    {
        return implode(' ', array_map(Sentence::of(...), $blocks));
    }

    /** @param  array<int, Block>  $blocks */
    public static function saying(array $blocks, School $school): string
    {
        return self::inItsLanguage(
            implode(
                '; ',
                array_map(static fn(Block $block): string => QuickPrint::line($block, $school->closedDays()), $blocks),
            ),
        );
    }

    /** A line as whoever reads it would type it. */
    private static function inItsLanguage(string $line): string
    {
        return Tongue::of(Reading::now()->language)->says($line);
    }

    /**
     * The single occurrences of a block that no line can say.
     *
     * @return list<array{date: string, said: string}>
     */
    public static function beside(Block $block): array
    {
        $beside = [];
        foreach ($block->changes as $day => $change) {
            $date = LocalDate::fromDay($day);
            $beside[] = ['date' => (string) $date, 'said' => Sentence::change($date, $change)];
        }

        return $beside;
    }
}
