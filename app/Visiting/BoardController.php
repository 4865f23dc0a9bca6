<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The school's public page, and the doors of its staff. */
final class BoardController
{
    public function board(Request $request): View
    {
        $data = BoardData::board(Asked::word($request, 'seek'), Asked::number($request, 'skip'), Clock::now());

        return Page::visit('Board', Words::say('booking.board_title'), $data, view('plain.board', ['board' => $data]));
    }

    /** Doors that are sought, as one types. */
    public function doors(Request $request): JsonResponse
    {
        return new JsonResponse(
            BoardData::doors(Asked::word($request, 'seek'), Asked::number($request, 'skip'), Clock::now()),
        );
    }

    public function door(StaffMember $staff): View
    {
        $data = BoardData::door($staff, Clock::now());

        return Page::visit('Door', $staff->name, $data, view('plain.door', ['door' => $data]));
    }

    public function picture(StaffMember $staff): Response
    {
        return new Response($staff->picture ?? abort(404), 200, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'public, max-age=300',
        ]);
    }

    /** Everybody who offers a kind of meeting within some days, on rulers in one scale. */
    public function find(Request $request): View
    {
        $data = $this->found($request);

        return Page::visit('Find', Words::say('booking.find_title'), $data, view('plain.find', ['found' => $data]));
    }

    /** The same as data; with a pass, what clashes with its meetings is not offered. */
    public function showFound(Request $request): JsonResponse
    {
        return new JsonResponse($this->found($request), 200, ['Cache-Control' => 'private, no-cache']);
    }

    /** @return FoundShape */
    private function found(Request $request): array
    {
        $asked = static fn(string $name): string => Asked::word($request, $name);

        return FindData::of(
            new FindAsk(
                $asked('about'),
                $asked('from'),
                $asked('to'),
                $asked('names'),
                Asked::number($request, 'skip'),
                Pass::whole($request->input('pass')),
            ),
            Clock::now(),
        );
    }
}
