<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\Response;

/** A file that somebody takes out: kept by nobody on the way. */
final class Download
{
    private const PAPER = 'application/pdf';

    /** @param  string  $type  its media type; a paper that came as a page (Printed) is sent as one, to look at and print */
    public static function of(string $body, string $type, string $name, bool $inline = false): Response
    {
        $headers =
            $type === self::PAPER && !str_starts_with($body, '%PDF')
                ? self::page($body)
                : [
                    'Content-Type' => $type,
                    'Content-Disposition' => ($inline ? 'inline' : 'attachment') . "; filename=\"$name\"",
                ];

        return new Response($body, 200, $headers + ['Cache-Control' => 'no-store, private']);
    }

    public static function paper(string $body, string $name, bool $inline = false): Response
    {
        return self::of($body, self::PAPER, $name, $inline);
    }

    /** @return array<string, string> its own style, the pictures in it, and nothing else: no script, nothing fetched */
    private static function page(string $html): array
    {
        preg_match('#<style>(.*?)</style>#s', $html, $style);
        $own = base64_encode(hash('sha256', $style[1] ?? '', true));

        return [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => implode('; ', [
                "default-src 'none'",
                "style-src 'sha256-$own'",
                'img-src data:',
                "base-uri 'none'",
                "frame-ancestors 'none'",
            ]),
        ];
    }
}
