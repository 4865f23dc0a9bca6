<?php

declare(strict_types=1);

namespace App\Telling;

use App\Models\Pass;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;
use Illuminate\Queue\SerializesModels;

/** Sends somebody the addresses of their passes again. */
final class PassAgain extends Mailable implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    public int $tries = 6;

    /** @param  list<int>  $others  further passes of the same address */
    public function __construct(private readonly Pass $pass, private readonly array $others, private readonly string $school)
    {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: 'Your pass');
    }

    public function headers(): Headers
    {
        return Envelopes::headers(null);
    }

    public function content(): Content
    {
        $facts = [];
        foreach (Pass::query()->whereIn('id', $this->others)->get() as $n => $other) {
            $facts['And '.($n + 2)] = $other->link();
        }

        return new Content(html: 'mail.html', text: 'mail.text', with: ['letter' => new Letter(
            greeting: 'Dear '.$this->pass->name.',', news: 'Here is the pass you asked for.', word: '', facts: $facts,
            linkText: 'Your pass', link: $this->pass->link(), school: $this->school,
        )]);
    }
}
