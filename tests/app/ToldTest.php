<?php

declare(strict_types=1);

namespace Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Tests\App\Support\Contract;

/** What pages are told is what they read: no field is made, sent and typed for nobody. */
final class ToldTest extends TestCase
{
    /** @param  list<string>  $fields */
    #[DataProvider('schemas')]
    public function test_every_field_of_an_answer_is_read_by_a_page(array $fields): void
    {
        $pages = self::pages();
        $unread = array_filter(
            $fields,
            static fn(string $field): bool => preg_match('/\b' . preg_quote($field, '/') . '\b/', $pages) !== 1,
        );
        self::assertSame([], array_values($unread));
    }

    /** @return iterable<string, array{list<string>}> */
    public static function schemas(): iterable
    {
        foreach (Contract::fields() as $name => $fields) {
            yield $name => [$fields];
        }
    }

    /** All that runs in a browser, without the types, which are made from the schemas themselves. */
    private static function pages(): string
    {
        static $pages = null;
        if ($pages === null) {
            $pages = '';
            foreach (
                (new Finder())
                    ->in(__DIR__ . '/../../web')
                    ->name(['*.svelte', '*.ts'])
                    ->notName('*.d.ts')
                as $file
            ) {
                $pages .= $file->getContents();
            }
        }

        return $pages;
    }
}
