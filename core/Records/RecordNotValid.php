<?php

declare(strict_types=1);

namespace Recess\Records;

use Recess\Message;
use Recess\RecessException;

/** A record that states no block, with each thing wrong said at its own field. */
final class RecordNotValid extends \DomainException implements RecessException
{
    /** @param  non-empty-array<string, Message>  $errors  by field, such as "hours.0.until" */
    private function __construct(public readonly array $errors)
    {
        parent::__construct(implode(' ', array_values($errors)));
    }

    /** The first of them; whoever can says each at its field. */
    public function says(): Message
    {
        return array_values($this->errors)[0];
    }

    /** @param  non-empty-array<string, Message>  $errors */
    public static function at(array $errors): self
    {
        return new self($errors);
    }
}
