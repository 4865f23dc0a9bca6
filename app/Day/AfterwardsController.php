<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Outcome;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Sharing\Csv;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** What became of a sheet's days, and a message to those who came or did not. */
final class AfterwardsController
{
    public function page(#[CurrentUser] StaffMember $reader, Sheet $sheet): View
    {
        return Page::staff('Afterwards', Words::say('day.after_title', ['title' => $sheet->title]), [
            'host' => $reader->name,
            'data' => $this->data($sheet, Clock::now()),
        ]);
    }

    public function show(Sheet $sheet): JsonResponse
    {
        return new JsonResponse($this->data($sheet, Clock::now()));
    }

    public function figures(Sheet $sheet): Response
    {
        return Download::of(
            Csv::write(Figures::table($sheet, Clock::now())),
            'text/csv; charset=utf-8',
            (Str::slug($sheet->title) ?: 'sheet') . '-figures.csv',
        );
    }

    /** Each message as it would go, and to whom none can. */
    public function preview(Sheet $sheet, Request $request): JsonResponse
    {
        $text = $this->asked($request);

        return new JsonResponse([
            'letters' => array_values(
                WriteAfterwards::readers($sheet, $text)
                    ->map(
                        static fn(Booking $one): array => [
                            'name' => $one->pass->name,
                            'email' => $one->pass->email,
                            'phone' => $one->pass->phone,
                            'subject' => WriteAfterwards::filled($text->subject, $one),
                            'text' => WriteAfterwards::filled($text->text, $one),
                        ],
                    )
                    ->all(),
            ),
        ]);
    }

    public function write(
        #[CurrentUser] StaffMember $writer,
        Sheet $sheet,
        Request $request,
        WriteAfterwards $write,
    ): JsonResponse {
        $text = $this->asked($request);
        $request->validate(['request_key' => ['required', 'uuid']]);
        $letter = $write($writer, $sheet, $text, $request->string('request_key')->lower()->toString(), Clock::now());
        LogBook::note('letters', $sheet, ['about' => $sheet->title, 'sent' => count($letter->sent_to)]);

        return $this->show($sheet);
    }

    private function asked(Request $request): AfterText
    {
        $request->validate([
            'to' => ['required', 'string', Rule::in([Outcome::Met->value, Outcome::Missed->value])],
            'date' => ['required', 'string', 'date_format:Y-m-d'],
            'subject' => ['required', 'string', 'max:200'],
            'text' => ['required', 'string', 'max:5000'],
        ]);
        [$subject, $text] = [
            $request->string('subject')->squish()->toString(),
            $request->string('text')->trim()->toString(),
        ];
        WriteAfterwards::check('subject', $subject);
        WriteAfterwards::check('text', $text);

        return new AfterText(
            Outcome::from($request->string('to')->toString()),
            $request->string('date')->toString(),
            $subject,
            $text,
        );
    }

    /** @return AfterwardsShape as Afterwards in docs/formats/recess.openapi.yaml */
    private function data(Sheet $sheet, int $now): array
    {
        $zone = $sheet->host->school->timeZone();

        return [
            'id' => $sheet->id,
            'title' => $sheet->title,
            'days' => Figures::of($sheet, $now),
            'blanks' => WriteAfterwards::BLANKS,
            'letters' => array_values(
                AfterLetter::query()
                    ->where('sheet_id', $sheet->id)
                    ->with('writer')
                    ->orderByDesc('id')
                    ->limit(50)
                    ->get()
                    ->map(
                        static fn(AfterLetter $one): array => [
                            'when' => Spell::moment($one->sent_at->getTimestamp(), $zone),
                            'by' => $one->writer->name,
                            'to' => $one->to,
                            'subject' => $one->subject,
                            'text' => $one->text,
                            'readers' => array_map(
                                static fn(string $name): string => $name ?: Words::say('day.after_gone'),
                                array_column($one->sent_to, 'name'),
                            ),
                            'failed' => array_values(
                                Pass::query()
                                    ->whereIn('email', array_filter(array_column($one->sent_to, 'email')))
                                    ->where('mail_failure', '!=', '')
                                    ->distinct()
                                    ->pluck('name')
                                    ->all(),
                            ),
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
