<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Booking;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a route leaves in the log, declared at it:
 *
 * `logged:WORD` – whoever did that, or looked at that, and at whose; a look once an hour, and none at one's own.
 * `logged:itself` – its action says more than the route knows, and notes it.
 * `logged:nothing,WHY` – there is nothing to note: `own` (one's own things, or what one is about to write), `figures` (numbers
 * without people), `visitor` (what visitors do stands on their bookings), `stranger` (nobody is known yet).
 */
final class Logged
{
    public const WHY = ['own', 'figures', 'visitor', 'stranger'];

    private const HOUR = 3600;

    /** What is pressed many times in an evening is one line an hour, as a look is. */
    private const OFTEN = [
        'pressed',
        'expected',
        'sheet_changed',
        'round_written',
        'allotment_pinned',
        'allotment',
        'afterwards',
        'round',
        'days_looked',
    ];

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next, string $what, string $why = ''): Response
    {
        $response = $next($request);
        $reader = $request->user();
        if (
            $what !== 'itself' &&
            $what !== 'nothing' &&
            $reader instanceof StaffMember &&
            $response->getStatusCode() < 400 &&
            $this->isNearest($request, $what)
        ) {
            $this->note($request, $reader, $what);
        }

        return $response;
    }

    /** What a route has declared; null where it has not. */
    public static function of(Route $route): ?string
    {
        $declared = preg_grep('/^logged:/', array_filter($route->gatherMiddleware(), is_string(...))) ?: [];

        return $declared === [] ? null : substr((string) end($declared), strlen('logged:'));
    }

    /** Of two declarations the one nearest to the route counts. */
    private function isNearest(Request $request, string $what): bool
    {
        return self::of($request->route()) === $what;
    }

    private function note(Request $request, StaffMember $reader, string $what): void
    {
        $about =
            array_values(
                array_filter($request->route()->parameters(), static fn(mixed $one): bool => $one instanceof Model),
            )[0] ?? null;
        $file = array_filter(
            [$request->route('what'), $request->route('list'), $request->route('paper')],
            is_string(...),
        );
        $often = $request->isMethodSafe() || in_array($what, self::OFTEN, true);
        // What leaves the house is written down, whosever it is.
        $leaves = $what === 'file' || $what === 'lists' || $what === 'slip';
        if (
            $often &&
            ((!$leaves && $this->isOwn($reader, $about)) ||
                !self::isFirst(
                    "$reader->id|$what|" .
                        ($about === null ? '' : $about::class . $about->getKey()) .
                        '|' .
                        current($file),
                ))
        ) {
            return;
        }
        LogBook::note($what, $about?->exists === true ? $about : null, [
            'about' => self::named($about),
            'what' => current($file) ?: 'none',
            'host' => $about instanceof Sheet ? $about->host->name : 'none',
        ]);
    }

    private function isOwn(StaffMember $reader, ?Model $about): bool
    {
        return match (true) {
            $about instanceof Sheet => $about->isRunBy($reader),
            $about instanceof Booking => $about->sheet->isRunBy($reader),
            $about instanceof StaffMember => $about->is($reader),
            default => false,
        };
    }

    /** Whether it is the first within an hour; where nothing is kept at hand, each is. */
    private static function isFirst(string $what): bool
    {
        return AtHand::isFirst("looked|$what", self::HOUR);
    }

    private static function named(?Model $about): string
    {
        $name = match (true) {
            $about instanceof Sheet, $about instanceof Round => $about->title,
            $about instanceof Booking => $about->sheet->title,
            default => $about?->getAttributes()['name'] ?? ($about?->getAttributes()['title'] ?? null),
        };

        return is_string($name) && $name !== '' ? $name : 'none';
    }
}
