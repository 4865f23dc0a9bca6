<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * How much a request may say, before any rule is asked: so many fields in all, so deep, so long each. Each route declares
 * the first (`budget:300`), and of two on one route the one nearest to it counts; the rest is the same for all.
 *
 * Rules for the fields of a list cost more than in proportion to it, and are all asked, whatever was wrong with the list.
 */
final class Budget
{
    /** Fields of the largest request that any route takes. */
    public const MOST = 22_000;

    /** Lists within lists. */
    private const DEEP = 8;

    /** Bytes of one field. */
    private const LONG = 50_000;

    /** Bytes of one field's name. */
    private const NAME = 200;

    /**
     * @param  \Closure(Request): Response  $next
     *
     * @throws ValidationException at the field that is too much
     */
    public function handle(Request $request, \Closure $next, string $leaves = ''): Response
    {
        self::check($request, self::of($request->route()) ?? (int) $leaves);

        return $next($request);
    }

    /**
     * The rules for the fields of a list, where it is no longer than it may be; the rule for its length says the rest.
     *
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, list<mixed>>
     */
    public static function each(mixed $list, int $most, array $rules): array
    {
        return is_array($list) && count($list) > $most ? [] : $rules;
    }

    /** What a route has declared; null where it has not. */
    public static function of(Route $route): ?int
    {
        $declared = preg_grep('/^budget:\d+$/', array_filter($route->gatherMiddleware(), is_string(...))) ?: [];

        return $declared === [] ? null : (int) substr((string) end($declared), strlen('budget:'));
    }

    /** @throws ValidationException at the field that is too much */
    public static function check(Request $request, int $leaves): void
    {
        $said = $request->isJson() ? $request->json()->all() : $request->request->all();
        foreach ($said as $field => $value) {
            $used = self::used($value, $leaves, 1);
            $leaves -= $used ?? 0;
            if ($used === null || $leaves < 0 || strlen((string) $field) > self::NAME) {
                throw ValidationException::withMessages([
                    mb_substr((string) $field, 0, 40) => Words::say('running.too_much'),
                ]);
            }
        }
    }

    /** How many fields it has; null where that is more than are left, or one of them is too long or too deep. */
    private static function used(mixed $value, int $left, int $depth): ?int
    {
        if (!is_array($value)) {
            return is_string($value) && strlen($value) > self::LONG ? null : 1;
        }
        if ($depth > self::DEEP || count($value) > $left) {
            return null;
        }
        // An empty list is something, too.
        $used = 1;
        foreach ($value as $name => $one) {
            $more = strlen((string) $name) > self::NAME ? null : self::used($one, $left - $used, $depth + 1);
            if ($more === null || ($used += $more) > $left) {
                return null;
            }
        }

        return $used;
    }
}
