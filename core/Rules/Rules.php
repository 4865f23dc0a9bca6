<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\Span;
use Recess\World;

/** Some rules, in any order; of several reasons the verdict gives the most useful first. */
final readonly class Rules
{
    /**
     * @param  list<Rule>  $each
     * @param  list<Standing>  $all
     */
    private function __construct(private array $each, private array $all) {}

    public static function of(Rule|Standing ...$rules): self
    {
        return new self(
            array_values(array_filter($rules, static fn(Rule|Standing $rule): bool => $rule instanceof Rule)),
            array_values(array_filter($rules, static fn(Rule|Standing $rule): bool => $rule instanceof Standing)),
        );
    }

    /** @return \Closure(Span): Verdict what they say of one slot after the other */
    public function judging(World $world): \Closure
    {
        $standing = array_values(
            array_filter(array_map(static fn(Standing $rule): ?Reason => $rule->againstAll($world), $this->all)),
        );
        $free = Verdict::free();
        [$from, $until] = [PHP_INT_MIN, PHP_INT_MAX];
        $always = [];
        foreach ($this->each as $rule) {
            if ($rule instanceof Clear) {
                [$first, $last] = $rule->clear($world);
                [$from, $until] = [max($from, $first), min($until, $last)];
            } else {
                $always[] = $rule;
            }
        }
        $each = $this->each;
        $known = [];

        return static function (
            Span $slot,
        ) use ($each, $always, $from, $until, $standing, $free, $world, &$known): Verdict {
            $reasons = $standing;
            foreach ($slot->start >= $from && $slot->start <= $until ? $always : $each as $rule) {
                $reason = $rule->against($slot, $world);
                if ($reason !== null) {
                    $reasons[] = $reason;
                }
            }

            if ($reasons === []) {
                return $free;
            }
            // What nothing but the slot itself stands against is the same for all such slots: one verdict does for them.
            return count($reasons) === 1 && $reasons[0]->until === null
                ? ($known[$reasons[0]->because->name][$reasons[0]->state->name] ??= Verdict::against($reasons))
                : Verdict::against($reasons);
        };
    }
}
