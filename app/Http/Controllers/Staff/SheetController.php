<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\PublishSheet;
use App\Actions\WriteSheet;
use App\Http\Data\StaffSheetData;
use App\Http\Page;
use App\Http\Requests\SheetRequest;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\SheetTimetable;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/** A staff member's own sheets. */
final class SheetController
{
    public function index(#[CurrentUser] StaffMember $host): View
    {
        $now = $this->now();
        $sheets = $host->sheets()->with(['blocks', 'host.school'])->orderByDesc('id')->get();

        return Page::staff('Sheets', 'Your sheets', [
            'host' => $host->name,
            'sheets' => $sheets->map(static fn (Sheet $sheet): array => StaffSheetData::row(new SheetTimetable($sheet, $now)))->all(),
        ]);
    }

    public function create(#[CurrentUser] StaffMember $host): View
    {
        return Page::staff('Worksheet', 'New sheet', ['host' => $host->name, 'sheet' => null, 'today' => $this->today($host)]);
    }

    public function edit(#[CurrentUser] StaffMember $host, Sheet $sheet): View
    {
        return Page::staff('Worksheet', 'Change '.$sheet->title, ['host' => $host->name, 'sheet' => $this->whole($sheet), 'today' => $this->today($host)]);
    }

    public function page(#[CurrentUser] StaffMember $host, Sheet $sheet): View
    {
        return Page::staff('HostSheet', $sheet->title, ['host' => $host->name, 'sheet' => $this->whole($sheet)]);
    }

    public function show(Sheet $sheet): JsonResponse
    {
        return new JsonResponse($this->whole($sheet));
    }

    public function store(#[CurrentUser] StaffMember $host, SheetRequest $request, WriteSheet $write): JsonResponse
    {
        return new JsonResponse($this->whole($write($host, $request->statement())), 201);
    }

    public function update(#[CurrentUser] StaffMember $host, Sheet $sheet, SheetRequest $request, WriteSheet $write): JsonResponse
    {
        return new JsonResponse($this->whole($write($host, $request->statement(), $sheet)));
    }

    public function publish(Sheet $sheet, PublishSheet $publish): JsonResponse
    {
        return new JsonResponse($this->whole($publish($sheet, $this->now())));
    }

    /** @return array<string, mixed> */
    private function whole(Sheet $sheet): array
    {
        return StaffSheetData::whole(new SheetTimetable($sheet, $this->now()));
    }

    private function today(StaffMember $host): string
    {
        return (string) $host->school->timeZone()->dateAt($this->now());
    }

    private function now(): int
    {
        return CarbonImmutable::now()->getTimestamp();
    }
}
