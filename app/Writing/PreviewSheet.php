<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Words;
use App\Models\Block;
use App\Models\Place;
use App\Models\Question;
use App\Models\Questions;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\SheetKind;
use App\Models\SheetState;
use Illuminate\Database\Eloquent\Collection;

/** A sheet as it would be if its worksheet were saved now. Never saved itself. */
final class PreviewSheet
{
    public static function of(WorksheetReader $reader): Sheet
    {
        $sheet = new Sheet();
        $sheet->forceFill([
            'id' => $reader->sheet->id ?? 0,
            'staff_id' => $reader->sheet->staff_id ?? $reader->writer->id,
            'slug' => $reader->sheet->slug ?? '',
            'title' => $reader->text('title') ?: Words::say('sheets.your_title'),
            'intro' => $reader->text('intro'),
            'kind' => SheetKind::tryFrom($reader->text('kind')) ?? SheetKind::Other,
            'state' => SheetState::Open,
            'rules' => $reader->sheetRules(),
            'questions' => new Questions(self::questions($reader)),
            'joining' => (bool) ($reader->form['joining'] ?? false),
            'paused_note' => '',
        ]);
        $sheet->setRelation('host', $reader->sheet->host ?? $reader->writer);
        $sheet->setRelation(
            'blocks',
            new Collection(
                array_map(
                    static fn($block): Block => (new Block())->forceFill(Block::columnsOf($block)),
                    array_values($reader->blocks),
                ),
            ),
        );
        $sheet->setRelation(
            'places',
            new Collection(
                array_map(
                    static fn(PlaceStatement $place, int $i): Place => (new Place())->forceFill([
                        'id' => $i + 1,
                        ...$place->columns(),
                    ]),
                    $reader->places(),
                    array_keys($reader->places()),
                ),
            ),
        );
        $sheet->setRelation('colleagues', new Collection(self::colleagues($reader)));
        $sheet->setRelation('slotChanges', $reader->sheet->slotChanges ?? new Collection());

        return $sheet;
    }

    /** @return list<Question> those that are stated well enough to show */
    private static function questions(WorksheetReader $reader): array
    {
        $questions = [];
        foreach ($reader->list('questions') as $i => $question) {
            if (!isset($reader->errors["questions.$i.kind"]) && is_string($question['label'] ?? null)) {
                $questions[] = Question::fromArray($question);
            }
        }

        return $questions;
    }

    /** @return list<SheetHost> */
    private static function colleagues(WorksheetReader $reader): array
    {
        $colleagues = [];
        foreach ($reader->list('hosts') as $i => $one) {
            if (
                !isset($reader->errors["hosts.$i.id"]) &&
                !isset($reader->errors["hosts.$i.role"]) &&
                is_numeric($one['id'] ?? null)
            ) {
                $colleagues[] = (new SheetHost())->forceFill([
                    'staff_id' => (int) $one['id'],
                    'role' => $one['role'] ?? 'manage',
                ]);
            }
        }

        return $colleagues;
    }
}
