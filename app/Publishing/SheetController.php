<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Notices;
use App\Framework\Page;
use App\Framework\Spell;
use App\Framework\Words;
use App\Knocks\HostKnocks;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Notice;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Judge;
use App\Writing\ForgetDraft;
use App\Writing\SheetFormData;
use App\Writing\WorksheetData;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Recess\Time\LocalDate;

/** The sheets that a staff member has written, or looks after with others. */
final class SheetController
{
    public function index(#[CurrentUser] StaffMember $host): View
    {
        $now = Clock::now();
        $sheets = Sheet::query()
            ->where('kind', '!=', SheetKind::Knock)
            ->where(
                static fn($one) => $one
                    ->where('staff_id', $host->id)
                    ->orWhereHas('colleagues', static fn($colleague) => $colleague->where('staff_id', $host->id))
                    ->orWhereIn('staff_id', $host->standsInFor()),
            )
            ->with(Sheet::PARTS)
            ->orderByDesc('id')
            ->get();
        $soon = self::soonest($sheets->modelKeys(), $now);
        // What comes next stands first, and what was begun last after that.
        $sheets = $sheets->sortBy(static fn(Sheet $one): string => $soon[$one->id] ?? 'none')->values();

        return Page::staff('Sheets', Words::say('sheets.title_yours'), [
            'host' => $host->name,
            'door' => '/d/' . $host->slug,
            'next' => self::nextMeeting($host, $now),
            'week' => WeekAhead::of($host, $now),
            'asked' => HostKnocks::waitingSaid($host, $now),
            'notices' => $host
                ->notices()
                ->whereNull('seen_at')
                ->orderByDesc('id')
                ->limit(50)
                ->get()
                ->map(static fn(Notice $notice): array => ['id' => $notice->id, 'message' => Notices::said($notice)])
                ->all(),
            'school' => $host->office ? $this->ofTheSchool($host, $now) : [],
            'for_staff' => array_values(
                Sheet::query()
                    ->where('audience', Audience::Staff)
                    ->whereHas('host', static fn($one) => $one->where('school_id', $host->school_id))
                    ->where('state', SheetState::Open)
                    ->whereNull('put_away_at')
                    ->where('staff_id', '!=', $host->id)
                    ->with('host')
                    ->orderBy('title')
                    ->limit(100)
                    ->get()
                    ->map(
                        static fn(Sheet $sheet): array => [
                            'path' => "/staff/visit/$sheet->slug",
                            'title' => $sheet->title,
                            'host' => $sheet->host->name,
                        ],
                    )
                    ->all(),
            ),
            'sheets' => $sheets->map(static fn(Sheet $sheet): array => HostSheetData::row($sheet, $now))->all(),
        ]);
    }

    /**
     * @param  array<int>  $sheets
     * @return array<int, string> by sheet with a meeting to come: when the next begins, as the database writes it
     */
    private static function soonest(array $sheets, int $now): array
    {
        return Booking::query()
            ->whereIn('sheet_id', $sheets)
            ->whereIn('state', BookingState::standing())
            ->where('starts_at', '>', Instant::column($now))
            ->groupBy('sheet_id')
            ->selectRaw('sheet_id, MIN(starts_at) AS soonest')
            ->pluck('soonest', 'sheet_id')
            ->map(static fn(mixed $one): string => (string) $one)
            ->all();
    }

    private static function nextMeeting(StaffMember $host, int $now): string
    {
        $next = Booking::query()
            ->where('staff_id', $host->id)
            ->where('state', BookingState::Booked)
            ->where('starts_at', '>', Instant::column($now))
            ->with('pass')
            ->orderBy('starts_at')
            ->first();

        return $next === null
            ? ''
            : Words::say('day.next_meeting', [
                'when' => Spell::ahead($next->span()->start, $now, $host->school->timeZone()),
                'who' => $next->student ?: $next->pass->name,
            ]);
    }

    /** @return list<array<string, mixed>> every colleague's open sheet, for whoever books for people on the phone */
    private function ofTheSchool(StaffMember $office, int $now): array
    {
        $sheets = Sheet::query()
            ->where('state', SheetState::Open)
            ->where('staff_id', '!=', $office->id)
            ->whereNull('put_away_at')
            ->whereHas('host', static fn($host) => $host->where('school_id', $office->school_id))
            ->with(Sheet::PARTS)
            ->orderBy('title')
            ->get();
        $soonest = Judge::soonestOfAll(
            $sheets->mapWithKeys(static fn(Sheet $sheet): array => [$sheet->id => $sheet->toCore()])->all(),
            $now,
        );

        return array_values(
            $sheets
                ->map(
                    static fn(Sheet $sheet): array => [
                        'id' => $sheet->id,
                        'title' => $sheet->title,
                        'host' => $sheet->host->name,
                        'next' =>
                            ($free = $soonest[$sheet->id]->free) !== null
                                ? Spell::ahead($free->start, $now, $sheet->toCore()->zone)
                                : null,
                    ],
                )
                ->all(),
        );
    }

    public function create(#[CurrentUser] StaffMember $host, Request $request): View
    {
        $kind = SheetKind::tryFrom(Asked::word($request, 'kind')) ?? SheetKind::Conferences;

        return Page::staff(
            'Worksheet',
            Words::say('sheets.title_new'),
            WorksheetData::of($host, null, SheetFormData::fresh($kind, $host, $this->today($host)), Clock::now()),
        );
    }

    public function edit(#[CurrentUser] StaffMember $host, Sheet $sheet): View
    {
        return Page::staff(
            'Worksheet',
            Words::say('sheets.title_change', ['title' => $sheet->title]),
            WorksheetData::of($host, $sheet, SheetFormData::of($sheet), Clock::now()),
        );
    }

    public function page(#[CurrentUser] StaffMember $host, Sheet $sheet, Look $look): View
    {
        $data = ['host' => $host->name, 'sheet' => $this->whole($sheet)];
        $look($host, $sheet, Clock::now());

        return Page::staff('HostSheet', $sheet->title, $data);
    }

    public function show(Sheet $sheet, Request $request): JsonResponse
    {
        return new JsonResponse($this->whole($sheet, Asked::date($request, 'from')));
    }

    public function store(
        #[CurrentUser] StaffMember $host,
        SheetRequest $request,
        WriteSheet $write,
        ForgetDraft $forget,
    ): JsonResponse {
        $sheet = $write($host, $request->statement(), Clock::now());
        $forget($host, null);

        return new JsonResponse($this->whole($sheet), 201);
    }

    /** Whom a change would hit, before it is saved; nothing changes. */
    public function effect(Sheet $sheet, SheetRequest $request, EffectData $data): JsonResponse
    {
        $within = SettlementInput::within($request);

        return new JsonResponse(
            $data->of(
                [EditEffect::of($sheet, $request->statement(), Clock::now(), $within)],
                Asked::word($request, 'word', 1000),
                $request->settlement(),
                $within,
            ),
        );
    }

    public function update(
        #[CurrentUser] StaffMember $host,
        Sheet $sheet,
        SheetRequest $request,
        WriteSheet $write,
        ForgetDraft $forget,
    ): JsonResponse {
        $version = $request->filled('version') ? $request->integer('version') : null;
        $edit = new Edit($sheet, $version, $request->settlement());
        $written = $write($host, $request->statement(), Clock::now(), $edit);
        $forget($host, $sheet);

        return new JsonResponse($this->whole($written));
    }

    /** @return HostSheetShape */
    private function whole(Sheet $sheet, ?LocalDate $from = null): array
    {
        return HostSheetData::whole($sheet, Clock::now(), $from);
    }

    private function today(StaffMember $host): LocalDate
    {
        return $host->school->timeZone()->dateAt(Clock::now());
    }
}
