<?php

declare(strict_types=1);

namespace Recess;

/** Every failure that the core names. What it says is meant for the person who gave the value. */
interface RecessException extends \Throwable
{
    public function says(): Message;
}
