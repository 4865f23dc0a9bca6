<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visit;

use App\Http\Page;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Timetables\SheetTimetable;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;

/** The school's public page: who can be met, and how many times are still free. */
final class BoardController
{
    public function __invoke(): View
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $sheets = Sheet::query()->where('state', SheetState::Open)->with(['host.school', 'blocks'])->orderBy('title')->get();

        return Page::visit('Board', 'Meet our staff', [
            'school' => School::query()->first()->name ?? 'Our school',
            'sheets' => $sheets->map(static fn (Sheet $sheet): array => [
                'path' => '/s/'.$sheet->slug,
                'title' => $sheet->title,
                'host' => ['name' => $sheet->host->name, 'subject' => $sheet->host->subject],
                'free' => count((new SheetTimetable($sheet, $now))->free()),
            ])->all(),
        ]);
    }
}
