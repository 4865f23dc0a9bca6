<?php

declare(strict_types=1);

namespace App\Telling;

use App\Calendars\AnswerAddress;
use App\Calendars\Reader;
use App\Framework\Reading;
use App\Framework\Spell;
use App\Framework\Words;
use App\Knocks\Knock;
use App\Knocks\KnockOccasion;
use App\Knocks\MailAnswer;
use App\Models\Reach;
use App\Models\StaffMember;
use Illuminate\Mail\Mailables\Address;
use Illuminate\Mail\SentMessage;
use Illuminate\Queue\Attributes\WithoutRelations;
use Recess\Calendars\Invitation;
use Recess\Calendars\Meeting;
use Recess\Calendars\PartStat;
use Recess\Calendars\Person;
use Recess\Time\Span;

/**
 * Tells one reader what became of a knock. To a host it is a request as calendars know it, with buttons for whoever reads
 * mail without one; to whoever knocked, the host's reply or other times (RFC 5546, 3.2.2 to 3.2.7).
 */
final class KnockLetter extends Message
{
    private readonly int $sequence;

    private readonly int $stamp;

    private readonly string $by;

    /** @var list<array{int, int}> the times that it is about, the first or chosen one first */
    private readonly array $times;

    public function __construct(
        #[WithoutRelations] private readonly Knock $knock,
        private readonly KnockOccasion $occasion,
        private readonly Reader $reader,
        private readonly string $word,
        ?StaffMember $by,
    ) {
        $this->sequence = $knock->sequence;
        $this->stamp = $knock->updated_at->getTimestamp();
        $this->by = $by->name ?? '';
        $choices = $knock->choices->sortBy(static fn($one): array => [$one->chosen ? 0 : 1, $one->position]);
        $this->times = array_values(
            $choices->map(static fn($one): array => [$one->span()->start, $one->span()->end])->all(),
        );
    }

    /** A question that was answered before it went out is asked no more. */
    public function send($mailer): ?SentMessage
    {
        $asks = in_array(
            $this->occasion,
            [KnockOccasion::Asked, KnockOccasion::OneAccepted, KnockOccasion::AskedAgain, KnockOccasion::ToConfirm],
            true,
        );
        $now = Knock::query()->find($this->knock->id);

        return $asks && ($now === null || !$now->state->isOpen()) ? null : parent::send($mailer);
    }

    protected function identity(): string
    {
        return "{$this->knock->uid}.knock.$this->sequence.{$this->occasion->value}.{$this->reader->key()}";
    }

    protected function reading(): Reading
    {
        return $this->reader->reading();
    }

    /** @return list<Address> */
    protected function answersTo(): array
    {
        $other = $this->reader->isHost() ? $this->knock->pass : $this->knock->host;

        return $other->email === null ? [] : [new Address($other->email, $other->name)];
    }

    protected function heading(): string
    {
        return Words::say("knocks.letter_{$this->key()}_heading", [
            'title' => $this->title(),
            'who' => $this->knock->pass->name,
            'host' => $this->knock->names(),
            'by' => $this->by,
        ]);
    }

    protected function letter(): Letter
    {
        $knock = $this->knock;
        $host = $this->reader->isHost();
        $confirms = $this->occasion === KnockOccasion::ToConfirm;

        return new Letter(
            greeting: $host
                ? Words::say('booking.dear', ['name' => $this->reader->name()])
                : Letter::greeting($knock->pass),
            news: Words::say("knocks.letter_{$this->key()}", [
                'who' => $knock->pass->name,
                'by' => $this->by,
                'until' => Spell::moment($knock->until->getTimestamp(), $knock->zone()),
                'host' => $this->occasion === KnockOccasion::Declined && $this->by !== '' ? $this->by : $knock->names(),
            ]),
            word: $this->word,
            facts: $this->facts(),
            linkText: Words::say($host ? 'knocks.to_page' : ($confirms ? 'knocks.to_confirm' : 'knocks.to_pass')),
            link: match (true) {
                $host => url('/staff/knocks'),
                $confirms => $knock->pass->confirmLink((string) $knock->pass->email),
                default => $knock->pass->within(Reach::knock($knock->id, $knock->until->getTimestamp()))->link(),
            },
            school: $knock->host->school->name,
            buttons: $this->buttons(),
        );
    }

    /** Whether it goes to an address that somebody typed, and from which nobody has answered. */
    private function isStrange(): bool
    {
        return !$this->reader->isHost() && !$this->knock->pass->hasAnswered();
    }

    private function title(): string
    {
        return $this->isStrange() ? Words::say('knocks.stranger_title') : $this->knock->title;
    }

    /** Which of the letters in lang/en/knocks.php it is. */
    private function key(): string
    {
        return match (true) {
            $this->occasion === KnockOccasion::Asked => $this->reader->isHost() ? 'asked' : 'sent',
            // The times that stand in it are kept, and the one that was asked for may be among them.
            $this->occasion === KnockOccasion::Proposed && $this->reader->isHost() => 'proposed_instead',
            $this->toHostThatItIsOff() => 'off',
            default => $this->occasion->value,
        };
    }

