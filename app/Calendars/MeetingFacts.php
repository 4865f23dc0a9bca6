<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Answered;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Guest;
use App\School\Directions;
use App\School\UsualQuestions;
use App\Video\MeetingLink;

/** A meeting in a few lines, the same in letters and in calendars. */
final class MeetingFacts
{
    /**
     * What, when, where, about whom: what both sides need on the day.
     *
     * @param  bool  $strange  whether it goes to an address that has not answered: then nothing of what was typed does
     * @return array<string, string>
     */
    public static function of(Booking $booking, Reader $reader, int $now, bool $strange = false): array
    {
        $say = static fn(string $fact): string => Words::say("said.fact_$fact");
        $facts = [
            $say('what') => $reader->said($booking->sheet, $booking->sheet->title),
            $say('when') => Spell::slot($booking->span(), $booking->sheet->host->school->timeZone()),
            $say('where') => self::where($booking, $reader, $now),
            $say('video') => $reader->isHost() ? '' : MeetingLink::promise($booking, $now, here: false),
            $say('way') => $reader->said($booking->sheet, self::directions($booking)),
            $say('with') => $reader->isHost() ? $booking->pass->name : self::met($booking),
            $say('also') => $strange
                ? ''
                : Spell::list(
                    array_values(
                        $booking->guests
                            ->filter(static fn(Guest $guest): bool => $guest->left_at === null)
                            ->map(static fn(Guest $guest): string => $guest->pass->name)
                            ->all(),
                    ),
                ),
            $say('about') => $strange ? '' : $booking->student,
            $say('phone') => $reader->isHost() ? $booking->pass->phone : '',
            $say('email') => $reader->isHost() ? (string) $booking->pass->email : '',
            ...$reader->isHost()
                ? Answered::all(
                    $booking->sheet->questions->with(UsualQuestions::word()),
                    $booking->answers,
                    onRunSheetOnly: !$reader->meets($booking),
                )
                : [],
        ];

        return array_filter($facts, static fn(string $value): bool => $value !== '');
    }

    private static function met(Booking $booking): string
    {
        $hosts = $booking->hostsNamed();

        return count($hosts) === 1 ? "$hosts[0] ({$booking->host->subject})" : Spell::list($hosts);
    }

    /** The place, and its link where its reader has it already. */
    public static function where(Booking $booking, Reader $reader, int $now): string
    {
        $link = $reader->isHost() ? MeetingLink::of($booking) : MeetingLink::forVisitor($booking, $now);

        return $reader->said($booking->sheet, $booking->place->label) . ($link === null ? '' : ': ' . $link);
    }

    public static function directions(Booking $booking): string
    {
        return Directions::to($booking->place, $booking->sheet->host->school)['text'];
    }
}
