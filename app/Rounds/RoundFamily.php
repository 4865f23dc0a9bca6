<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Directory\Teachers;
use App\Models\Pass;
use App\Models\Round;
use Illuminate\Database\Eloquent\Collection;

/** Who stands before a round: a family whom the school knows, with its children there, or anybody. */
final readonly class RoundFamily
{
    /** @param  Collection<int, Student>|null  $children  about whom it can be; null where anybody types a name */
    private function __construct(public bool $isAdmitted, public ?Collection $children)
    {
    }

    public static function of(Round $round, ?Pass $pass): self
    {
        $guardian = $pass?->guardian_id === null ? null : Guardian::query()->whereKey($pass->guardian_id)->where('school_id', $round->school_id)->whereNull('put_away_at')->first();
        if ($guardian === null) {
            return new self(! $round->families, null);
        }
        $children = $guardian->students()->with('classes')->get()
            ->filter(static fn (Student $one): bool => $round->classes === [] || array_intersect($one->classes->modelKeys(), $round->classes) !== [])->values();

        return new self($children->isNotEmpty() || ! $round->families, $children->isEmpty() ? null : $children);
    }

    /** Whom the school knows by that name, of this family. */
    public function child(string $called): ?Student
    {
        return $this->children?->first(static fn (Student $one): bool => $one->name() === $called);
    }

    /** @return array<int, list<int>> by child: who teaches it */
    public function teachers(): array
    {
        return $this->children === null ? [] : Teachers::of($this->children);
    }
}
