<?php

declare(strict_types=1);

namespace App\Telling;

use App\Accounts\TriesMail;
use App\Answers\EntryDeclined;
use App\Answers\LetterBounced;
use App\Booking\BookingNews;
use App\Booking\LetterPreview;
use App\Booking\PassWanted;
use App\Day\WrittenAfterwards;
use App\Framework\Room;
use App\Framework\Watched;
use App\Knocks\KnockNews;
use App\Line\AnotherTimeOffered;
use App\Line\HostRunsLate;
use App\Passes\AddressChanged;
use App\Passes\AddressGiven;
use App\Passes\JoinerAsks;
use App\Passes\PassRenewed;
use App\Publishing\ColleagueAsked;
use App\Publishing\ColleagueRefused;
use App\Waiting\PlaceTaken;
use App\Waiting\TimeOffered;
use Illuminate\Queue\Events\JobExceptionOccurred;
use Illuminate\Queue\Events\JobFailed;
use Illuminate\Queue\Events\JobProcessed;
use Illuminate\Support\Facades\Event;

/** Letters, entries, reminders, digests. Listens to what happens in all rooms; none of them calls it. */
final class TellingRoom extends Room
{
    public function register(): void
    {
        $this->app->bind(LetterPreview::class, WrittenLetter::class);
        $this->app->bind(TriesMail::class, MailTrial::class);
    }

    protected function tidies(): array
    {
        return [Unsent::class];
    }

    /** What sends a letter out of the house; all else keeps it, and nobody would be told of anything. */
    private const SENDS = ['smtp'];

    public function boot(): void
    {
        parent::boot();
        if (
            config('recess.demo') !== true &&
            !in_array(config('mail.default'), self::SENDS, true) &&
            !$this->app->runningUnitTests()
        ) {
            throw new \RuntimeException(
                'There is no mail server to send with, so nothing is started: set MAIL_MAILER=smtp and MAIL_HOST.',
            );
        }
        $this->app->tag(Unsent::class, Watched::class);
        if ($this->app->runningInConsole()) {
            // The workers say what became of each letter.
            Event::listen(JobExceptionOccurred::class, [Unsent::class, 'tried']);
            Event::listen(JobProcessed::class, [Unsent::class, 'sent']);
            Event::listen(JobFailed::class, [Unsent::class, 'givenUp']);
        }
        Event::listen(BookingNews::class, TellOfBooking::class);
        Event::listen(HostRunsLate::class, [TellOfDay::class, 'ofLate']);
        Event::listen(WrittenAfterwards::class, [TellOfDay::class, 'ofWritten']);
        Event::listen(AnotherTimeOffered::class, [TellOfDay::class, 'ofOffer']);
        Event::listen(KnockNews::class, TellOfKnock::class);
        Event::listen(EntryDeclined::class, [TellOfKnock::class, 'ofEntryDeclined']);
        Event::listen(LetterBounced::class, TellOfBounce::class);
        Event::listen(PlaceTaken::class, [TellOfLine::class, 'ofPlace']);
        Event::listen(TimeOffered::class, [TellOfLine::class, 'ofOffer']);
        Event::listen(AddressGiven::class, [TellOfPass::class, 'ofAddressGiven']);
        Event::listen(AddressChanged::class, [TellOfPass::class, 'ofAddressChanged']);
        Event::listen(PassRenewed::class, [TellOfPass::class, 'ofRenewed']);
        Event::listen(JoinerAsks::class, [TellOfPass::class, 'ofJoiner']);
        Event::listen(PassWanted::class, TellPassAgain::class);
        Event::listen(ColleagueAsked::class, [TellColleague::class, 'ofAsked']);
        Event::listen(ColleagueRefused::class, [TellColleague::class, 'ofRefused']);
    }
}
