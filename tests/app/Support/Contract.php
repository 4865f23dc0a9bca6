<?php

declare(strict_types=1);

namespace Tests\App\Support;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

/** Holds real answers against docs/formats/recess.openapi.yaml. */
final class Contract
{
    private const FILE = __DIR__ . '/../../../docs/formats/recess.openapi.yaml';

    /** @var array<string, mixed>|null */
    private static ?array $document = null;

    public static function assertKept(string $method, string $path, int $status, string $body): void
    {
        self::assertFulfilled(
            json_decode($body),
            self::schemaFor(strtolower($method), $path, (string) $status),
            "$method $path answered $status",
        );
    }

    /** Holds what a page is told against the schema of its name, where there is one; the rest are parts of answers. */
    public static function assertTold(string $html): void
    {
        preg_match('/data-component="(\w+)"/', $html, $component);
        preg_match('#id="page-data">(.*)</script>#', $html, $data);
        $schema = ($component[1] ?? '') . 'Page';
        if (isset($data[1], self::document()['components']['schemas'][$schema])) {
            self::assertFulfilled(json_decode($data[1]), "#/components/schemas/$schema", "$component[1] was told");
        }
    }

    /** Whoever reads on twelve hours reads no time on twenty-four: what is no bare datum is said on their clock. */
    public static function assertOneClock(string $body, string $where): void
    {
        preg_match('#id="page-data">(.*)</script>#', $body, $data);
        $told = json_decode($data[1] ?? $body, true);
        $text =
            is_array($told) && !isset($data[1])
                ? ''
                : strip_tags((string) preg_replace('#<(script|style).*?</\1>#s', '', $body));
        $said = [$text];
        is_array($told) &&
            array_walk_recursive($told, static function (mixed $one) use (&$said): void {
                $said[] = is_string($one) && preg_match('/^\d\d:\d\d$|\dT\d\d:/', $one) !== 1 ? $one : '';
            });
        // What can be typed is printed as it is typed: 16:00-17:00.
        $wrong = preg_grep('/\b([01]\d|2[0-4]):[0-5]\d\b(?!-\d| [ap]m)(?<!\d-.....)/', $said);
        Assert::assertSame([], array_values((array) $wrong), "$where says a time on another clock");
    }

    /**
     * What the file says of answers, and not of what is asked: the names of all fields, by schema.
     *
     * @return array<string, list<string>>
     */
    public static function fields(): array
    {
        $fields = [];
        foreach (self::document()['components']['schemas'] as $name => $schema) {
            if (!str_ends_with($name, 'Form') || $name === 'RoundForm') {
                $fields[$name] = self::names($schema);
            }
        }

        return $fields;
    }

    /**
     * @param  array<mixed>  $schema
     * @return list<string>
     */
    private static function names(array $schema): array
    {
        $names = array_map(strval(...), array_keys($schema['properties'] ?? []));
        foreach ([...$schema['properties'] ?? [], ...$schema['allOf'] ?? [], ...$schema['oneOf'] ?? []] as $part) {
            $names = [...$names, ...self::names($part)];
        }

        return isset($schema['items']) ? [...$names, ...self::names($schema['items'])] : $names;
    }

    /** @return array<string, mixed> */
    private static function document(): array
    {
        return self::$document ??= Yaml::parseFile(self::FILE);
    }

    private static function assertFulfilled(mixed $value, string $schema, string $what): void
    {
        $validator = new Validator();
        $validator->resolver()?->registerRaw(
            (object) [
                '$id' => 'https://recess.example/api.json',
                'components' => json_decode((string) json_encode(self::document()['components'])),
            ],
        );
        $error = $validator
            ->validate($value, (object) ['$ref' => 'https://recess.example/api.json' . $schema])
            ->error();
        Assert::assertNull(
            $error,
            $error === null
                ? ''
                : "$what otherwise than the OpenAPI file says: " . json_encode((new ErrorFormatter())->format($error)),
        );
    }

    /** The JSON pointer of the schema, such as #/components/schemas/Pass. */
    private static function schemaFor(string $method, string $path, string $status): string
    {
        foreach (self::document()['paths'] ?? [] as $template => $operations) {
            if (
                preg_match(
                    '#^' . preg_replace('/\{\w+\}/', '[^/]+', $template) . '$#D',
                    (string) strtok($path, '?'),
                ) !== 1 ||
                !isset($operations[$method])
            ) {
                continue;
            }
            $answer =
                $operations[$method]['responses'][$status] ??
                (in_array($status, ['401', '403', '404', '419', '429', '503'], true)
                    ? ['$ref' => '#/components/responses/Problem']
                    : null);
            Assert::assertNotNull($answer, "$method $path answered $status, of which the OpenAPI file says nothing.");
            if (isset($answer['$ref'])) {
                $answer = self::document()['components']['responses'][basename($answer['$ref'])];
            }

            return $answer['content']['application/json']['schema']['$ref'];
        }
        Assert::fail("The OpenAPI file knows no $method $path.");
    }
}
