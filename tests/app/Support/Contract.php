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
        self::$document ??= Yaml::parseFile(self::FILE);
        $schema = self::schemaFor(strtolower($method), $path, (string) $status);
        $validator = new Validator();
        $validator->resolver()?->registerRaw(
            (object) [
                '$id' => 'https://recess.example/api.json',
                'components' => json_decode((string) json_encode(self::$document['components'])),
            ],
        );
        $result = $validator->validate(
            json_decode($body),
            (object) ['$ref' => 'https://recess.example/api.json' . $schema],
        );
        $error = $result->error();
        Assert::assertNull(
            $error,
            $error === null
                ? ''
                : "$method $path answered $status otherwise than the OpenAPI file says: " .
                    json_encode((new ErrorFormatter())->format($error)),
        );
    }

    /** The JSON pointer of the schema, such as #/components/schemas/Pass. */
    private static function schemaFor(string $method, string $path, string $status): string
    {
        foreach (self::$document['paths'] ?? [] as $template => $operations) {
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
                (in_array($status, ['401', '403', '404', '419', '429'], true)
                    ? ['$ref' => '#/components/responses/Problem']
                    : null);
            Assert::assertNotNull($answer, "$method $path answered $status, of which the OpenAPI file says nothing.");
            if (isset($answer['$ref'])) {
                $answer = self::$document['components']['responses'][basename($answer['$ref'])];
            }

            return $answer['content']['application/json']['schema']['$ref'];
        }
        Assert::fail("The OpenAPI file knows no $method $path.");
    }
}
