<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Recess\Rules\Stated;

/**
 * A sheet's rules in their column.
 *
 * @implements CastsAttributes<Stated, Stated>
 */
final class StatedRules implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Stated
    {
        $kept = is_string($value) ? json_decode($value, true) : null;

        return Stated::of(is_array($kept) ? $kept : []);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(($value instanceof Stated ? $value : Stated::of())->toArray(), JSON_THROW_ON_ERROR);
    }
}
