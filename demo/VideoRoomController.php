<?php

declare(strict_types=1);

namespace Demo;

use App\Framework\Page;
use App\Live\Announce;
use App\Models\Booking;
use App\Models\PersonName;
use App\Models\Secret;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/**
 * The demo's stand-in for a video service, made as those that a school would have: a room with a door. Whoever comes waits
 * there, sees and hears nothing of the room, and only the host lets in.
 */
final class VideoRoomController
{
    /** Pages that are gone for so many minutes are not at the door any more. */
    private const GONE = 240;

    public function page(string $key): View
    {
        return Page::visit('VideoRoom', 'Video room', ['room' => $key, 'host' => false] + $this->about($key));
    }

    public function hostPage(#[CurrentUser] StaffMember $host, string $key): View
    {
        abort_unless($this->runs($host, $key), 403);
        DB::table('open_rooms')->updateOrInsert(['room' => $this->uid($key)], ['host' => $host->name]);
        Announce::to([self::channel($this->uid($key))]);

        return Page::staff('VideoRoom', 'Video room', ['room' => $key, 'host' => true] + $this->about($key));
    }

    /** What somebody sees of it: at the door themselves alone; in it, those who are in; the host, the door too. */
    public function show(Request $request, string $key): JsonResponse
    {
        return new JsonResponse($this->seen($this->uid($key), $request->string('guest')->toString()));
    }

    public function knock(Request $request, string $key): JsonResponse
    {
        $request->validate(['guest' => ['required', 'uuid'], 'name' => ['required', 'string', new PersonName()]]);
        $room = $this->uid($key);
        $guest = $request->string('guest')->lower()->toString();
        RoomGuest::query()->updateOrCreate(
            ['room' => $room, 'guest' => $guest],
            ['name' => $request->string('name')->trim()->toString(), 'state' => 'door', 'word' => ''],
        );
        Announce::to([self::channel($room)]);

        return new JsonResponse($this->seen($room, $guest));
    }

    public function hostShow(#[CurrentUser] StaffMember $host, string $key): JsonResponse
    {
        abort_unless($this->runs($host, $key), 403);

        return new JsonResponse($this->seen($this->uid($key), null));
    }

    /** Lets one in, sends one away for now with a word, or ends it for one. */
    public function answer(#[CurrentUser] StaffMember $host, Request $request, string $key): JsonResponse
    {
        abort_unless($this->runs($host, $key), 403);
        $request->validate([
            'guest' => ['required', 'integer'],
            'state' => ['required', 'string', Rule::in(['in', 'later', 'out'])],
            'word' => ['nullable', 'string', 'max:300'],
        ]);
        $room = $this->uid($key);
        RoomGuest::query()
            ->where('room', $room)
            ->whereKey($request->integer('guest'))
            ->update([
                'state' => $request->string('state')->toString(),
                'word' => $request->string('word')->toString(),
            ]);
        Announce::to([self::channel($room)]);

        return $this->hostShow($host, $key);
    }

    /** @return array<string, mixed> as VideoRoom in docs/formats/recess.openapi.yaml */
    private function seen(string $room, ?string $guest): array
    {
        $guests = RoomGuest::query()
            ->where('room', $room)
            ->where('updated_at', '>', now()->subMinutes(self::GONE))
            ->orderBy('id')
            ->get();
        $me = $guest === null ? null : $guests->firstWhere('guest', mb_strtolower($guest));
        $inside = $guest === null || $me?->state === 'in';
        $tile = static fn(RoomGuest $one): array => [
            'id' => $guest === null ? $one->id : 0,
            'name' => $one->name,
            'state' => $one->state,
        ];

        return [
            'open' => DB::table('open_rooms')->where('room', $room)->exists(),
            'me' => $me === null ? null : ['state' => $me->state, 'word' => $me->word],
            'inside' => $inside ? array_values($guests->where('state', 'in')->map($tile)->all()) : [],
            'door' =>
                $guest === null
                    ? array_values(
                        $guests
                            ->whereIn('state', ['door', 'later'])
                            ->map($tile)
                            ->all(),
                    )
                    : [],
        ];
    }

    /** @return array<string, mixed> */
    private function about(string $key): array
    {
        $sheet = $this->sheet($key);

        return ['title' => $sheet->title, 'with' => $sheet->host->name, 'channel' => self::channel($this->uid($key))];
    }

    private function sheet(string $key): Sheet
    {
        $uid = $this->uid($key);

        return Sheet::query()->where('uid', $uid)->first() ??
            Booking::query()->where('uid', $uid)->firstOrFail()->sheet;
    }

    /** Of a meeting, or of the sheet whose meetings are all in one. */
    private function uid(string $key): string
    {
        $uid = substr($key, 0, 36);
        abort_unless(hash_equals(StandInRooms::key($uid), $key), 404);

        return $uid;
    }

    private function runs(StaffMember $host, string $key): bool
    {
        return $this->sheet($key)->isRunBy($host);
    }

    private static function channel(string $room): string
    {
        return Secret::of("live|room|$room");
    }
}
