<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\Claim;
use App\Booking\Claimant;
use App\Booking\RequestKeyReused;
use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\Party;
use App\Models\Pass;
use App\Models\Secret;
use App\Timetables\Asking;
use App\Timetables\Guards;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Recess\Time\DateRange;
use Recess\Time\Span;

/** Asks one host or several for one of up to three times that no sheet offers. They are kept until it is answered, or for as long as the host says. */
final class AskForTime
{
    /** Open knocks of one pass. */
    private const OF_ONE_PASS = 5;

    /** Seconds for which times are kept for an address that has not answered yet. */
    private const CONFIRM = 1800;

    private const NEAREST = 3;

    /** Seconds: further ahead nobody can be asked. */
    private const LOOKED_AT = 100 * 86_400;

    public function __construct(private readonly KeepTimes $keepTimes) {}

    /**
     * @param  non-empty-list<KnockTerms>  $terms  of all who have to be there, the door's own host first
     * @param  int  $now  seconds since the epoch
     *
     * @throws ValidationException when a time is outside of what can be asked for
     * @throws KnockRefused when one cannot be had any more, or there are enough open knocks
     * @throws \App\Booking\NotAsFilledIn when it cannot be had by them, for a reason on another pass
     * @throws RequestKeyReused when the key was used for another wish
     */
    public function __invoke(array $terms, KnockWish $wish, int $now): Knock
    {
        $hosts = array_map(static fn(KnockTerms $one): int => $one->staff_id, $terms);
        $known = $this->alreadyAsked($wish, $hosts);
        if ($known !== null) {
            return $known;
        }
        $this->outside($terms, $wish, $now);
        try {
            return Contended::transaction(fn(): Knock => $this->ask($terms, $hosts, $wish, $now));
        } catch (UniqueConstraintViolationException $failure) {
            return $this->alreadyAsked($wish, $hosts) ?? throw $failure;
        }
    }

    /**
     * @param  non-empty-list<KnockTerms>  $terms
     * @param  non-empty-list<int>  $hosts
     */
    private function ask(array $terms, array $hosts, KnockWish $wish, int $now): Knock
    {
        $sheet = KnockSheet::made($terms, $wish, $now);
        Guards::booking($sheet, $wish->email, $wish->student);
        $this->enough($terms, $wish, $now);
        $pass = Pass::ofVisitor($wish->passId, $wish->name, $wish->email, $wish->phone, $wish->reads);
        $unconfirmed = $pass->confirmed_at === null && $sheet->host->school->confirm_addresses;
        $keeper = Secret::hash(Str::uuid()->toString());
        $answerBy = $now + ($unconfirmed ? self::CONFIRM : $terms[0]->kept_hours * 3600);
        $gone = ($this->keepTimes)(
            $sheet,
            $wish->spans,
            new Claim(
                Asking::visitor($pass->id, $pass->email, $wish->student)->about($wish->studentId)->keeping($keeper),
                Claimant::Visitor,
                $now,
            ),
            $answerBy,
        );
        if ($gone !== null) {
            throw KnockRefused::gone(
                $gone,
                $this->instead($terms, $pass, $wish, $gone, $now),
                $sheet->host->school->timeZone(),
            );
        }
        $knock = Knock::query()->create([
            'sheet_id' => $sheet->id,
            'staff_id' => $sheet->staff_id,
            'pass_id' => $pass->id,
            'place_id' => $sheet->places->firstOrFail()->id,
            'state' => $unconfirmed ? KnockState::Unconfirmed : KnockState::Asked,
            'title' => $wish->title,
            'details' => $wish->details,
            'work' => $wish->work,
            'student' => $wish->student,
            'student_id' => $wish->studentId,
            'answers' => (object) $wish->answers,
            'keeper' => $keeper,
            'until' => KeepTimes::until($wish->spans, $answerBy),
            'uid' => Str::uuid()->toString(),
            'request_key' => $wish->requestKey,
            'request_digest' => $wish->digest($hosts),
        ]);
        foreach ($hosts as $host) {
            $knock->hosts()->create(['staff_id' => $host]);
        }
        foreach ($wish->spans as $i => $span) {
            $knock->choices()->create([
                'by' => Party::Visitor,
                'position' => $i + 1,
                'starts_at' => Instant::column($span->start),
                'ends_at' => Instant::column($span->end),
            ]);
        }
        $knock->load(Knock::PARTS);
        $knock->announce();
        event(new KnockNews($knock, $unconfirmed ? KnockOccasion::ToConfirm : KnockOccasion::Asked));

        return $knock;
    }

