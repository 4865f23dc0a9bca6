<?php

declare(strict_types=1);

namespace App\Telling;

use App\Accounts\Invited;
use App\Accounts\PasswordChanged;
use App\Accounts\PasswordForgotten;
use App\Accounts\TriesMail;
use App\Alone\BeginningAsked;
use App\Answers\EntryDeclined;
use App\Booking\BookingNews;
use App\Booking\LetterPreview;
use App\Booking\PassWanted;
use App\Day\WrittenAfterwards;
use App\Directory\CardRenewed;
use App\Framework\Room;
use App\Knocks\KnockNews;
use App\Line\AnotherTimeOffered;
use App\Line\HostRunsLate;
use App\Passes\AddressChanged;
use App\Passes\AddressGiven;
use App\Passes\JoinerAsks;
use App\Passes\PassRenewed;
use App\Publishing\ColleagueAsked;
use App\Publishing\ColleagueRefused;
use App\Sharing\ExpectedReminded;
use App\Sharing\FamilyInvited;
use App\SignIn\SecondFactorTurned;
use App\SignIn\SignInAsked;
use App\Waiting\PlaceTaken;
use App\Waiting\TimeOffered;
use Illuminate\Support\Facades\Event;

/** Letters, entries, reminders, digests. Listens to what happens in all rooms; none of them calls it. */
final class TellingRoom extends Room
{
    public function register(): void
    {
        $this->app->bind(LetterPreview::class, WrittenLetter::class);
        $this->app->bind(TriesMail::class, MailTrial::class);
    }

    /** What sends a letter out of the house; all else keeps it, and nobody would be told of anything. */
    private const SENDS = ['smtp'];

    public function boot(): void
    {
        parent::boot();
        if (config('recess.demo') !== true && ! in_array(config('mail.default'), self::SENDS, true) && ! $this->app->runningUnitTests()) {
            throw new \RuntimeException('There is no mail server to send with, so nothing is started: set MAIL_MAILER=smtp and MAIL_HOST.');
        }
        Event::listen(BookingNews::class, TellOfBooking::class);
        Event::listen(HostRunsLate::class, [TellOfDay::class, 'ofLate']);
        Event::listen(WrittenAfterwards::class, [TellOfDay::class, 'ofWritten']);
        Event::listen(AnotherTimeOffered::class, [TellOfDay::class, 'ofOffer']);
        Event::listen(KnockNews::class, TellOfKnock::class);
        Event::listen(EntryDeclined::class, [TellOfKnock::class, 'ofEntryDeclined']);
        Event::listen(PlaceTaken::class, [TellOfLine::class, 'ofPlace']);
        Event::listen(TimeOffered::class, [TellOfLine::class, 'ofOffer']);
        Event::listen(AddressGiven::class, [TellOfPass::class, 'ofAddressGiven']);
        Event::listen(AddressChanged::class, [TellOfPass::class, 'ofAddressChanged']);
        Event::listen(PassRenewed::class, [TellOfPass::class, 'ofRenewed']);
        Event::listen(CardRenewed::class, [TellOfPass::class, 'ofCard']);
        Event::listen(JoinerAsks::class, [TellOfPass::class, 'ofJoiner']);
        Event::listen(PassWanted::class, TellPassAgain::class);
        Event::listen(Invited::class, [TellOfAccount::class, 'ofInvited']);
        Event::listen(PasswordForgotten::class, [TellOfAccount::class, 'ofForgotten']);
        Event::listen(SignInAsked::class, [TellOfAccount::class, 'ofSignIn']);
        Event::listen(SecondFactorTurned::class, [TellOfAccount::class, 'ofSecondFactor']);
        Event::listen(PasswordChanged::class, [TellOfAccount::class, 'ofChanged']);
        Event::listen(BeginningAsked::class, [TellOfAccount::class, 'ofBeginning']);
        Event::listen(ExpectedReminded::class, [TellFamilies::class, 'ofExpected']);
        Event::listen(FamilyInvited::class, [TellFamilies::class, 'ofInvited']);
        Event::listen(ColleagueAsked::class, [TellColleague::class, 'ofAsked']);
        Event::listen(ColleagueRefused::class, [TellColleague::class, 'ofRefused']);
    }
}
