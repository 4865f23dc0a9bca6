<?php

declare(strict_types=1);

namespace App\Plans;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Directory\Teachers;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use Illuminate\Database\Eloquent\Collection;

/** Who stands before a round: a family whom the school knows, with its children there, or anybody. */
final readonly class RoundFamily
{
    /** @param  Collection<int, Student>|null  $children  about whom it can be; null where anybody types a name */
    private function __construct(
        private Round $round,
        public bool $isAdmitted,
        public ?Collection $children,
        private ?Guardian $guardian = null,
    ) {}

    public static function of(Round $round, ?Pass $pass): self
    {
        $guardian = Guardian::ofPass($pass);
        if ($guardian?->school_id !== $round->school_id) {
            return new self($round, !$round->families, null);
        }
        $children = $guardian
            ->students()
            ->with('classes')
            ->get()
            ->filter(static fn(Student $one): bool => $round->isFor($one->classes->modelKeys()))
            ->values();

        return new self(
            $round,
            $children->isNotEmpty() || !$round->families,
            $children->isEmpty() ? null : $children,
            $guardian,
        );
    }

    /** Which they speak, as the directory says it. */
    public function language(): ?string
    {
        return $this->guardian?->language;
    }

    /** From when they may book; null where that is not said. */
    public function opensAt(): ?int
    {
        return $this->round->opensFor(
            array_merge(
                [],
                ...$this->children?->map(static fn(Student $one): array => $one->classes->modelKeys())->all() ?? [],
            ),
        );
    }

    /** What whoever is not admitted is told. */
    public function refusal(): string
    {
        return Words::say('rounds.only_families', ['school' => $this->round->school->name]);
    }

    /** @return array<string, Student>|null as they are called where several are meant; null where anybody types a name */
    public function childrenByName(): ?array
    {
        return $this->children?->mapWithKeys(static fn(Student $one): array => [$one->name() => $one])->all();
    }

    /** @return array<int, list<int>> by child: who teaches it */
    public function teachers(): array
    {
        return $this->children === null ? [] : Teachers::of($this->children);
    }
}
