<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\Words;
use App\Live\Channel;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Recess\Time\DateRange;

/** Whom somebody has asked for a time: they answer, and say on which terms they can be asked. */
final class HostKnocksController
{
    /** Days drawn at a time. */
    private const DAYS = 7;

    /** Days ahead up to which other times can be named. */
    private const FURTHEST = 90;

    public function page(#[CurrentUser] StaffMember $reader): View
    {
        return Page::staff('Knocks', Words::say('knocks.title'), [
            'host' => $reader->name,
            'knocks' => $this->data($reader),
        ]);
    }

    public function show(#[CurrentUser] StaffMember $reader): JsonResponse
    {
        return new JsonResponse($this->data($reader));
    }

    public function terms(#[CurrentUser] StaffMember $reader, TermsRequest $request): JsonResponse
    {
        KnockTerms::query()->updateOrCreate(['staff_id' => $reader->id], $request->columns());

        return new JsonResponse($this->data($reader));
    }

    public function answer(#[CurrentUser] StaffMember $reader, Knock $knock, AnswerRequest $request): JsonResponse
    {
        $host = $knock->hostFor($reader) ?? abort(404);
        $now = Clock::now();
        match ($request->string('answer')->toString()) {
            'accept' => app(AcceptKnock::class)($knock, $host, $request->integer('choice'), $request->word(), $now),
            'maybe' => app(HoldKnock::class)($knock, $host, $request->integer('choice'), $request->word(), $now),
            'decline' => app(DeclineKnock::class)($knock, $host, $request->word()),
            default => $this->propose($knock, $host, $request, $now),
        };

        return new JsonResponse($this->data($reader));
    }

    /** Where all who have to be there are free, at whatever hour: for other times that one of them names. */
    public function free(Request $request, Knock $knock): JsonResponse
    {
        $now = Clock::now();
        $zone = $knock->zone();
        $today = $zone->dateAt($now);
        $from = Asked::date($request, 'from') ?? $today;
        $last = $today->plusDays(self::FURTHEST);
        $from = $from->isBefore($today) ? $today : ($from->isAfter($last) ? $last : $from);
        $free = WhenFree::forHost(
            $knock->terms(),
            DateRange::of($from, $from->plusDays(self::DAYS - 1)),
            $now,
            $knock->keeper,
        );
        $later = $from->plusDays(self::DAYS);

        return new JsonResponse([
            'zone_name' => $zone->name,
            'lengths' => KnockTerms::LENGTHS,
            'days' => CommonDays::of($free, null, KnockTerms::LENGTHS, $now),
            'earlier' => $from->isAfter($today) ? (string) $from->plusDays(-self::DAYS) : null,
            'later' => $later->isAfter($last) ? null : (string) $later,
        ]);
    }

    private function propose(Knock $knock, StaffMember $host, AnswerRequest $request, int $now): void
    {
        $spans = $request->spans();
        $zone = $knock->zone();
        $messages = [];
        foreach ($spans as $i => $span) {
            $far = $span->start <= $now || $span->start > $now + self::FURTHEST * 86_400;
            $clash =
                array_filter(array_slice($spans, 0, $i), static fn($other): bool => $other->overlaps($span)) !== [];
            $free =
                !$far &&
                WhenFree::forHost($knock->terms(), DateRange::day($zone->dateAt($span->start)), $now, $knock->keeper)
                    ->hosts()
                    ->holds($span);
            if ($far || $clash || !$free) {
                $messages["times.$i.start"] = Words::say(
                    $clash ? 'knocks.choices_overlap' : ($far ? 'knocks.outside' : 'knocks.not_free'),
                );
            }
        }
        if ($messages !== [] || $spans === []) {
            throw ValidationException::withMessages($messages);
        }
        app(ProposeTimes::class)($knock, $host, $spans, $request->word(), $now);
    }

    /** @return HostKnocksShape as HostKnocks in docs/formats/recess.openapi.yaml */
    private function data(StaffMember $reader): array
    {
        return ['channel' => Channel::desk($reader->id), 'terms' => TermsData::of(KnockTerms::of($reader))] +
            HostKnocks::of($reader, Clock::now());
    }
}
