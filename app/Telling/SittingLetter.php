<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Occasion;
use App\Calendars\Reader;
use App\Framework\Clock;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Database\Eloquent\Collection;

/**
 * What a family has booked in one sitting, as it stands when the letter goes out: the sentences together, the calendar
 * entries each.
 */
final class SittingLetter extends Message implements HostHears
{
    /** @param  list<int>  $bookings */
    public function __construct(private readonly Pass $pass, private readonly array $bookings) {}

    protected function identity(): string
    {
        return sprintf('sitting.%d.%s', $this->pass->id, implode('.', $this->bookings));
    }

    protected function isMoot(): bool
    {
        return $this->meetings()->isEmpty();
    }

    protected function reading(): Reading
    {
        return Reading::of($this->pass);
    }

    public function failed(\Throwable $failure): void
    {
        foreach ($this->meetings()->unique('staff_id') as $one) {
            (new MailFailed())($one, Reader::pass($this->pass), $failure);
        }
    }

    protected function heading(): string
    {
        $meetings = $this->meetings();

        return Words::say('news.sitting.heading', [
            'count' => $meetings->count(),
            'school' => $meetings->firstOrFail()->sheet->host->school->name,
        ]);
    }

    protected function letter(): Letter
    {
        $meetings = $this->meetings();
        $last = $meetings->sortBy('id')->last() ?? $meetings->firstOrFail();
        $school = $last->sheet->host->school;

        return new Letter(
            greeting: Letter::greeting($this->pass),
            news: Words::say('news.sitting.news', ['count' => $meetings->count()]),
            word: '',
            facts: Meetings::facts($meetings),
            linkText: Words::say('news.sitting.another'),
            link: $last->sheet->linkFor($this->pass),
            school: $school->name,
            buttons: array_values($meetings->map($this->press(...))->all()),
        );
    }

    protected function entries(): array
    {
        return Meetings::entries($this->meetings(), $this->pass);
    }

    /** @return array{text: string, link: string} a link reaches no further than the meeting that it is about */
    private function press(Booking $one): array
    {
        return [
            'text' => Words::say('news.sitting.press', [
                'may' => Letter::press($one, Occasion::Booked, $this->pass, Clock::now()),
                'time' => Spell::time($one->span()->start, $one->sheet->host->school->timeZone()),
                'host' => $one->host->name,
            ]),
            'link' => $this->pass->linkTo($one),
        ];
    }

    /** @return Collection<int, Booking> read once for all that the letter says of them */
    private function meetings(): Collection
    {
        return once(fn(): Collection => Meetings::still($this->bookings));
    }
}
