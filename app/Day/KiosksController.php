<?php

declare(strict_types=1);

namespace App\Day;

use App\Framework\LogBook;
use App\Framework\QrCode;
use App\Models\Secret;
use App\Models\StaffMember;
use App\School\Kiosk;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The office's tablets: made, opened by their address, and ended. */
final class KiosksController
{
    private const MOST = 40;

    public function list(#[CurrentUser] StaffMember $office): JsonResponse
    {
        $kiosks = Kiosk::query()->where('school_id', $office->school_id)->whereNull('ended_at')->orderBy('id')->get();

        return new JsonResponse([
            'kiosks' => array_values(
                $kiosks
                    ->map(
                        static fn(Kiosk $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'link' => url('/kiosk/' . $one->token()),
                        ],
                    )
                    ->all(),
            ),
        ]);
    }

    public function add(#[CurrentUser] StaffMember $office, Request $request): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:120']]);
        abort_if(
            Kiosk::query()->where('school_id', $office->school_id)->whereNull('ended_at')->count() >= self::MOST,
            409,
        );
        $kiosk = Kiosk::query()->create([
            'school_id' => $office->school_id,
            'name' => $request->string('name')->trim()->toString(),
        ]);
        $kiosk->update(['token_hash' => Secret::hash($kiosk->token())]);
        LogBook::note('kiosk', $kiosk, ['about' => $kiosk->name]);

        return $this->list($office);
    }

    public function end(#[CurrentUser] StaffMember $office, Kiosk $tablet): JsonResponse
    {
        $tablet->update(['ended_at' => CarbonImmutable::now(), 'token_hash' => null]);
        LogBook::note('kiosk_ended', $tablet, ['about' => $tablet->name]);

        return $this->list($office);
    }

    public function qr(Kiosk $tablet): Response
    {
        return new Response(QrCode::svg(url('/kiosk/' . $tablet->token())), 200, [
            'Content-Type' => 'image/svg+xml',
            'Cache-Control' => 'no-store, private',
        ]);
    }
}
