<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\StaffMember;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** A page: a shell with the page's data in it, on which one Svelte component of web/pages/ is mounted. */
final class Page
{
    /** @param  array<string, mixed>  $data of the component's props */
    public static function visit(string $component, string $title, array $data, ?View $plain = null): View
    {
        return self::shell('visit', $component, $title, $data, $plain);
    }

    /** @param  array<string, mixed>  $data of the component's props */
    public static function staff(string $component, string $title, array $data): View
    {
        return self::shell('staff', $component, $title, $data);
    }

    /** A page that a key opens; of one that opens nothing (any more) it is the same page, which says so (HTTP 410). */
    public static function opened(bool $isOpen, View $page): Response
    {
        return new Response($page->render(), $isOpen ? Response::HTTP_OK : Response::HTTP_GONE);
    }

    /** @param  array<string, mixed>  $data */
    private static function shell(
        string $entry,
        string $component,
        string $title,
        array $data,
        ?View $plain = null,
    ): View {
        return view('shell', [
            'entry' => "web/$entry.ts",
            'title' => $title,
            'component' => $component,
            'reader' => $entry === 'staff' && Auth::user() instanceof StaffMember ? Auth::user() : null,
            // What can be read and done where scripts do not run.
            'plain' => $plain,
            // No "<" survives, so nobody's name can end the element that holds it.
            'data' => json_encode(
                $data,
                JSON_THROW_ON_ERROR |
                    JSON_HEX_TAG |
                    JSON_HEX_AMP |
                    JSON_UNESCAPED_UNICODE |
                    JSON_INVALID_UTF8_SUBSTITUTE,
            ),
        ]);
    }
}
