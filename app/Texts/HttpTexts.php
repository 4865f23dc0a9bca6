<?php

declare(strict_types=1);

namespace App\Texts;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/**
 * Any gateway that takes a message over HTTP: its address, its body and its headers are templates of the technician's,
 * with {to} and {text} in them. In a body of JSON they are escaped for it, everywhere else as in an address (RFC 3986).
 */
final readonly class HttpTexts implements TextMessages
{
    /**
     * @param  string  $body  empty where all stands in the address; then it is asked with GET
     * @param  array<string, string>  $headers
     */
    public function __construct(private string $address, private string $body, private array $headers) {}

    /** @param  string  $lines  "Name: value", with | between */
    public static function of(string $address, string $body, string $lines): self
    {
        $headers = [];
        foreach (array_filter(explode('|', $lines)) as $line) {
            [$name, $value] = explode(':', $line, 2) + ['', ''];
            $headers[trim($name)] = trim($value);
        }

        return new self($address, $body, $headers);
    }

    public function areSent(): bool
    {
        return true;
    }

    public function send(string $to, string $text): void
    {
        $json = str_starts_with(ltrim($this->body), '{');
        try {
            $request = Http::withHeaders($this->headers)
                ->timeout(15)
                ->connectTimeout(5)
                ->withOptions(['allow_redirects' => false]);
            $address = self::filled($this->address, $to, $text, rawurlencode(...));
            $answer =
                $this->body === ''
                    ? $request->get($address)
                    : $request
                        ->withBody(
                            self::filled(
                                $this->body,
                                $to,
                                $text,
                                $json
                                    ? static fn(string $value): string => substr(
                                        (string) json_encode(
                                            $value,
                                            JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
                                        ),
                                        1,
                                        -1,
                                    )
                                    : rawurlencode(...),
                            ),
                            $json ? 'application/json' : 'application/x-www-form-urlencoded',
                        )
                        ->post($address);
        } catch (ConnectionException) {
            // The cause may repeat the address, and a key may stand in it.
            throw TextNotSent::noAnswer();
        }
        $answer->successful() || throw TextNotSent::answered($answer->status());
    }

    /** @param  \Closure(string): string  $escaped */
    private static function filled(string $template, string $to, string $text, \Closure $escaped): string
    {
        return strtr($template, ['{to}' => $escaped($to), '{text}' => $escaped($text)]);
    }
}
