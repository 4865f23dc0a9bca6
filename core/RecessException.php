<?php

declare(strict_types=1);

namespace Recess;

/** Every failure that the core names. The message is written for the person who gave the value. */
interface RecessException extends \Throwable {}
