<?php

declare(strict_types=1);

namespace App\CalendarServers;

use App\Framework\Said;

/** Finds somebody's calendars on a server from any address of it that they gave (RFC 6764, 6; RFC 5397; RFC 4791, 6.2.1). */
final class FindCalendars
{
    /** More nobody ticks. */
    private const MOST = 100;

    private const OF_CALENDAR = [
        'd:resourcetype',
        'd:displayname',
        'd:current-user-privilege-set',
        'c:supported-calendar-component-set',
    ];

    /**
     * @param  string  $address  as it was given
     * @return list<array{path: string, name: string, can_write: bool}>
     *
     * @throws DavFailed
     */
    public function __invoke(Dav $dav, string $address): array
    {
        $given = parse_url($address, PHP_URL_PATH);
        $given = is_string($given) && $given !== '' ? $given : '/';
        $failure = null;
        foreach (array_unique([$given, '/.well-known/caldav', '/']) as $path) {
            try {
                $found = $this->from($dav, $path);
                if ($found !== []) {
                    return $found;
                }
            } catch (DavFailed $one) {
                // A wrong password is one everywhere; that an address is none of a calendar's says nothing of the next.
                if ($one->status === 401) {
                    throw $one;
                }
                $failure ??= $one;
            }
        }

        throw $failure ?? new DavFailed(new Said('servers.no_calendars'));
    }

    /** @return list<array{path: string, name: string, can_write: bool}> */
    private function from(Dav $dav, string $path): array
    {
        $at = $dav->find($path, ['d:current-user-principal', 'd:resourcetype', 'c:calendar-home-set'])[0] ?? null;
        if ($at === null) {
            return [];
        }
        // The address of one calendar was given: that one, and no others.
        if ($at->has('d:resourcetype/c:calendar')) {
            return $this->calendars($dav, $path, 0);
        }
        $principal = Multistatus::path($at->text('d:current-user-principal/d:href'), $dav->origin);
        $of = $principal === null ? $at : $dav->find($principal, ['c:calendar-home-set'])[0] ?? $at;
        $home = Multistatus::path($of->text('c:calendar-home-set/d:href'), $dav->origin);

        return $home === null ? [] : $this->calendars($dav, $home, 1);
    }

    /** @return list<array{path: string, name: string, can_write: bool}> */
    private function calendars(Dav $dav, string $path, int $depth): array
    {
        $found = [];
        foreach ($dav->find($path, self::OF_CALENDAR, $depth) as $one) {
            $components = 'c:supported-calendar-component-set/c:comp';
            $takesEvents = !$one->has($components) || $one->has($components . "[@name='VEVENT']");
            if ($one->has('d:resourcetype/c:calendar') && $takesEvents && count($found) < self::MOST) {
                $privileges = 'd:current-user-privilege-set/d:privilege/d:';
                $name = preg_replace('/[\p{Cc}\p{Cf}]+/u', ' ', mb_scrub($one->text('d:displayname')));
                $found[] = [
                    'path' => $one->path,
                    'name' => mb_strimwidth(trim((string) $name) ?: basename($one->path), 0, 120, '…'),
                    // A server that says nothing of it lets its owner write.
                    'can_write' =>
                        !$one->has('d:current-user-privilege-set') ||
                        $one->has($privileges . 'write') ||
                        $one->has($privileges . 'all') ||
                        $one->has($privileges . 'write-content') ||
                        $one->has($privileges . 'bind'),
                ];
            }
        }

        return $found;
    }
}
