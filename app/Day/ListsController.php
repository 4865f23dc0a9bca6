<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\Page;
use App\Framework\Printed;
use App\Framework\Spell;
use App\Framework\Words;
use App\Line\DayOf;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Sharing\Csv;
use App\Sharing\Workbook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** A day on paper and as tables: who comes when, who goes where, and what hangs at the door. */
final class ListsController
{
    public function page(#[CurrentUser] StaffMember $reader, Request $request): View
    {
        $run = $this->asked($reader, $request);
        $whom = Asked::word($request, 'whom');
        $notes = $request->boolean('notes');

        return Page::staff('Lists', Words::say('day.lists_title', ['date' => Spell::date($run->day->date)]), [
            'host' => $reader->name,
            'title' => $run->title,
            'day' => Spell::date($run->day->date),
            'date' => (string) $run->day->date,
            'before' => (string) $run->day->date->plusDays(-1),
            'after' => (string) $run->day->date->plusDays(1),
            'whom' => $whom,
            'notes' => $notes,
            'office' => $reader->office,
            'rows' => $run->rows(),
        ]);
    }

    public function file(#[CurrentUser] StaffMember $reader, Request $request, string $list): Response
    {
        $run = $this->asked($reader, $request);
        $country = $reader->school->country;
        $said = ['run' => $run, 'day' => Spell::date($run->day->date), 'school' => $reader->school->name];
        [$body, $type] = match ($list) {
            'run-sheet.pdf' => [Printed::pdf('paper.run-sheet', $said, $country), 'application/pdf'],
            'run-sheet.csv' => [Csv::write($run->table()), 'text/csv; charset=utf-8'],
            'run-sheet.xlsx' => [
                Workbook::write($run->table()),
                'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            ],
            'entrance.pdf' => [Printed::pdf('paper.entrance', $said, $country), 'application/pdf'],
            'doors.pdf' => [Printed::pdf('paper.doors', $said, $country), 'application/pdf'],
            default => abort(404),
        };

        return Download::of($body, $type, "{$run->day->date}-$list");
    }

    /** One's own, a sheet's that one may see, or the school's, which is the office's. */
    private function asked(StaffMember $reader, Request $request): RunSheet
    {
        $zone = $reader->school->timeZone();
        $date = Asked::date($request, 'date');
        $day = $date === null ? DayOf::at(Clock::now(), $zone) : DayOf::on($date, $zone);
        $whom = Asked::word($request, 'whom');
        if ($whom === 'school') {
            Gate::authorize('see-day');

            return RunSheet::ofSchool($reader, $day);
        }
        $sheet = ctype_digit($whom) ? Sheet::query()->findOrFail((int) $whom) : null;
        if ($sheet !== null) {
            Gate::authorize('view', $sheet);

            return RunSheet::ofSheet($reader, $sheet, $day, $request->boolean('notes'));
        }

        return RunSheet::ofReader($reader, $day, $request->boolean('notes'));
    }
}
