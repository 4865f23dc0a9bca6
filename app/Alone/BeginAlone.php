<?php

declare(strict_types=1);

namespace App\Alone;

use App\Accounts\SetPassword;
use App\Framework\Contended;
use App\Framework\Words;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\Writing\SheetFormData;
use App\Writing\WorksheetReader;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A tutor with a clock, a door and a first sheet of their own: a school of one. All of it, or nothing. */
final class BeginAlone
{
    public function __construct(
        private readonly SetPassword $setPassword,
        private readonly WriteSheet $write,
        private readonly PublishSheet $publish,
    ) {}

    /**
     * @param  array{name: string, subject: string, zone: string, country: string, password: string, place: array{kind: string, label: string, link: string}, minutes: int, hours: array<int, array{from: string, until: string}>}  $said  hours by ISO 8601 day of the week
     * @param  int  $now  seconds since the epoch
     *
     * @throws ValidationException when the hours cannot be
     */
    public function __invoke(Sealed $sealed, array $said, int $now): Sheet
    {
        return Contended::transaction(function () use ($sealed, $said, $now): Sheet {
            $school = School::query()->create([
                'name' => $said['name'],
                'zone' => $said['zone'],
                'country' => $said['country'],
                'phone' => '',
                'terms' => [],
                'closed_days' => [],
                'confirm_addresses' => true,
                'travel_minutes' => 0,
                'quiet_minutes' => 0,
                'alone' => true,
            ]);
            $staff = StaffMember::query()->create([
                'school_id' => $school->id,
                'name' => $said['name'],
                'email' => $sealed->email,
                'subject' => $said['subject'],
                'office' => true,
                'password' => Str::random(60),
            ]);
            // The first one is no other password, of which a letter would tell.
            ($this->setPassword)($staff, $said['password']);
            $staff->forceFill(['came_at' => CarbonImmutable::createFromTimestamp($now)])->save();
            $reader = WorksheetReader::read($this->form($staff->refresh(), $said, $now), $staff, null, $now);
            if ($reader->errors !== []) {
                $where = static fn(string $field): string => match (true) {
                    str_starts_with($field, 'places') => 'place.' . (str_contains($field, 'link') ? 'link' : 'label'),
                    str_ends_with($field, 'minutes') => 'minutes',
                    default => 'hours',
                };
                throw ValidationException::withMessages(
                    array_combine(array_map($where, array_keys($reader->errors)), array_values($reader->errors)),
                );
            }

            return ($this->publish)(($this->write)($staff, $reader->statement(), $now), $now);
        });
    }

    /**
     * @param  array{place: array{kind: string, label: string, link: string}, minutes: int, hours: array<int, array{from: string, until: string}>}  $said
     * @return SheetFormShape as SheetForm
     */
    private function form(StaffMember $staff, array $said, int $now): array
    {
        $form = SheetFormData::fresh(SheetKind::OfficeHours, $staff, $staff->school->timeZone()->dateAt($now));
        $hours = $said['hours'];
        $days = array_keys($hours);
        $usual = reset($hours);
        $block = $form['blocks'][0];
        $block['weekdays'] = $days;
        $block['minutes'] = $said['minutes'];
        $block['hours'] = [($usual === false ? ['from' => '', 'until' => ''] : $usual) + ['overnight' => false]];
        foreach ($hours as $day => $one) {
            if ($one !== $usual) {
                $block['other'][] = ['weekday' => $day, 'hours' => [$one + ['overnight' => false]]];
            }
        }
        $form['blocks'] = [$block];
        $form['title'] = Words::say('alone.first_title');
        $form['places'] = [['id' => null, 'link_mode' => 'one', 'directions' => ''] + $said['place']];

        return $form;
    }
}
