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
    /** Within somebody else's page, or on a device that many use: nobody chooses a language there. */
    public const WITHIN = ['Frame', 'Kiosk', 'Mailroom', 'VideoRoom'];

    /** @param  array<string, mixed>  $data of the component's props */
    public static function visit(string $component, string $title, array $data, ?View $plain = null): View
    {
        return self::shell($component, $title, $data, [
            'side' => 'visit',
            // The page's own part is named here too, so that it comes with the rest and not after it.
            'entries' => ['web/visit.ts', "web/pages/$component.svelte"],
            'plain' => $plain,
        ]);
    }

    /**
     * A visitor's page whose document can be read and pressed before any script has come; the component takes its place.
     *
     * @param  array<string, mixed>  $data of the component's props
     */
    public static function early(string $component, string $title, array $data, View $document): View
    {
        return self::visit($component, $title, $data)->with('early', $document);
    }

    /** @param  array<string, mixed>  $data of the component's props */
    public static function staff(string $component, string $title, array $data): View
    {
        return self::shell($component, $title, $data, [
            'side' => 'staff',
            'entries' => ['web/staff.ts'],
            'reader' => Auth::user() instanceof StaffMember ? Auth::user() : null,
        ]);
    }

    /** A page that a key opens; of one that opens nothing (any more) it is the same page, which says so (HTTP 410). */
    public static function opened(bool $isOpen, View $page): Response
    {
        return new Response($page->render(), $isOpen ? Response::HTTP_OK : Response::HTTP_GONE);
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array{side: string, ...}  $more
     */
    private static function shell(string $component, string $title, array $data, array $more): View
    {
        return view('shell', [
            'title' => $title,
            'component' => $component,
            'reader' => null,
            // What can be read and done where scripts do not run: apart from what they draw, or until they have.
            'plain' => null,
            'early' => null,
            'data' => self::json($data),
            'words' => self::json(PageWords::of($more['side'], $component)),
            ...$more,
        ]);
    }

    /**
     * No "<" survives, so nobody's name can end the element that holds it.
     *
     * @param  array<string, mixed>  $data
     */
    private static function json(array $data): string
    {
        return json_encode(
            (object) $data,
            JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
