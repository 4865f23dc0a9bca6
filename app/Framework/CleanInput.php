<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;
use Symfony\Component\HttpFoundation\InputBag;

/**
 * What nobody types is not let in, and what is typed in two ways is one (Unicode’s normal form C, UAX 15): NULs and broken
 * letters in any field, more of them than any page of ours has, and lists in an address, where every field of ours is one word. What is said stands in the body, what is asked for in the address:
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
        if (!is_string($value) || preg_match('/^[\x01-\x7F]*$/D', $value) === 1) {
            return $value;
        }
        $text = str_replace("\0", '', mb_scrub($value, 'UTF-8'));

        // é is one letter, whether it was typed as one or as two; a password is what its bytes are.
        return in_array($key, ['password', 'current'], true)
            ? $text
            : (\Normalizer::normalize($text, \Normalizer::FORM_C) ?:
                $text);
    }
}
