<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Calendars\ReadCalendar;
use App\Models\Calendar;
use App\Models\Instant;
use Illuminate\Support\Facades\DB;
use Recess\Calendars\BusyTimes;
use Recess\Calendars\CalendarNotReadable;
use Recess\Calendars\Skipped;
use Recess\Message;
use Recess\Time\Span;
use Recess\Time\Spans;

/**
 * Looks at what has changed in one calendar since it was looked at last: fetches that and nothing else, and says what of
 * our meetings its owner has changed there.
 */
final class LookAt
{
    /** Days that are looked at: as far ahead as a feed is. */
    private const DAYS = 400;

    /** Objects that one request asks for. */
    private const AT_ONCE = 50;

    /** Objects of one calendar that are looked at. */
    private const MOST = 5_000;

    /** Bytes of one object that are kept; a larger one is skipped, and said. */
    private const BYTES = 200_000;

    /** Busy times of one calendar that count. */
    private const TIMES = 20_000;

    /** How often a server may say that there is more of what has changed. */
    private const TURNS = 20;

    private const BUSY_IN = <<<'XML'
    <c:calendar-query @ns><d:prop><d:getetag/></d:prop><c:filter><c:comp-filter name="VCALENDAR"><c:comp-filter name="VEVENT">
    <c:time-range start="%s" end="%s"/></c:comp-filter></c:comp-filter></c:filter></c:calendar-query>
    XML;

    private const CHANGED_SINCE = <<<'XML'
    <d:sync-collection @ns><d:sync-token>%s</d:sync-token><d:sync-level>1</d:sync-level><d:prop><d:getetag/></d:prop>
    </d:sync-collection>
    XML;

    private const THESE = <<<'XML'
    <c:calendar-multiget @ns><d:prop><d:getetag/><c:calendar-data/></d:prop>%s</c:calendar-multiget>
    XML;

    public function __construct(private readonly ReadCalendar $read, private readonly NoticeChange $notice) {}

    /** @throws DavFailed */
    public function __invoke(ServerCalendar $calendar, Dav $dav, int $now): void
    {
        $known = $this->known($calendar);
        // Gone through as a whole once a day, for time goes on; and once for what counts as busy from now on.
        $isDue =
            $calendar->listed_at === null ||
            $calendar->listed_at->getTimestamp() < $now - 86_400 ||
            ($calendar->busy !== null && $calendar->busy->fetched_at === null);
        $changes = $isDue || $calendar->token === null ? null : $this->since($calendar, $dav);
        [$there, $gone, $token] = $changes ?? $this->all($calendar, $dav, $known, $now);
        $fresh = array_filter(
            $there,
            static fn(string $etag, string $path): bool => ($known[$path] ?? null) !== $etag || $etag === '',
            ARRAY_FILTER_USE_BOTH,
        );
        $texts = $this->fetched($calendar, $dav, array_keys($fresh));
        // First what is said of it: one that ends in between says it again, and no change is lost.
        ($this->notice)($calendar, $texts, $gone, $now);
        DB::transaction(fn() => $this->keep($calendar, $texts, $gone));
        if ($calendar->busy !== null && ($isDue || $texts !== [] || $gone !== [])) {
            $this->count($calendar, $calendar->busy, $now);
        }
        // Last: one that ends before it is done looks at the same again.
        $calendar->update(['token' => $token ?: null] + ($isDue ? ['listed_at' => Instant::column($now)] : []));
        $calendar->busy?->update(['fetched_at' => Instant::column($now)]);
    }

    /** @return array<string, string> ETags by path */
    private function known(ServerCalendar $calendar): array
    {
        return DB::table('server_objects')
            ->where('server_calendar_id', $calendar->id)
            ->pluck('etag', 'path')
            ->map(static fn(mixed $etag): string => is_string($etag) ? $etag : '')
            ->all();
    }

    /**
     * What the server says has changed (RFC 6578); null where it does not know any more how it was, or never did.
     *
     * @return array{array<string, string>, list<string>, string}|null ETags by path, the paths of what is gone, the new token
     */
    private function since(ServerCalendar $calendar, Dav $dav): ?array
    {
        $there = $gone = [];
        $token = (string) $calendar->token;
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            try {
                $answer = $dav->token(
                    $calendar->path,
                    sprintf(self::CHANGED_SINCE, htmlspecialchars($token, ENT_XML1)),
                );
            } catch (DavFailed $failure) {
                if ($failure->status === 401 || $failure->status === 0) {
                    throw $failure;
                }

                return null;
            }
            $more = false;
            foreach ($answer->resources as $one) {
                if ($one->path === $calendar->path) {
                    // There is more than it says at once (3.6).
                    $more = true;
                } elseif ($one->isGone()) {
                    $gone[$one->path] = $one->path;
                    unset($there[$one->path]);
                } else {
                    $there[$one->path] = $one->text('d:getetag');
                    unset($gone[$one->path]);
                }
            }
            $token = $answer->token;
            if (!$more) {
                return [$there, array_values($gone), $token];
            }
        }

