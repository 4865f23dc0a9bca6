<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** Many invited at once, out of a table: first a look, then the letters. */
final class StaffFileController
{
    public function look(Request $request): JsonResponse
    {
        $file = $this->file($request);

        return new JsonResponse([
            'said' => Words::say('accounts.file_said', [
                'new' => count($file->new),
                'known' => $file->known,
                'notes' => count($file->notes),
            ]),
            'new' => array_column($file->new, 'name'),
            'notes' => $file->notes,
        ]);
    }

    /** The same file again, so that what was looked at is what is sent; all of it or nothing. */
    public function invite(#[CurrentUser] StaffMember $reader, Request $request, InviteStaff $invite): JsonResponse
    {
        $file = $this->file($request);
        $now = Clock::now();
        try {
            Contended::transaction(static function () use ($reader, $file, $invite, $now): void {
                foreach ($file->new as $person) {
                    $staff = $invite($reader, $person, $now);
                    LogBook::note('invited', $staff, ['about' => $staff->name, 'role' => $staff->role()]);
                }
            });
        } catch (UniqueConstraintViolationException) {
            throw new NotNow(Words::say('accounts.file_changed'));
        }

        return new JsonResponse(
            [
                'said' => Words::say('accounts.file_sent', ['sent' => count($file->new)]),
                'list' => StaffList::of($reader, $now),
            ],
            201,
        );
    }

    private function file(Request $request): StaffFile
    {
        $request->validate(['file' => ['required', 'file', 'max:1024']]);
        $file = $request->file('file');

        return StaffFile::read($file instanceof UploadedFile ? (string) $file->getContent() : '');
    }
}
