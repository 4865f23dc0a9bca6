<?php

declare(strict_types=1);

namespace Recess\Calendars;

use Sabre\VObject\Component;
use Sabre\VObject\Parameter;
use Sabre\VObject\Property;

/** Reads a component's properties as plain values; what is not there is empty. */
final class Fields
{
    public static function text(Component $component, string $name): string
    {
        $property = self::all($component, $name)[0] ?? null;

        return $property === null ? '' : (string) $property;
    }

    /** @return list<Property> */
    public static function all(Component $component, string $name): array
    {
        return array_values(
            array_filter($component->select($name), static fn(mixed $one): bool => $one instanceof Property),
        );
    }

    public static function moment(Component $component, string $name, Zones $zones): ?Moment
    {
        $property = self::all($component, $name)[0] ?? null;

        return $property === null ? null : Moment::all($property, $zones)[0] ?? null;
    }

    public static function parameter(Property $property, string $name): string
    {
        $parameter = $property->parameters()[$name] ?? null;

        return $parameter instanceof Parameter ? (string) $parameter->getValue() : '';
    }
}
