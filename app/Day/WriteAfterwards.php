<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Contended;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Line\DayOf;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use Recess\Time\LocalDate;

/** A message to all who came to a day's meetings, or to all who did not: with blanks for names and times, seen for each before it goes, and once. */
final class WriteAfterwards
{
    /** What can stand between braces. */
    public const BLANKS = ['name', 'student', 'date', 'time', 'host'];

    private const MOST = 500;

    /** The same press again sends nothing more. */
    public function __invoke(StaffMember $writer, Sheet $sheet, AfterText $text, string $key, int $now): AfterLetter
    {
        return Contended::transaction(function () use ($writer, $sheet, $text, $key, $now): AfterLetter {
            $earlier = AfterLetter::query()->where('request_key', $key)->where('sheet_id', $sheet->id)->first();
            if ($earlier !== null) {
                return $earlier;
            }
            $readers = self::readers($sheet, $text)->filter(
                static fn(Booking $one): bool => $one->pass->email !== null,
            );
            $letter = AfterLetter::query()->create([
                'sheet_id' => $sheet->id,
                'staff_id' => $writer->id,
                'request_key' => $key,
                'to' => $text->to->value,
                'subject' => $text->subject,
                'text' => $text->text,
                'sent_at' => Instant::column($now),
                'sent_to' => array_values(
                    $readers
                        ->map(
                            static fn(Booking $one): array => [
                                'booking' => $one->id,
                                'name' => $one->pass->name,
                                'email' => (string) $one->pass->email,
                            ],
                        )
                        ->all(),
                ),
            ]);
            foreach ($readers as $booking) {
                event(
                    new WrittenAfterwards(
                        $letter,
                        $booking,
                        self::filled($text->subject, $booking),
                        self::filled($text->text, $booking),
                    ),
                );
            }

            return $letter;
        });
    }

    /** @return Collection<int, Booking> of that day, to whom that happened; each visitor once for each meeting */
    public static function readers(Sheet $sheet, AfterText $text): Collection
    {
        $day = DayOf::on(LocalDate::parse($text->date), $sheet->host->school->timeZone())->span;

        return $sheet
            ->bookings()
            ->where('state', BookingState::Booked)
            ->whereHas('turn', static fn($turn) => $turn->where('outcome', $text->to))
            ->where('starts_at', '>=', Instant::column($day->start))
            ->where('starts_at', '<', Instant::column($day->end))
            ->with(['pass', 'host', 'sheet.host.school'])
            ->orderBy('starts_at')
            ->limit(self::MOST)
            ->get();
    }

    /** @throws ValidationException when something stands between braces that is no blank */
    public static function check(string $field, string $text): void
    {
        preg_match_all('/\{([^{}]*)\}/', $text, $found);
        $unknown = array_diff($found[1], self::BLANKS);
        if ($unknown !== []) {
            throw ValidationException::withMessages([
                $field => Words::say('day.after_blank', [
                    'blank' => (string) reset($unknown),
                    'blanks' => '{' . implode('}, {', self::BLANKS) . '}',
                ]),
            ]);
        }
    }

    public static function filled(string $text, Booking $booking): string
    {
        $zone = $booking->sheet->host->school->timeZone();

        return Reading::of($booking->pass)->hears(
            static fn(): string => strtr($text, [
                '{name}' => $booking->pass->name,
                '{student}' => $booking->student ?: $booking->pass->name,
                '{date}' => Spell::date($zone->dateAt($booking->span()->start)),
                '{time}' => Spell::time($booking->span()->start, $zone),
                '{host}' => $booking->host->name,
            ]),
        );
    }
}