    /**
     * @param  list<int>  $hosts
     *
     * @throws RequestKeyReused
     */
    private function alreadyAsked(KnockWish $wish, array $hosts): ?Knock
    {
        $knock = Knock::query()->where('request_key', $wish->requestKey)->with(Knock::PARTS)->first();
        if ($knock !== null && !hash_equals($knock->request_digest, $wish->digest($hosts))) {
            throw new RequestKeyReused();
        }

        return $knock;
    }

    /** @param  non-empty-list<KnockTerms>  $terms */
    private function outside(array $terms, KnockWish $wish, int $now): void
    {
        $lengths = array_intersect(
            ...array_map(static fn(KnockTerms $one): array => $one->lengths, [...$terms, $terms[0]]),
        );
        // What lies years away is not even looked at.
        $near = array_filter(
            $wish->spans,
            static fn(Span $span): bool => $span->start > $now && $span->start < $now + self::LOOKED_AT,
        );
        $allowed =
            count($near) === count($wish->spans)
                ? WhenFree::of($terms, self::around($terms, $wish), $now)->allowed()
                : null;
        $messages = [];
        foreach ($wish->spans as $i => $span) {
            $message = match (true) {
                !isset($near[$i]) => Words::say('knocks.outside'),
                !in_array($span->minutes(), $lengths, true) => Words::say('knocks.no_such_length', [
                    'minutes' => $span->minutes(),
                ]),
                $allowed?->holds($span) === false => Words::say('knocks.outside'),
                default => null,
            };
            foreach (array_slice($wish->spans, 0, $i) as $other) {
                $message ??= $other->overlaps($span) ? Words::say('knocks.choices_overlap') : null;
            }
            if ($message !== null) {
                $messages["choices.$i.start"] = $message;
            }
        }
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }
    }

    /** @param  non-empty-list<KnockTerms>  $terms */
    private function enough(array $terms, KnockWish $wish, int $now): void
    {
        $live = Instant::column($now);
        $theirs =
            $wish->passId === null
                ? 0
                : Knock::query()
                    ->whereIn('state', KnockState::open())
                    ->where('until', '>', $live)
                    ->where('pass_id', $wish->passId)
                    ->count();
        if ($theirs >= self::OF_ONE_PASS) {
            throw KnockRefused::because('enough_of_yours', ['most' => self::OF_ONE_PASS]);
        }
        foreach ($terms as $one) {
            if (
                Knock::openOf([$one->staff_id])
                    ->where('until', '>', $live)
                    ->count() >= $one->most_open
            ) {
                throw KnockRefused::because('enough_of_theirs', ['host' => $one->host->name]);
            }
        }
    }

    /**
     * @param  non-empty-list<KnockTerms>  $terms
     * @return list<Span>
     */
    private function instead(array $terms, Pass $pass, KnockWish $wish, Span $gone, int $now): array
    {
        $dates = self::around($terms, $wish);
        $zone = $terms[0]->host->school->timeZone();
        $range = Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 0));
        $own = WhenFree::ofPass($pass, $range, $wish->place, $terms[0]->host->school->travel(), $now);

        return WhenFree::of($terms, $dates, $now)->with($own)->nearest($gone->start, $gone->minutes(), self::NEAREST);
    }

    /** @param  non-empty-list<KnockTerms>  $terms */
    private static function around(array $terms, KnockWish $wish): DateRange
    {
        $zone = $terms[0]->host->school->timeZone();
        $starts = array_map(static fn(Span $span): int => $span->start, $wish->spans);

        return DateRange::of($zone->dateAt(min($starts))->plusDays(-3), $zone->dateAt(max($starts))->plusDays(3));
    }
}
