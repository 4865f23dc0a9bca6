<?php

declare(strict_types=1);

namespace Tests\App\Support;

use PHPUnit\Framework\Assert;

/** A form of a page as a browser without scripts sends it: what it shows, unless somebody changes it. */
final class PlainForm
{
    /**
     * @param  string  $action  where it is sent to
     * @return array<string, mixed> its fields, nested as PHP reads them
     */
    public static function in(string $html, string $action): array
    {
        $page = new \DOMDocument();
        @$page->loadHTML('<?xml encoding="utf-8"?>' . $html);
        $path = new \DOMXPath($page);
        $form = $path->query("//form[@action='$action']")?->item(0);
        Assert::assertInstanceOf(\DOMElement::class, $form, "no form leads to $action");
        $sent = [];
        foreach ($path->query('.//input[@name]|.//select[@name]|.//textarea[@name]', $form) ?: [] as $field) {
            assert($field instanceof \DOMElement);
            $value = match (true) {
                $field->nodeName === 'select' => self::chosen($path, $field),
                $field->nodeName === 'textarea' => $field->textContent,
                in_array($field->getAttribute('type'), ['checkbox', 'radio'], true) => $field->hasAttribute('checked')
                    ? $field->getAttribute('value')
                    : null,
                default => $field->getAttribute('value'),
            };
            if ($value !== null) {
                $sent[] = rawurlencode($field->getAttribute('name')) . '=' . rawurlencode($value);
            }
        }
        parse_str(implode('&', $sent), $fields);

        return $fields;
    }

    private static function chosen(\DOMXPath $path, \DOMElement $select): ?string
    {
        $options = $path->query('.//option', $select);
        $chosen = $path->query('.//option[@selected]', $select)?->item(0) ?? $options?->item(0);

        return $chosen instanceof \DOMElement
            ? ($chosen->hasAttribute('value')
                ? $chosen->getAttribute('value')
                : trim($chosen->textContent))
            : null;
    }
}
