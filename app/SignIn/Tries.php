<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Limits;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Validation\ValidationException;

/** Wrong tries are counted, and end in a wait: for a minute from one place, for an hour from everywhere together. Nobody is locked out for good. */
final readonly class Tries
{
    private const A_MINUTE = 5;

    /**
     * @param  string  $what  is tried, and whose it is
     * @param  string  $from  the network address
     * @param  string  $field  at which it is said
     */
    public function __construct(
        private string $what,
        private string $from,
        private string $field,
        private int $now,
        private int $anHour = 100,
        private ?StaffMember $whose = null,
    ) {}

    /** @throws ValidationException when it was tried too often */
    public function mayTry(): void
    {
        if (Limits::isReached("$this->what|$this->from", self::A_MINUTE, 60, $this->now)) {
            throw ValidationException::withMessages([$this->field => Words::say('signin.too_often')]);
        }
        if (Limits::isReached($this->what, $this->anHour, 3600, $this->now)) {
            throw ValidationException::withMessages([$this->field => Words::say('signin.too_often_hour')]);
        }
    }

    /** @throws ValidationException always, with what it says */
    public function wrong(string $said): never
    {
        Limits::exactly("$this->what|$this->from", 60, $this->now);
        Limits::exactly($this->what, 3600, $this->now);
        // Of whom, where we know them: of an address that nobody has, nothing is kept.
        if ($this->whose !== null) {
            LogBook::note('not_in', $this->whose, ['about' => $this->whose->name, 'what' => $this->field]);
        }
        throw ValidationException::withMessages([$this->field => $said]);
    }

    public function right(): void
    {
        Limits::forget("$this->what|$this->from", 60, $this->now);
    }
}
