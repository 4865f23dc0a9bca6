<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\LetGo;
use App\Framework\Contended;
use App\Models\Hold;
use App\Models\Sheet;
use App\Timetables\Guards;
use App\Waiting\TidyLine;
use Recess\Time\Span;

/** What all that is done to a knock has in common: its guards are raised, it is read anew, and its times go when it comes to nothing. */
final class KnockChange
{
    public function __construct(private readonly LetGo $letGo) {}

    /**
     * @template T
     *
     * @param  \Closure(Knock, Sheet): T  $work  on the knock as it is once nobody else decides for its people
     * @return T
     *
     * @throws KnockRefused when it is not open any more
     */
    public function on(Knock $knock, \Closure $work): mixed
    {
        return Contended::transaction(static function () use ($knock, $work): mixed {
            if ($knock->sheet === null) {
                throw KnockRefused::because('over');
            }
            Guards::booking($knock->sheet, (string) $knock->pass->email, $knock->student);
            $now = Knock::query()->with(Knock::PARTS)->findOrFail($knock->id);
            if ($now->sheet === null || !$now->state->isOpen()) {
                throw KnockRefused::because('over');
            }
            $done = $work($now, $now->sheet);
            $now->announce();

            return $done;
        });
    }

    /**
     * A host's answer to one of its times, while it waits for them.
     *
     * @param  \Closure(Knock, Sheet, KnockChoice): Knock  $work
     *
     * @throws KnockRefused when it is not open any more, or the time is none of its
     */
    public function answered(Knock $knock, int $choice, \Closure $work): Knock
    {
        return $this->on($knock, static function (Knock $knock, Sheet $sheet) use ($choice, $work): Knock {
            if (!$knock->state->waitsForHost()) {
                throw KnockRefused::because('not_asked');
            }
            $one = $knock->choices->firstWhere('id', $choice) ?? throw KnockRefused::because('no_such_time');

            return $work($knock, $sheet, $one);
        });
    }

    /** All that it keeps, but for one time of it. */
    public function letGo(Knock $knock, ?Span $butNot = null): void
    {
        $sheet = $knock->sheet;
        if ($sheet === null) {
            return;
        }
        ($this->letGo)($sheet, $knock->keeper, $butNot?->start);
    }

    /** It comes to nothing: its times are free, and its sheet is gone. */
    public function end(Knock $knock, KnockState $state, string $word = ''): void
    {
        $this->letGo($knock);
        $sheet = $knock->sheet;
        $knock->update([
            'state' => $state,
            'answer_note' => $word,
            'sequence' => $knock->sequence + 1,
            'sheet_id' => null,
            'place_id' => null,
        ]);
        if ($sheet !== null) {
            // What was kept for too long is cleared away by whoever comes first: that may be this.
            Hold::query()->where('sheet_id', $sheet->id)->whereNotNull('with_hold_id')->delete();
            Hold::query()->where('sheet_id', $sheet->id)->delete();
            TidyLine::drop($sheet->id);
            $sheet->delete();
        }
    }
}
