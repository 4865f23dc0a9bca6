<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Page;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\Secret;
use App\Models\StaffMember;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/** What a staff member sets for themselves, and the office for the school. */
final class SettingsController
{
    public function page(#[CurrentUser] StaffMember $staff): View
    {
        return Page::staff('Settings', Words::say('running.settings_title'), [
            'host' => $staff->name,
            'settings' => $this->data($staff),
        ]);
    }

    public function schoolPage(#[CurrentUser] StaffMember $staff): View
    {
        return Page::staff('OurSchool', Words::say('running.school_title'), [
            'host' => $staff->name,
            'settings' => $this->data($staff),
            'can_word' => $staff->can('word-school'),
        ]);
    }

    public function me(#[CurrentUser] StaffMember $staff, MeRequest $request): JsonResponse
    {
        $staff->update($request->columns());
        [$isOtherClock, $isOtherLanguage] = [$staff->wasChanged('clock'), $staff->wasChanged('language')];
        if ($isOtherLanguage) {
            // What is said of it is said in it.
            app()->forgetInstance(Reading::class);
        }
        $answer = new JsonResponse($this->data($staff));

        // What is set now counts, whatever was switched to at this computer before.
        return $isOtherClock ? $answer->withoutCookie(Reading::COOKIE) : $answer;
    }

    public function picture(#[CurrentUser] StaffMember $staff, Request $request): JsonResponse
    {
        $staff->update(['picture' => self::drawn($request, Picture::square(...))]);

        return new JsonResponse($this->data($staff));
    }

    /** A new secret address for the feed of one's bookings; the old one stops working. */
    public function renewFeed(#[CurrentUser] StaffMember $staff): JsonResponse
    {
        $staff->feed_generation++;
        $staff->feed_hash = Secret::hash($staff->feedToken());
        $staff->save();
        Secret::forgetFormer('staff', $staff->id);

        return new JsonResponse($this->data($staff));
    }

    public function school(#[CurrentUser] StaffMember $staff, SchoolRequest $request): JsonResponse
    {
        $staff->school->update($request->columns());
        LogBook::note('school', $staff->school);

        return new JsonResponse($this->data($staff));
    }

    /** Closed days out of an .ics file: they are offered, and kept with the rest of the form. */
    public function closedDays(#[CurrentUser] StaffMember $staff, Request $request): JsonResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:10240']]);
        $file = $request->file('file');
        try {
            $days = ClosedDaysFile::read(
                $file instanceof UploadedFile ? (string) $file->getContent() : '',
                $staff->school->timeZone(),
                Clock::now(),
            );
        } catch (\Recess\RecessException $failure) {
            throw ValidationException::withMessages(['file' => Words::why($failure)]);
        }

        return new JsonResponse(['closed_days' => $days]);
    }

    public function addPlace(#[CurrentUser] StaffMember $staff, SavedPlaceRequest $request): JsonResponse
    {
        Directions::change(new SavedPlace(), $request->columns());

        return new JsonResponse($this->data($staff), 201);
    }

    public function removePlace(#[CurrentUser] StaffMember $staff, SavedPlace $place): JsonResponse
    {
        Directions::change($place, ['removed_at' => Instant::column(Clock::now())]);

        return new JsonResponse($this->data($staff));
    }

    /** Mends it; one that was just taken away is there again. */
    public function changePlace(
        #[CurrentUser] StaffMember $staff,
        SavedPlace $place,
        SavedPlaceRequest $request,
    ): JsonResponse {
        Directions::change($place, ['removed_at' => null] + $request->columns());

        return new JsonResponse($this->data($staff));
    }

    /** What shows the way to a room of the school, or nothing. */
    public function picturePlace(#[CurrentUser] StaffMember $staff, SavedPlace $place, Request $request): JsonResponse
    {
        $picture = self::drawn($request, Picture::whole(...));
        Directions::change($place, [
            'picture' => $picture,
            'picture_key' => $picture === null ? null : substr(hash('sha256', $picture), 0, 16),
        ]);

        return new JsonResponse($this->data($staff));
    }

    /** @param  \Closure(string): string  $draw  a picture anew, out of the file that was sent */
    private static function drawn(Request $request, \Closure $draw): ?string
    {
        $request->validate(['picture' => ['nullable', 'file', 'max:8192']]);
        $file = $request->file('picture');
        try {
            return $file instanceof UploadedFile ? $draw((string) $file->getContent()) : null;
        } catch (\InvalidArgumentException $failure) {
            throw ValidationException::withMessages(['picture' => $failure->getMessage()]);
        }
    }

    /** @return SettingsShape */
    private function data(StaffMember $staff): array
    {
        if ($staff->feed_hash === null) {
            $staff->update(['feed_hash' => Secret::hash($staff->feedToken())]);
        }

        return SettingsData::of($staff->refresh(), Clock::now());
    }
}
