<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Recess\Message;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/**
 * The components of an iCalendar text one at a time, so that a large calendar is never in memory as objects all at once.
 */
final readonly class Chunks
{
    /**
     * @param  list<array{string, int, string}>  $chunks  name, line (from 1) and text of each component
     * @param  array<int, list<int>>  $inner  the lines on which parts of a component begin, by the component's line
     * @param  list<Skipped>  $skipped
     */
    private function __construct(
        private array $chunks,
        private array $inner,
        public array $skipped,
        /** X-WR-TIMEZONE, which many programs write for floating times. */
        public ?string $zoneName,
    ) {}

    /** @throws CalendarNotReadable */
    public static function of(string $text, Limits $limits): self
    {
        if (strlen($text) > $limits->bytes) {
            throw CalendarNotReadable::tooLarge(strlen($text), $limits->bytes);
        }
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        if (
            preg_match('/^\s*BEGIN:VCALENDAR\s*$/mi', substr($text, 0, 4096)) !== 1 ||
            stripos(ltrim($text), 'BEGIN:VCALENDAR') !== 0
        ) {
            throw CalendarNotReadable::notACalendar();
        }

        $chunks = $inner = $skipped = $open = [];
        $zoneName = null;
        $from = 0;
        $began = 1;
        foreach (self::lines($text) as $line => [$offset, $content]) {
            if (preg_match('/^BEGIN:\s*([\w-]+)\s*$/i', $content, $part) === 1) {
                $open[] = strtoupper($part[1]);
                if (count($open) === 2) {
                    $from = $offset;
                    $began = $line;
                } elseif (count($open) === 3) {
                    $inner[$began][] = $line;
                }
            } elseif (preg_match('/^END:\s*([\w-]+)\s*$/i', $content, $part) === 1) {
                $name = array_pop($open);
                if ($name !== strtoupper($part[1])) {
                    throw CalendarNotReadable::atLine(
                        $line,
                        Message::of('given.ends_otherwise', ends: strtoupper($part[1]), begun: $name ?? 'undefined'),
                    );
                }
                if (count($open) !== 1) {
                    continue;
                }
                if (count($chunks) >= $limits->components) {
                    $skipped[] = new Skipped(
                        $began,
                        $name,
                        Message::of('given.only_entries', most: $limits->components),
                    );

                    return new self($chunks, $inner, $skipped, $zoneName);
                }
                $chunks[] = [$name, $began, substr($text, $from, $offset + strlen($content) - $from)];
            } elseif (count($open) === 1 && preg_match('/^X-WR-TIMEZONE:(.+)$/i', $content, $part) === 1) {
                $zoneName = trim($part[1]);
            }
        }
        if ($open !== []) {
            throw CalendarNotReadable::neverEnds($began, $open[count($open) - 1]);
        }

        return new self($chunks, $inner, $skipped, $zoneName);
    }

    /**
     * The components of that name, with the line each begins on.
     *
     * @param  list<Skipped>  $skipped  gets those that cannot be read
     * @return \Generator<int, Component>
     */
    public function named(string $wanted, array &$skipped): \Generator
    {
        foreach ($this->chunks as [$name, $line, $text]) {
            if ($name !== $wanted) {
                continue;
            }
            try {
                $calendar = Reader::read(
                    "BEGIN:VCALENDAR\r\n$text\r\nEND:VCALENDAR\r\n",
                    Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES,
                );
            } catch (ParseException) {
                $skipped[] = new Skipped($line, $name, Message::of('given.unreadable'));

                continue;
            }
            $component = $calendar instanceof VCalendar ? $calendar->getComponents()[0] ?? null : null;
            if ($component instanceof Component) {
                yield $line => $component;
            }
        }
    }

    /**
     * The lines on which the parts of the component that begins on that line begin, in order.
     *
     * @return list<int>
     */
    public function partsOf(int $line): array
    {
        return $this->inner[$line] ?? [];
    }

    /**
     * Lines by number, each with where it begins; a folded line's continuation is a line of its own.
     *
     * @return \Generator<int, array{int, string}>
     */
    private static function lines(string $text): \Generator
    {
        $length = strlen($text);
        for ($offset = 0, $number = 1; $offset < $length; $number++) {
            $size = strcspn($text, "\r\n", $offset);
            yield $number => [$offset, substr($text, $offset, $size)];
            $offset += $size;
            $offset += substr($text, $offset, 2) === "\r\n" ? 2 : 1;
        }
    }
}
