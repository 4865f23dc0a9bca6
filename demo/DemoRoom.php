<?php

declare(strict_types=1);

namespace Demo;

use App\Answers\Mailbox;
use App\Answers\NoMailbox;
use App\Framework\Room;
use App\Models\StaffMember;
use App\Texts\TextMessages;
use App\Video\TemplateRooms;
use App\Video\VideoRooms;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;

/** A made-up school, the stand-ins that ship with it, and what is measured against. */
final class DemoRoom extends Room
{
    public function register(): void
    {
        // Where a video service was set up, that one.
        if (!TemplateRooms::areSet()) {
            $this->app->bind(VideoRooms::class, StandInRooms::class);
        }
        // A demo keeps what it sends, unless a gateway was set up for it.
        if (config('recess.demo') === true && (string) config('recess.texts.address') === '') {
            $this->app->singleton(TextMessages::class, MailroomTexts::class);
        }
        // Where an address is answered and no mailbox was set up, what is pressed in the mailroom comes in.
        $this->app->extend(
            Mailbox::class,
            static fn(Mailbox $mailbox): Mailbox => $mailbox instanceof NoMailbox &&
            config('recess.demo') === true &&
            (string) config('recess.answers.address') !== ''
                ? new MailroomMailbox()
                : $mailbox,
        );
    }

    public function boot(): void
    {
        parent::boot();
        $this->loadRoutesFrom(__DIR__ . '/routes.php');
        $this->commands([
            DemoCommand::class,
            EveningCommand::class,
            LargeRoundCommand::class,
            LargeSchoolCommand::class,
            RushCommand::class,
        ]);
        Mail::extend('mailroom', static fn(): MailroomTransport => new MailroomTransport());
        Gate::define(
            'use-stand-ins',
            static fn(?StaffMember $reader): Response => config('recess.demo') === true
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
        Gate::define(
            'host-rooms',
            static fn(StaffMember $reader): Response => config('recess.demo') === true
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
        // The mailroom holds everybody's passes: it is there in the demo and nowhere else.
        Gate::define(
            'read-mailroom',
            static fn(?StaffMember $reader): Response => config('recess.demo') === true &&
            config('mail.default') === 'mailroom'
                ? Response::allow()
                : Response::denyAsNotFound(),
        );
    }
}
