<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\Sheet;
use App\Models\StaffMember;

/** Keeps what is typed on a worksheet, so that a reload, another computer or a flat battery loses nothing. */
final class KeepDraft
{
    /** Characters of a worksheet with everything on it; more is not typed by hand. */
    public const MOST = 200_000;

    /** Fields of a SheetForm that are words: empty they are empty, and not unsaid. */
    private const WORDS = ['title', 'intro', 'label', 'link', 'directions', 'help', 'from'];

    /** @param  array<mixed>  $form */
    public function __invoke(StaffMember $writer, ?Sheet $sheet, array $form, string $line): void
    {
        Draft::query()
            ->updateOrCreate(
                ['staff_id' => $writer->id, 'of' => $sheet->id ?? 0],
                ['sheet_id' => $sheet?->id, 'form' => self::asTyped($form), 'line' => $line],
            )
            ->touch();
    }

    /**
     * A request has null where nothing was typed; the page that gets its form again takes it as it was.
     *
     * @param  array<mixed>  $form
     * @return array<mixed>
     */
    private static function asTyped(array $form): array
    {
        foreach ($form as $field => $value) {
            $isWord = in_array($field, self::WORDS, true) || ($field === 'until' && array_key_exists('from', $form));
            $form[$field] = is_array($value) ? self::asTyped($value) : ($isWord ? $value ?? '' : $value);
        }

        return $form;
    }
}
