<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;
use Symfony\Component\HttpFoundation\InputBag;

/**
 * What nobody types is not let in: NULs and broken letters in any field, more of them than any page of ours has, and lists
 * in an address, where every field of ours is one word. What is said stands in the body, what is asked for in the address:
 * neither is taken for the other. Whatever else is wrong with a field is said where the field is checked.
 */
final class CleanInput extends TransformsRequest
{
    public function handle($request, \Closure $next)
    {
        $request->query->replace(array_filter($request->query->all(), is_string(...)));
        if ($request->isMethodSafe()) {
            // Whoever only looks has no more to say than the address does.
            $request->setJson(new InputBag());
        } else {
            $request->query->replace([]);
            Budget::check($request, Budget::MOST);
        }

        return parent::handle($request, $next);
    }

    protected function transform($key, $value)
    {
        return is_string($value) ? str_replace("\0", '', mb_scrub($value, 'UTF-8')) : $value;
    }
}
