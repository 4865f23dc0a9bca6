<?php

declare(strict_types=1);

namespace App\Live;

/** The web server that holds the pages' connections does not answer. */
final class StampsNotSent extends \RuntimeException {}
