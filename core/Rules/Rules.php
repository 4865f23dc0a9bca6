<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;

/** The rules of a sheet, in any order; of several reasons the verdict gives the most useful first. */
final readonly class Rules
{
    /** @param  list<Rule>  $rules */
    private function __construct(private array $rules)
    {
    }

    public static function of(Rule ...$rules): self
    {
        return new self(array_values($rules));
    }

    public function verdict(Span $slot, Situation $situation): Verdict
    {
        $reasons = [];
        foreach ($this->rules as $rule) {
            $reason = $rule->against($slot, $situation);
            if ($reason !== null) {
                $reasons[] = $reason;
            }
        }

        return $reasons === [] ? Verdict::free() : Verdict::against($reasons);
    }
}
