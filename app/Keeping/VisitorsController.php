<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Booking\Presser;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Languages;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\Party;
use App\Models\Pass;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The office finds a visitor who asks what is kept of them, and does for them what they could do on their pass. */
final class VisitorsController
{
    private const SHOWN = 25;

    public function page(#[CurrentUser] StaffMember $reader): View
    {
        return Page::staff('Visitors', Words::say('keeping.title'), [
            'host' => $reader->name,
            'keep_days' => $reader->school->keep_days,
        ]);
    }

    public function find(#[CurrentUser] StaffMember $reader, Request $request): JsonResponse
    {
        $sought = mb_substr(trim(Asked::word($request, 'sought')), 0, 120);
        if (mb_strlen($sought) < 3) {
            return new JsonResponse(['visitors' => [], 'more' => false]);
        }
        $found = $this->of($reader)
            ->where(
                static fn(Builder $any) => $any
                    ->where('name', 'like', '%' . addcslashes($sought, '\\%_') . '%')
                    ->orWhere('email', MailAddress::of($sought) ?? ''),
            )
            ->withCount('bookings')
            ->orderBy('name')
            ->orderBy('id')
            ->limit(self::SHOWN + 1)
            ->get();
        LogBook::note('found');
        $zone = $reader->school->timeZone();

        return new JsonResponse([
            'visitors' => array_values(
                $found
                    ->take(self::SHOWN)
                    ->map(
                        static fn(Pass $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'email' => (string) $one->email,
                            'phone' => $one->phone,
                            'meetings' => (int) $one->getAttribute('bookings_count'),
                            'known' => $one->guardian_id !== null,
                            'language' => Languages::called(Reading::of($one)->language),
                            'since' => Spell::plainDate($zone->dateAt((int) $one->created_at?->getTimestamp())),
                        ],
                    )
                    ->all(),
            ),
            'more' => $found->count() > self::SHOWN,
        ]);
    }

    public function file(#[CurrentUser] StaffMember $reader, int $visitor): JsonResponse
    {
        $pass = $this->of($reader)->findOrFail($visitor);
        LogBook::note('kept', $pass);

        return new JsonResponse(
            KeptData::of($pass),
            200,
            [],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    public function forget(#[CurrentUser] StaffMember $reader, int $visitor, ForgetPerson $forget): JsonResponse
    {
        $pass = $this->of($reader)->findOrFail($visitor);
        $forget($pass, Presser::staff($reader, Party::Office), Clock::now());
        LogBook::note('forgotten', $pass);

        return new JsonResponse(['ok' => true]);
    }

    /** @return Builder<Pass> those who have something to do with this school */
    private function of(StaffMember $reader): Builder
    {
        return Pass::query()
            ->whereNull('forgotten_at')
            ->where('name', '!=', '')
            ->whereHas('bookings.sheet.host', static fn($host) => $host->where('school_id', $reader->school_id));
    }
}