    /** @return array<string, string> */
    private function facts(): array
    {
        $knock = $this->knock;
        $zone = $knock->zone();
        $facts = $this->isStrange() ? [] : [Words::say('knocks.fact_about') => $knock->title];
        $facts += [
            Words::say($this->reader->isHost() ? 'knocks.fact_from' : 'knocks.fact_with') => $this->reader->isHost()
                ? $knock->pass->name
                : $knock->names(),
        ];
        foreach ($this->times as $i => [$start, $end]) {
            $facts[
                count($this->times) === 1
                    ? Words::say('knocks.fact_time')
                    : Words::say('knocks.fact_choice', ['position' => $i + 1])
            ] = Spell::slot(Span::of($start, $end), $zone);
        }

        return array_filter(
            $facts + [
                Words::say('knocks.fact_where') => $knock->place->label ?? '',
                ...$this->isStrange()
                    ? []
                    : [
                        Words::say('knocks.fact_student') => $knock->student,
                        Words::say(
                            $this->reader->isHost() ? 'knocks.fact_details' : 'knocks.fact_details_yours',
                        ) => $knock->details,
                        Words::say('knocks.fact_work') => $knock->work,
                    ],
                Words::say('knocks.fact_answer') => $this->asksHost()
                    ? Words::say(AnswerAddress::isRead() ? 'knocks.letter_by_calendar' : 'knocks.letter_by_buttons')
                    : '',
            ],
            static fn(string $value): bool => $value !== '',
        );
    }

    /** @return list<array{text: string, link: string}> one for each thing that a host can say */
    private function buttons(): array
    {
        $host = $this->asksHost() ? $this->reader->person() : null;
        if (!($host instanceof StaffMember)) {
            return [];
        }
        $knock = $this->knock;
        $buttons = [];
        foreach (['accept', 'maybe'] as $answer) {
            foreach ($knock->choices as $choice) {
                $buttons[] = [
                    'text' => Words::say("knocks.button_$answer", [
                        'when' => Spell::moment($choice->span()->start, $knock->zone()),
                    ]),
                    'link' => MailAnswer::link($knock, $host, $answer, $choice),
                ];
            }
        }

        return [
            ...$buttons,
            ['text' => Words::say('knocks.button_decline'), 'link' => MailAnswer::link($knock, $host, 'decline')],
        ];
    }

    protected function entry(): ?CalendarEntry
    {
        if ($this->times === []) {
            return null;
        }
        $meeting = $this->meeting();
        $written = match (true) {
            $this->toHostThatItIsOff() => ['CANCEL', Invitation::cancel($meeting, $this->stamp)],
            $this->reader->isHost() => ['REQUEST', Invitation::request($meeting, $this->stamp)],
            $this->occasion === KnockOccasion::Declined => [
                'REPLY',
                Invitation::reply($meeting, PartStat::Declined, $this->stamp),
            ],
            $this->occasion === KnockOccasion::Maybe => [
                'REPLY',
                Invitation::reply($meeting, PartStat::Tentative, $this->stamp),
            ],
            $this->occasion === KnockOccasion::Proposed => ['COUNTER', Invitation::counter($meeting, $this->stamp)],
            default => null,
        };

        return $written === null ? null : CalendarEntry::written($written[0], $written[1], $meeting);
    }

    /** As calendars know it: called by whoever knocks, with a host as the one who is asked. */
    private function meeting(): Meeting
    {
        $knock = $this->knock;
        $zone = $knock->zone();
        $host = $this->reader->isHost() ? $this->reader->person() : $knock->host;
        $also = array_map(
            static fn(array $time): string => Spell::moment($time[0], $zone),
            array_slice($this->times, 1),
        );
        $answers = $this->reader->isHost() ? AnswerAddress::of($knock->uid, $this->reader->email()) : null;

        return new Meeting(
            uid: $knock->uid,
            // An answer has the number of what it answers (RFC 5546, 3.2.3 and 3.2.7).
            sequence: $this->reader->isHost() ? $this->sequence : max(0, $this->sequence - 1),
            span: Span::of(...$this->times[0]),
            zone: $zone,
            summary: Words::say('knocks.summary', [
                'title' => $this->title(),
                'other' => $this->reader->isHost() ? $knock->pass->name : $knock->names(),
            ]),
            location: $knock->place->label ?? '',
            description: trim(
                implode(
                    "\n",
                    array_filter([
                        ...$this->isStrange() ? [] : [$knock->details, $knock->work],
                        $also === [] ? '' : Words::say('knocks.also', ['times' => Spell::list($also)]),
                    ]),
                ),
            ),
            host: new Person($host->name, (string) $host->email),
            visitor: new Person($knock->pass->name, (string) $knock->pass->email),
            tentative: true,
            organizer: new Person($knock->pass->name, $answers ?? (string) $knock->pass->email),
            attendee: new Person($host->name, (string) $host->email),
            asks: $this->asksHost() && AnswerAddress::isRead(),
        );
    }

    private function asksHost(): bool
    {
        return $this->reader->isHost() &&
            in_array(
                $this->occasion,
                [KnockOccasion::Asked, KnockOccasion::OneAccepted, KnockOccasion::AskedAgain],
                true,
            );
    }

    private function toHostThatItIsOff(): bool
    {
        return $this->reader->isHost() &&
            in_array(
                $this->occasion,
                [KnockOccasion::Declined, KnockOccasion::Lapsed, KnockOccasion::TakenBack, KnockOccasion::Proposed],
                true,
            );
    }
}
