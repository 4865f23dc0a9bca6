<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A visitor's private page for their bookings, and what is known of the visitor.
 *
 * Its token opens it. At rest there is only the token's hash; the token itself can be worked out again from the
 * application key and the row's seed, which is how a later message can carry it. A new generation makes the
 * old token worthless. See docs/decisions/0005-pass-tokens.md.
 *
 * @property int $id
 * @property string|null $token_hash
 * @property string|null $seed of its token; null for passes of before there were seeds, whose number it is then
 * @property int $generation
 * @property string $name
 * @property string|null $email null for those whom the office books without one
 * @property string $phone
 * @property string|null $new_email what shall take the place of email once it has answered
 * @property CarbonImmutable|null $confirmed_at when the address answered
 * @property int|null $clock 12 or 24, as the visitor reads times; null until they have said
 * @property string|null $language in which the visitor reads; null until they have said
 * @property string $mail_failure why the last message did not arrive
 * @property string|null $renew_because why it is to have another address, until it has
 * @property CarbonImmutable|null $forgotten_at when what was known of its holder was taken away
 * @property CarbonImmutable|null $created_at
 * @property int|null $guardian_id whose it is, where the school knows them (App\Directory)
 * @property int|null $staff_id whose it is, where they work here
 * @property bool $late_by_mail whether its holder hears by mail that a host runs late
 * @property bool $late_by_text the same, by text message
 * @property Collection<int, Booking> $bookings
 */
final class Pass extends Row
{
    protected $table = 'passes';

    protected $guarded = [];

    protected $hidden = ['token_hash', 'seed'];

    /** How far it was opened; null is all of it. */
    public ?Reach $reach = null;

    protected $attributes = [
        'seed' => null,
        'generation' => 1,
        'mail_failure' => '',
        'guardian_id' => null,
        'staff_id' => null,
        'late_by_mail' => true,
        'late_by_text' => false,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'confirmed_at' => 'immutable_datetime',
            'forgotten_at' => 'immutable_datetime',
            'late_by_mail' => 'boolean',
            'late_by_text' => 'boolean',
        ];
    }

    protected static function booted(): void
    {
        // With a seed of its own the token is known before the row has its number: its hash goes in with it.
        self::creating(static function (self $pass): void {
            $pass->seed = rtrim(strtr(base64_encode(random_bytes(16)), '+/', '-_'), '=');
            $pass->token_hash = Secret::hash($pass->token());
        });
    }

    /** The pass on which something goes: the one that is known, with a number that was asked for because it was not, or a new one. */
    public static function ofVisitor(?int $known, string $name, string $email, string $phone, ReadsAs $reads): self
    {
        if ($known === null) {
            return self::query()->create([
                'name' => $name,
                'email' => $email ?: null,
                'phone' => $phone,
                ...$reads->kept(),
            ]);
        }
        // Put on another one, or taken away, since it was opened: nothing goes on it any more.
        $pass = self::query()->whereNull('forgotten_at')->lockForUpdate()->findOrFail($known);
        $pass->update(
            ($pass->phone === '' && $phone !== '' ? ['phone' => $phone] : []) +
                ($pass->language === null ? array_filter($reads->kept()) : []),
        );

        return $pass;
    }

    /** That of somebody who works here, made when it is first wanted. */
    public static function ofStaff(StaffMember $staff): self
    {
        return self::query()->firstOrCreate(
            ['staff_id' => $staff->id],
            ['name' => $staff->name, 'email' => $staff->email, 'phone' => '', 'confirmed_at' => CarbonImmutable::now()],
        );
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class);
    }

    /** Another address, and other keys in its calendar entries: what the old ones opened they open no more. */
    public function renew(): void
    {
        $this->generation++;
        $this->token_hash = Secret::hash($this->within(null)->token());
        $this->renew_because = null;
        $this->save();
        Secret::forgetFormer('passes', $this->id);
    }

    /** What goes into an address as it is, and nobody guesses: of all of it, or no further than it was opened. */
    public function token(): string
    {
        return $this->reach?->token($this) ??
            Secret::of(sprintf('pass|%s|%d', $this->seed ?? $this->id, $this->generation));
    }

    public function link(): string
    {
        return url(Addresses::pass($this->token()));
    }

    /** The same pass, no further than that. */
    public function within(?Reach $reach): self
    {
        $pass = clone $this;
        $pass->reach = $reach;

        return $pass;
    }

    /** The e-mail address, or a hint of it to whoever opened a part: it is on a card that others handed out. */
    public function shownEmail(): string
    {
        $email = (string) $this->email;

        return $this->reach === null || $email === '' ? $email : mb_substr($email, 0, 1) . '…' . strrchr($email, '@');
    }

    /** The phone number, or its last digits, likewise. */
    public function shownPhone(): string
    {
        return $this->reach === null || $this->phone === '' ? $this->phone : '… ' . mb_substr($this->phone, -2);
    }

    /** Whether what was opened of it is about that booking. */
    public function reaches(Booking $booking): bool
    {
        return $this->reach?->holds($booking) ?? true;
    }

    /** Its page as far as one booking or round goes: what letters, calendars and paper lead to. */
    public function linkTo(Booking|Round $one): string
    {
        return $this->within($one instanceof Booking ? Reach::booking($one) : Reach::round($one))->link();
    }

    /** Whether one of its addresses has shown that it is theirs: until then nothing that was typed here goes there. */
    public function hasAnswered(): bool
    {
        return $this->confirmed_at !== null;
    }

    /** What stands beside its address on the outside of a letter. */
    public function addressee(): string
    {
        return $this->hasAnswered() ? $this->name : '';
    }

    /** The secret end of the address at which one of its e-mail addresses answers: whoever has it reads that address. */
    public function addressKey(string $email): string
    {
        return Secret::of("address|$this->id|$email");
    }

    /** Whether a key is that of one of its addresses. */
    public function addressAnswers(string $email, string $key): bool
    {
        return Secret::matches("address|$this->id|$email", $key);
    }

    /** Whoever presses there reads that mailbox: then all of it opens. */
    public function confirmLink(string $email): string
    {
        return $this->within(Reach::answer())->link() . '/address/' . $this->addressKey($email);
    }

    /** @param  mixed  $token  as it came: what is no token opens nothing */
    public static function byToken(mixed $token): ?self
    {
        return match (true) {
            !is_string($token) || $token === '' => null,
            str_contains($token, '.') => Reach::opened($token),
            default => self::query()->where('token_hash', Secret::hash($token))->first() ??
                self::query()->find(Secret::formerly('passes', $token)),
        };
    }

    /** The pass that a token opens on that sheet, in that round, or at that host's door; null where it reaches something else. */
    public static function opening(mixed $token, Sheet|Round|StaffMember $on): ?self
    {
        $pass = self::byToken($token);
        $reach = $pass?->reach;

        return $reach === null ||
            match (true) {
                $on instanceof Sheet => $reach->opens($on),
                $on instanceof Round => $reach->opensRound($on),
                default => $reach->opensDoor($on),
            }
            ? $pass
            : null;
    }

    /** The pass that a token opens whole; null where it reaches less. */
    public static function whole(mixed $token): ?self
    {
        $pass = self::byToken($token);

        return $pass?->reach === null ? $pass : null;
    }
}
