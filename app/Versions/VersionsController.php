<?php

declare(strict_types=1);

namespace App\Versions;

use App\Framework\Page;
use App\Framework\Words;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;

/** A host says what stands on their sheet in further languages; the office, what stands on a round. */
final class VersionsController
{
    public function sheet(#[CurrentUser] StaffMember $staff, Sheet $sheet): View
    {
        return self::page($staff, $sheet);
    }

    public function round(#[CurrentUser] StaffMember $staff, Round $round): View
    {
        return self::page($staff, $round);
    }

    public function ofSheet(
        #[CurrentUser] StaffMember $staff,
        Sheet $sheet,
        VersionsRequest $form,
        KeepVersions $keep,
    ): JsonResponse {
        return self::kept($staff, $sheet, $form, $keep);
    }

    public function ofRound(
        #[CurrentUser] StaffMember $staff,
        Round $round,
        VersionsRequest $form,
        KeepVersions $keep,
    ): JsonResponse {
        return self::kept($staff, $round, $form, $keep);
    }

    private static function page(StaffMember $staff, Sheet|Round $of): View
    {
        return Page::staff('Versions', Words::say('versions.title', ['title' => $of->title]), [
            'host' => $staff->name,
            'versions' => VersionsData::of($of, $staff),
        ]);
    }

    private static function kept(
        StaffMember $staff,
        Sheet|Round $of,
        VersionsRequest $form,
        KeepVersions $keep,
    ): JsonResponse {
        $writtenIn = $form->string('written_in')->toString();
        $keep(
            $of,
            $writtenIn === '' ? null : $writtenIn,
            $form->string('language')->toString(),
            $form->texts(),
            $form->string('was')->toString(),
        );

        return new JsonResponse(VersionsData::of($of->refresh(), $staff));
    }
}
