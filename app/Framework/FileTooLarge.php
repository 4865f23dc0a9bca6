<?php

declare(strict_types=1);

namespace App\Framework;

/** A file with more in it than any school has: it was not read, and nothing came of it. */
final class FileTooLarge extends Refused {}
