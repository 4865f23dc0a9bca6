<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\ReadsAs;
use App\School\SavedPlace;
use Recess\Time\Span;

/** What somebody asks for who knocks. */
final readonly class KnockWish
{
    /**
     * @param  non-empty-list<Span>  $spans  the first choice first; they lie apart
     * @param  array<string, mixed>  $answers  by question, already checked
     */
    public function __construct(
        public string $title,
        public string $details,
        public string $work,
        public array $spans,
        public SavedPlace $place,
        public string $name,
        public string $email,
        public string $phone,
        public string $student,
        public string $requestKey,
        public array $answers = [],
        public ?int $passId = null,
        public ?int $studentId = null,
        public ReadsAs $reads = new ReadsAs(),
    ) {}

    /**
     * Tells a repeat of the same wish from another one under the same key.
     *
     * @param  list<int>  $hosts
     */
    public function digest(array $hosts): string
    {
        $spans = array_map(static fn(Span $span): array => [$span->start, $span->end], $this->spans);

        return hash(
            'sha256',
            json_encode(
                [
                    $hosts,
                    $this->title,
                    $this->details,
                    $this->work,
                    $spans,
                    $this->place->id,
                    $this->name,
                    $this->email,
                    $this->phone,
                    $this->student,
                    $this->answers,
                    $this->passId,
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
