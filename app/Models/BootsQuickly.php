<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A model that is ready at once.
 *
 * Eloquent looks through all methods of each class for traits to boot, in every request anew; with a dozen classes
 * that took a tenth of a booking's time. Ours have Eloquent's own traits and no others, and the one of these that
 * has anything to set up is named here. A test holds that against what Eloquent would have found.
 */
trait BootsQuickly
{
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = ['initializeHasAttributes'];
    }

    /** Eloquent reads its own callers' code to see that this does not go round in circles, even where there is nothing to touch. */
    public function touchOwners(): void
    {
        if ($this->touches !== []) {
            parent::touchOwners();
        }
    }
}
