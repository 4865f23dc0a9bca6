<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A model that is ready at once.
 *
 * Eloquent looks through all methods of each class for traits to boot, and for a method that changes each attribute on
 * its way in or out, in every request anew; with a dozen classes that took a tenth of a booking's time. Ours have
 * Eloquent's own traits and no others, of which the one that has anything to set up is named here, and they change
 * attributes by casts alone. A test holds that against what Eloquent would have found.
 */
trait BootsQuickly
{
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = ['initializeHasAttributes'];
    }

    /** @param  string  $key */
    public function hasGetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasSetMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeMutator($key): bool
    {
        return false;
    }

    /** @param  string  $key */
    public function hasAttributeSetMutator($key): bool
    {
        return false;
    }

    /** Eloquent reads its own callers' code to see that this does not go round in circles, even where there is nothing to touch. */
    public function touchOwners(): void
    {
        if ($this->touches !== []) {
            parent::touchOwners();
        }
    }
}