        return null;
    }

    /**
     * All that lies in the days that are looked at.
     *
     * @param  array<string, string>  $known
     * @return array{array<string, string>, list<string>, string}
     */
    private function all(ServerCalendar $calendar, Dav $dav, array $known, int $now): array
    {
        // Before what is there is asked for: what changes between the two is said again, and nothing is missed.
        $token = ($dav->find($calendar->path, ['d:sync-token'])[0] ?? null)?->text('d:sync-token') ?? '';
        $utc = static fn(int $instant): string => gmdate('Ymd\THis\Z', $instant);
        $there = [];
        $body = sprintf(self::BUSY_IN, $utc($now - 86_400), $utc($now + self::DAYS * 86_400));
        foreach ($dav->report($calendar->path, $body) as $one) {
            if (count($there) < self::MOST && $one->path !== $calendar->path) {
                $there[$one->path] = $one->text('d:getetag');
            }
        }

        return [$there, array_values(array_diff(array_keys($known), array_keys($there))), $token];
    }

    /**
     * @param  list<string>  $paths
     * @return array<string, array{string, string}> ETag and text by path
     */
    private function fetched(ServerCalendar $calendar, Dav $dav, array $paths): array
    {
        $texts = [];
        foreach (array_chunk($paths, self::AT_ONCE) as $some) {
            $asked = implode(
                '',
                array_map(
                    static fn(string $path): string => '<d:href>' . htmlspecialchars($path, ENT_XML1) . '</d:href>',
                    $some,
                ),
            );
            foreach ($dav->report($calendar->path, sprintf(self::THESE, $asked)) as $one) {
                $text = $one->text('c:calendar-data');
                if (in_array($one->path, $some, true) && $text !== '') {
                    $texts[$one->path] = [mb_strimwidth($one->text('d:getetag'), 0, 300), $text];
                }
            }
        }

        return $texts;
    }

    /**
     * @param  array<string, array{string, string}>  $texts
     * @param  list<string>  $gone
     */
    private function keep(ServerCalendar $calendar, array $texts, array $gone): void
    {
        $hash = static fn(string $path): string => hash('sha256', $path);
        DB::table('server_objects')
            ->where('server_calendar_id', $calendar->id)
            ->whereIn('path_hash', array_map($hash, [...$gone, ...array_keys($texts)]))
            ->delete();
        $rows = [];
        foreach ($texts as $path => [$etag, $text]) {
            $rows[] = [
                'server_calendar_id' => $calendar->id,
                'path' => $path,
                'path_hash' => $hash($path),
                'etag' => $etag,
                'text' => strlen($text) > self::BYTES ? null : mb_scrub($text),
            ];
        }
        foreach (array_chunk($rows, 100) as $some) {
            DB::table('server_objects')->insert($some);
        }
    }

    /** What is in it takes slots out. */
    private function count(ServerCalendar $calendar, Calendar $busy, int $now): void
    {
        $entries = $skipped = [];
        $objects = DB::table('server_objects')->where('server_calendar_id', $calendar->id)->orderBy('id');
        foreach ($objects->lazyById(200) as $object) {
            if ($object->text === null) {
                $skipped[] = new Skipped(
                    1,
                    basename((string) $object->path),
                    Message::of('given.calendar_too_large', bytes: self::BYTES, most: self::BYTES),
                );

                continue;
            }
            try {
                $read = $this->read->parse($busy, (string) $object->text, $now);
            } catch (CalendarNotReadable $failure) {
                $skipped[] = new Skipped(1, basename((string) $object->path), $failure->says());

                continue;
            }
            array_push($entries, ...$read->entries);
            array_push($skipped, ...$read->skipped);
            if (count($entries) > self::TIMES) {
                break;
            }
        }
        usort($entries, static fn(array $a, array $b): int => $a[0]->start <=> $b[0]->start);
        $spans = Spans::of(array_map(static fn(array $one): Span => $one[0], $entries));
        $this->read->keep($busy, '', new BusyTimes($spans, array_slice($entries, 0, self::TIMES), $skipped), $now);
    }
}
