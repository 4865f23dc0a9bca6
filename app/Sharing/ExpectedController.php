<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Expected;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\Sheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** The list of those whom a host expects: put on, taken off, reminded. */
final class ExpectedController
{
    public function add(Sheet $sheet, Request $request, ExpectStudents $expect): JsonResponse
    {
        $request->validate([
            'text' => ['nullable', 'string', 'max:200000'],
            'file' => ['nullable', 'file', 'max:2048'],
            'students' => ['nullable', 'array', 'max:500'],
            'students.*' => ['integer', 'min:1'],
        ]);
        $file = $request->file('file');
        $notes = [];
        if ($file instanceof UploadedFile || $request->filled('text')) {
            $notes = $expect->fromTable(
                $sheet,
                $file instanceof UploadedFile ? (string) $file->getContent() : $request->string('text')->toString(),
            );
        }
        $expect->fromDirectory($sheet, array_values(array_map(intval(...), (array) $request->input('students', []))));

        return $this->answer($sheet, implode(' ', array_slice($notes, 0, 20)));
    }

    public function remove(Sheet $sheet, Request $request): JsonResponse
    {
        $request->validate(['students' => ['required', 'array', 'max:1000'], 'students.*' => ['integer', 'min:1']]);
        Expected::query()->where('sheet_id', $sheet->id)->whereKey((array) $request->input('students'))->delete();

        return $this->answer($sheet, '');
    }

    public function remind(Sheet $sheet, Request $request, RemindExpected $remind): JsonResponse
    {
        $request->validate(['word' => ['present', 'nullable', 'string', 'max:1000']]);
        $sent = $remind($sheet, $request->string('word')->trim()->toString(), Clock::now());
        LogBook::note('letters', $sheet, ['about' => $sheet->title, 'sent' => $sent]);

        return $this->answer($sheet, Words::say('sheets.reminders_sent', ['sent' => $sent]));
    }

    private function answer(Sheet $sheet, string $said): JsonResponse
    {
        return new JsonResponse(['said' => $said, 'roster' => Roster::of($sheet, Clock::now())]);
    }
}
