<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\Languages;
use App\Framework\QrCode;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\Publishing\HostSheetData;
use App\Publishing\WriteSheet;
use App\Writing\SheetFormData;
use App\Writing\WorksheetReader;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Recess\Calendars\AvailabilityReader;
use Recess\Calendars\AvailabilityWriter;
use Recess\RecessException;
use Recess\Records\BlockRecord;

/** A sheet in open formats, out and in, and on paper. */
final class FormatsController
{
    public function handout(Sheet $sheet, Request $request): JsonResponse
    {
        return new JsonResponse(Handout::inEach(self::readings($request), $sheet));
    }

    /** @return non-empty-list<Reading> in the languages that are ticked; in that of whoever asks where none is */
    private static function readings(Request $request): array
    {
        $ticked = array_intersect(Languages::offered(), explode(',', Asked::word($request, 'languages')));
        $clock = Reading::now()->clock;

        return array_map(static fn(string $one): Reading => Reading::in($one, $clock), array_values($ticked)) ?: [
                Reading::now(),
            ];
    }

    public function file(#[CurrentUser] StaffMember $reader, Sheet $sheet, string $what, Request $request): Response
    {
        $now = Clock::now();
        if ($what === 'cards.pdf') {
            Gate::authorize('printCards', $sheet);
        }
        [$body, $type] = match ($what) {
            'sheet.json' => [SheetFile::write($sheet), 'application/json'],
            'availability.ics' => [
                AvailabilityWriter::write($sheet->coreBlocks(), $sheet->host->school->timeZone(), $sheet->uid, $now),
                'text/calendar; charset=utf-8',
            ],
            'bookings.csv' => [Csv::write(BookingTable::rows($sheet, $reader)), 'text/csv; charset=utf-8'],
            'bookings.xlsx' => [
                Workbook::write(BookingTable::rows($sheet, $reader)),
                'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            ],
            'bookings.pdf' => [Handout::bookings($sheet, $reader), 'application/pdf'],
            'qr.svg' => [QrCode::svg($sheet->link()), 'image/svg+xml'],
            'qr.png' => [QrCode::png($sheet->link()), 'image/png'],
            'notice.pdf' => [Handout::notice($sheet, self::readings($request)), 'application/pdf'],
            'slips.pdf' => [Handout::slips($sheet, $now, self::readings($request)), 'application/pdf'],
            'cards.pdf' => [Cards::pdf($sheet), 'application/pdf'],
            default => abort(404),
        };
        return Download::of(
            $body,
            $type,
            (Str::slug($sheet->title) ?: 'sheet') . "-$what",
            inline: str_starts_with($what, 'qr.'),
        );
    }

    /** A sheet that was exported as JSON, or availability as iCalendar, becomes a draft. */
    public function import(#[CurrentUser] StaffMember $host, Request $request, WriteSheet $write): JsonResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:2048']]);
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) $file->getContent() : '';
        $now = Clock::now();
        $today = $host->school->timeZone()->dateAt($now);
        try {
            $form = str_starts_with(ltrim($text, "\u{FEFF} \r\n"), 'BEGIN:VCALENDAR')
                ? [
                        'title' => Words::say('sheets.begins_imported'),
                        'blocks' => array_map(
                            BlockRecord::of(...),
                            AvailabilityReader::read($text, $host->school->timeZone())->blocks(),
                        ),
                    ] + SheetFormData::fresh(SheetKind::Other, $host, $today)
                : SheetFile::read($text);
        } catch (SheetFileNotReadable | RecessException $failure) {
            throw ValidationException::withMessages(['file' => Words::why($failure)]);
        }
        $form['places'] =
            ($form['places'][0]['label'] ?? '') === ''
                ? [
                    [
                        'kind' => 'room',
                        'label' => Words::say('sheets.begins_place'),
                        'link' => '',
                        'link_mode' => 'one',
                        'directions' => '',
                    ],
                ]
                : $form['places'];
        $reader = WorksheetReader::read($form, $host, null, $now);
        if ($reader->errors !== []) {
            throw ValidationException::withMessages([
                'file' => array_map(
                    static fn(string $field, array $said): string => "$field: {$said[0]}",
                    array_keys($reader->errors),
                    $reader->errors,
                ),
            ]);
        }

        return new JsonResponse(HostSheetData::whole($write($host, $reader->statement(), $now), $now), 201);
    }
}
