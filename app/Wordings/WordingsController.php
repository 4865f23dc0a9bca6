<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Accounts\NotNow;
use App\Framework\Clock;
use App\Framework\Download;
use App\Framework\FileNotRead;
use App\Framework\Languages;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** The office words a sentence otherwise than we do: one by one, or all of a language in a translator's file. */
final class WordingsController
{
    public function page(#[CurrentUser] StaffMember $staff, Request $request): View
    {
        return Page::staff('Wordings', Words::say('wordings.title'), [
            'host' => $staff->name,
            'wordings' => self::found($request),
        ]);
    }

    public function look(Request $request): JsonResponse
    {
        return new JsonResponse(self::found($request));
    }

    public function word(WordingRequest $request, WriteWordings $write): JsonResponse
    {
        [$language, $key] = [$request->language(), $request->key()];
        if ($write($language, [$key => $request->text()->text], [$key => $request->was()], Clock::now()) > 0) {
            LogBook::note('worded', null, ['language' => Languages::name($language), 'count' => 1]);
        }

        return new JsonResponse(WordingsData::sentence($language, $key, WordingsData::rows($language)[$key] ?? null));
    }

    public function file(string $language): Response
    {
        LogBook::note('words_out', null, ['language' => Languages::name($language)]);

        return Download::of(
            WordsFile::of($language, WordingsData::texts($language)),
            'text/x-gettext-translation; charset=utf-8',
            "recess-$language.po",
        );
    }

    public function lookAtFile(Request $request): JsonResponse
    {
        return new JsonResponse(self::said(self::read($request)));
    }

    /** The same file again, so that what was looked at is what is taken; all of it or nothing. */
    public function takeFile(Request $request, WriteWordings $write): JsonResponse
    {
        $request->validate(['digest' => ['required', 'string', 'max:64']]);
        $file = self::read($request);
        if ($file->faults !== [] || !hash_equals($file->digest(), $request->string('digest')->toString())) {
            throw new NotNow(Words::say('wordings.file_meanwhile'));
        }
        $count = $write($file->language, $file->after, $file->before, Clock::now());
        LogBook::note('worded', null, ['language' => Languages::name($file->language), 'count' => $count]);

        return new JsonResponse(
            [
                'said' => Words::say('wordings.file_taken', [
                    'count' => $count,
                    'language' => Languages::name($file->language),
                ]),
                'wordings' => WordingsData::of($file->language, '', true),
            ],
            201,
        );
    }

    /** All of a language as ours again. */
    public function back(string $language, WriteWordings $write): JsonResponse
    {
        $own = WordingsData::texts($language);
        $count = $write($language, array_intersect_key(Ours::in($language), $own), [], Clock::now());
        LogBook::note('worded', null, ['language' => Languages::name($language), 'count' => $count]);

        return new JsonResponse(WordingsData::of($language, '', true));
    }

    /** @return WordingListShape */
    private static function found(Request $request): array
    {
        // In the demo one can read a language that is none.
        $can = array_intersect(
            [$request->string('language')->toString(), Reading::now()->language],
            Languages::offered(),
        );

        return WordingsData::of(
            array_values($can)[0] ?? 'en',
            mb_substr($request->string('q')->toString(), 0, 100),
            $request->string('own')->toString() === 'yes',
        );
    }

    private static function read(Request $request): WordsFile
    {
        $request->validate(['file' => ['required', 'file', 'max:4096']]);
        $file = $request->file('file');
        try {
            return WordsFile::read(
                $file instanceof UploadedFile ? (string) $file->getContent() : '',
                WordingsData::texts(...),
            );
        } catch (FileNotRead $failure) {
            throw ValidationException::withMessages(['file' => $failure->getMessage()]);
        }
    }

    /** @return WordsFileShape as WordsFile in docs/formats/recess.openapi.yaml */
    private static function said(WordsFile $file): array
    {
        $some = array_slice(array_keys($file->after), 0, 30);

        return [
            'said' => Words::say('wordings.file_would', [
                'count' => count($file->after),
                'faults' => count($file->faults),
                'language' => Languages::name($file->language),
            ]),
            'digest' => $file->digest(),
            'count' => count($file->after),
            'can' => $file->faults === [] && $file->after !== [],
            'faults' => $file->faults,
            'notes' => $file->notes,
            'changes' => array_map(
                static fn(string $key): array => [
                    'key' => $key,
                    'before' => $file->before[$key],
                    'after' => $file->after[$key],
                ],
                $some,
            ),
        ];
    }
}
