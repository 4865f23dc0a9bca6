<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Block;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Recess\Records\BlockReader;
use Recess\Records\BlockRecord;
use Recess\Rules\Rulebook;
use Recess\Rules\Stated;
use Recess\Rules\TermKind;
use Recess\Time\LocalDate;

/** A new draft like an earlier sheet, with all of its dates moved so that it begins at a new start. */
final class CopySheet
{
    /** @throws \Recess\RecessException when a moved date does not exist */
    public function __invoke(Sheet $sheet, StaffMember $host, LocalDate $start): Sheet
    {
        $blocks = $sheet->coreBlocks();
        $firsts = array_map(static fn($block): int => $block->pattern->first()->day, $blocks);
        sort($firsts);
        $days = $start->day - ($firsts[0] ?? $start->day);

        return DB::transaction(static function () use ($sheet, $host, $blocks, $days): Sheet {
            $copy = $sheet->replicate(['slug', 'uid', 'state', 'published_at', 'put_away_at', 'version']);
            $copy->fill([
                'staff_id' => $host->id,
                'state' => SheetState::Draft,
                'slug' => FreeSlug::for($sheet->title, $host->name),
                'uid' => Str::uuid()->toString(),
                'version' => 1,
                'rules' => self::movedRules($sheet->rules, $days),
            ]);
            $copy->setRelations([]);
            $copy->save();
            foreach ($blocks as $block) {
                $copy
                    ->blocks()
                    ->create(Block::columnsOf(BlockReader::read(self::moved(BlockRecord::of($block), $days))));
            }
            foreach ($sheet->places as $place) {
                $copy->places()->save($place->replicate(['sheet_id']));
            }
            foreach ($sheet->colleagues as $colleague) {
                if ($colleague->staff_id !== $host->id) {
                    $copy->colleagues()->save($colleague->replicate(['sheet_id']));
                }
            }

            return $copy->refresh();
        });
    }

    /** The rules with the dates on which booking opens and closes so many days later, at the same clock time. */
    private static function movedRules(Stated $rules, int $days): Stated
    {
        $changes = [];
        foreach (Rulebook::terms() as $term) {
            $stated = $rules->toArray()[$term->name];
            if ($term->kind === TermKind::Moment && is_string($stated)) {
                $changes[$term->name] = LocalDate::parse(substr($stated, 0, 10))->plusDays($days) . substr($stated, 10);
            }
        }

        return $rules->with($changes);
    }

    /**
     * Every date in the record, so many days later.
     *
     * @param  array<string, mixed>  $record
     * @return array<string, mixed>
     */
    private static function moved(array $record, int $days): array
    {
        array_walk_recursive($record, static function (mixed &$value) use ($days): void {
            if (is_string($value) && preg_match('/^\d{4}-\d{2}-\d{2}$/D', $value) === 1) {
                $value = (string) LocalDate::parse($value)->plusDays($days);
            }
        });

        return $record;
    }
}
