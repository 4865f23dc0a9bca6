<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\Pass;
use App\Models\ReadsAs;
use App\Models\StaffMember;
use Illuminate\Http\Request;
use Recess\Time\LocalTime;

/**
 * How whoever reads what is being said reads it: in which language, and on which clock.
 *
 * It is with the request, as the framework's own locale is, so that nobody has to hand it through; a letter says for
 * whom it is written (docs/decisions/0035).
 */
final readonly class Reading
{
    /** The cookie in which a browser keeps what its reader switched to: "12" or "24". */
    public const COOKIE = 'recess_clock';

    /** The cookie in which a browser keeps the language that its reader chose. */
    public const LANGUAGE_COOKIE = 'recess_language';

    /** Where staff work. */
    private const STAFF = [
        'staff',
        'staff/*',
        'api/staff/*',
        'begin/*',
        'api/begin/*',
        'mailroom',
        'mailroom/*',
        'stand-in/*',
    ];

    private function __construct(public string $language, public int $clock) {}

    /** @param  int|null  $clock  12 or 24; null where it is not known */
    public static function on(?int $clock): self
    {
        return self::in(app()->getLocale(), $clock);
    }

    public static function in(string $language, ?int $clock): self
    {
        return new self($language, $clock === 12 ? 12 : 24);
    }

    /** Of whoever gets what is sent: as they set it at their account, or as they read when they booked. */
    public static function of(Pass|StaffMember $reader): self
    {
        return self::in(
            Languages::known($reader->language) ?? app()->getLocale(),
            is_numeric($reader->clock) ? (int) $reader->clock : null,
        );
    }

    /** Of whoever asked: as they switched to, as they set it at their account, as their browser's language has it. */
    public static function asked(Request $request): self
    {
        // Nobody is looked up for it: whoever is signed in is known by the time that anything is said to them.
        $staff = app()->resolved('auth') && app('auth')->guard()->hasUser() ? app('auth')->guard()->user() : null;
        $set = $staff instanceof StaffMember && is_numeric($staff->clock) ? (int) $staff->clock : null;
        $switched = (int) $request->cookies->get(self::COOKIE);

        return self::in(
            self::languageOf($request, $staff instanceof StaffMember ? $staff : null),
            in_array($switched, [12, 24], true) ? $switched : $set ?? self::ofBrowser($request),
        );
    }

    /** What a pass keeps of it. */
    public function kept(): ReadsAs
    {
        return new ReadsAs($this->clock, $this->language);
    }

    /**
     * The language that whoever asks has chosen: by the folder in the address, or before, as their browser keeps it.
     * The web server says which, because it keeps what all read for a moment, apart for each language
     * (ops/templates/nginx.conf).
     */
    public static function chosen(Request $request): ?string
    {
        return Languages::known($request->server('RECESS_CHOSEN'));
    }

    /** Who works here reads where they work as they set it at their account, whatever this browser chose before. */
    private static function languageOf(Request $request, ?StaffMember $staff): string
    {
        $chosen = self::chosen($request);
        $set = $request->is(self::STAFF) ? Languages::known($staff?->language) : null;

        return ($chosen === Pseudo::LANGUAGE ? $chosen : $set) ??
            ($chosen ?? (Languages::known($request->server('RECESS_LANGUAGE')) ?? app()->getLocale()));
    }

    /** The web server knows it, because it keeps what all read for a moment, apart for each clock (ops/clocks.php). */
    private static function ofBrowser(Request $request): int
    {
        return (int) $request->server('RECESS_CLOCK');
    }

    /** Of whoever reads what is said just now. */
    public static function now(): self
    {
        return app(self::class);
    }

    /**
     * Says something for this reader.
     *
     * @template T
     *
     * @param  \Closure(): T  $say
     * @return T
     */
    public function hears(\Closure $say): mixed
    {
        $before = self::now();
        app()->instance(self::class, $this);
        try {
            return $say();
        } finally {
            app()->instance(self::class, $before);
        }
    }

    /** 16:40, or 4:40 pm, which is not broken at the end of a line */
    public function time(LocalTime $time): string
    {
        $hour = intdiv($time->minute, 60) % 24;

        return $this->clock === 12
            ? Words::say($hour < 12 ? 'said.am' : 'said.pm', [
                'time' => sprintf('%d:%02d', $hour % 12 === 0 ? 12 : $hour % 12, $time->minute % 60),
            ])
            : (string) $time;
    }
}
