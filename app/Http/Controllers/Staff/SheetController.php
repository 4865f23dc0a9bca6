<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\WriteSheet;
use App\Failures\BookingsAffected;
use App\Http\Data\SheetFormData;
use App\Http\Data\StaffSheetData;
use App\Http\Data\WorksheetData;
use App\Http\Page;
use App\Http\Requests\SheetRequest;
use App\Models\Notice;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Onlooker;
use App\Timetables\SheetTimetable;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Recess\Time\LocalDate;
use Recess\Time\TimeNotValid;

/** The sheets that a staff member has written, or looks after with others. */
final class SheetController
{
    public function index(#[CurrentUser] StaffMember $host): View
    {
        $now = $this->now();
        $sheets = Sheet::query()
            ->where(static fn ($one) => $one->where('staff_id', $host->id)->orWhereHas('colleagues', static fn ($colleague) => $colleague->where('staff_id', $host->id)))
            ->with(['blocks', 'host.school', 'colleagues', 'slotChanges', 'places'])->orderByDesc('id')->get();

        return Page::staff('Sheets', 'Your sheets', [
            'host' => $host->name,
            'door' => '/d/'.$host->slug,
            'notices' => $host->notices()->whereNull('seen_at')->orderByDesc('id')->limit(50)->get()
                ->map(static fn (Notice $notice): array => ['id' => $notice->id, 'message' => $notice->message])->all(),
            'school' => $host->office ? $this->ofTheSchool($host, $now) : [],
            'sheets' => $sheets->map(static fn (Sheet $sheet): array => StaffSheetData::row(new SheetTimetable($sheet, $now)))->all(),
        ]);
    }

    /** @return list<array<string, mixed>> every colleague's open sheet, for whoever books for people on the phone */
    private function ofTheSchool(StaffMember $office, int $now): array
    {
        return array_values(Sheet::query()->where('state', SheetState::Open)->where('staff_id', '!=', $office->id)->whereNull('put_away_at')
            ->whereHas('host', static fn ($host) => $host->where('school_id', $office->school_id))
            ->with(['blocks', 'host.school', 'colleagues', 'slotChanges', 'places'])->orderBy('title')->get()
            ->map(static fn (Sheet $sheet): array => [
                'id' => $sheet->id, 'title' => $sheet->title, 'host' => $sheet->host->name, 'free' => count((new SheetTimetable($sheet, $now, Onlooker::unknown()))->free()),
            ])->all());
    }

    public function create(#[CurrentUser] StaffMember $host, Request $request): View
    {
        $kind = SheetKind::tryFrom($request->string('kind')->toString()) ?? SheetKind::Conferences;

        return Page::staff('Worksheet', 'New sheet', WorksheetData::of($host, null, SheetFormData::fresh($kind, $host, $this->today($host)), $this->now()));
    }

    public function edit(#[CurrentUser] StaffMember $host, Sheet $sheet): View
    {
        return Page::staff('Worksheet', 'Change '.$sheet->title, WorksheetData::of($host, $sheet, SheetFormData::of($sheet), $this->now()));
    }

    public function page(#[CurrentUser] StaffMember $host, Sheet $sheet): View
    {
        $data = ['host' => $host->name, 'sheet' => $this->whole($sheet)];
        if ($sheet->staff_id === $host->id) {
            $sheet->update(['looked_at' => gmdate('Y-m-d H:i:s', $this->now())]);
        }

        return Page::staff('HostSheet', $sheet->title, $data);
    }

    public function show(Sheet $sheet, Request $request): JsonResponse
    {
        try {
            $from = $request->filled('from') ? LocalDate::parse($request->string('from')->toString()) : null;
        } catch (TimeNotValid) {
            $from = null;
        }

        return new JsonResponse($this->whole($sheet, $from));
    }

    public function store(#[CurrentUser] StaffMember $host, SheetRequest $request, WriteSheet $write): JsonResponse
    {
        return new JsonResponse($this->whole($write($host, $request->statement())), 201);
    }

    public function update(#[CurrentUser] StaffMember $host, Sheet $sheet, SheetRequest $request, WriteSheet $write): JsonResponse
    {
        if ($request->boolean('preview')) {
            throw new BookingsAffected($request->effect($sheet));
        }
        $version = $request->filled('version') ? $request->integer('version') : null;

        return new JsonResponse($this->whole($write($host, $request->statement(), $sheet, $version, $request->effect(...), $request->settlement())));
    }

    /** @return array<string, mixed> */
    private function whole(Sheet $sheet, ?LocalDate $from = null): array
    {
        return StaffSheetData::whole(new SheetTimetable($sheet, $this->now()), $from);
    }

    private function today(StaffMember $host): LocalDate
    {
        return $host->school->timeZone()->dateAt($this->now());
    }

    private function now(): int
    {
        return CarbonImmutable::now()->getTimestamp();
    }
}
