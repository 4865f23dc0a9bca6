<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Framework\Printed;
use App\Framework\QrCode;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\Sentence;
use Recess\Time\Span;

/** What a sheet gives out: the words around its link, and what is printed. */
final class Handout
{
    /** @return array<string, string> as Handout in docs/formats/recess.openapi.yaml */
    public static function of(Sheet $sheet): array
    {
        $link = $sheet->link();
        $host = $sheet->host->name;
        $when = implode(' ', array_map(Sentence::of(...), $sheet->coreBlocks()));
        $how = Words::say("sheets.how_{$sheet->audience->value}");
        $office = Words::say('booking.handout', ['phone' => $sheet->host->school->phoneOrNone()]);
        $dear = Words::say('sheets.handout_dear');
        $html = static fn(string $text): string => htmlspecialchars($text, ENT_QUOTES);
        $said = Version::title($sheet);
        $title = $html($said);
        $plain = Words::say('sheets.handout_when', ['title' => $said, 'host' => $host, 'when' => $when]);
        $rich = Words::say('sheets.handout_when', [
            'title' => "<strong>$title</strong>",
            'host' => $html($host),
            'when' => $html($when),
        ]);
        $pick = '<a href="' . $link . '">' . $html(Words::say('sheets.handout_pick')) . '</a>';

        return [
            'link' => $link,
            'message' => "$dear\n\n$plain\n\n$how\n$link\n\n$office\n\n$host",
            'rich' => sprintf(
                '<p>%s</p><p>%s</p><p>%s %s %s</p><p>%s</p>',
                $html($dear),
                $rich,
                $pick,
                $html($how),
                $html($office),
                $html($host),
            ),
            'signature' => "$said: $link",
            'page_link' => '<a href="' . $link . '">' . $title . '</a>',
            'page_frame' =>
                '<iframe src="' .
                $link .
                '/frame" title="' .
                $title .
                '" style="width:100%;min-height:480px;border:0" loading="lazy"></iframe>' .
                "\n" .
                '<script src="' .
                url('/frame.js') .
                '" async></script>',
        ];
    }

    public static function notice(Sheet $sheet): string
    {
        return Printed::pdf(
            'paper.notice',
            [
                'sheet' => $sheet,
                'when' => array_map(Sentence::of(...), $sheet->coreBlocks()),
                'qr' => QrCode::onPaper($sheet->link()),
            ],
            $sheet->host->school->country,
        );
    }

    public static function slips(Sheet $sheet, int $now): string
    {
        $core = $sheet->toCore();
        [$first, $before] = $core->reach($core->zone->dateAt($now));
        $days = array_unique(
            array_map(
                static fn(Span $stretch): string => Spell::date($core->zone->dateAt($stretch->start)),
                $core->stretches($first, $before),
            ),
        );

        return Printed::pdf(
            'paper.slips',
            [
                'sheet' => $sheet,
                'days' => array_slice($days, 0, 3),
                'more' => count($days) > 3,
                'qr' => QrCode::onPaper($sheet->link()),
            ],
            $sheet->host->school->country,
        );
    }

    /** Who comes when, about whom, with what one needs to reach them: for the day, where there is no screen. */
    public static function bookings(Sheet $sheet, StaffMember $reader): string
    {
        $zone = $sheet->host->school->timeZone();
        $bookings = $sheet
            ->bookings()
            ->whereIn('state', BookingState::standing())
            ->whereNull('confirm_until')
            ->with(['pass', 'place', 'host', 'guests.pass'])
            ->orderBy('starts_at')
            ->orderBy('id')
            ->get();

        return Printed::pdf(
            'paper.bookings',
            [
                'sheet' => $sheet,
                'days' => $bookings->groupBy(
                    static fn(Booking $one): string => Spell::date($zone->dateAt($one->span()->start)),
                ),
                'time' => static fn(Booking $one): string => Spell::time($one->span()->start, $zone) .
                    ' – ' .
                    Spell::time($one->span()->end, $zone),
                'answers' => static fn(Booking $one): array => BookingTable::answers($sheet, $one, $reader),
            ],
            $sheet->host->school->country,
        );
    }
}
