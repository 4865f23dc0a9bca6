<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\School;
use App\Models\StaffMember;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Support\OneOfEach;

/** Two schools on one installation: whoever is of one gets nothing of the other, by any route, whatever they are there. */
final class TwoSchoolsTest extends TestCase
{
    use OneOfEach;
    use RefreshDatabase;

    /** What nobody of another school may read. */
    private const SECRETS = [
        'Wren Halloran',
        'Ama Otoo',
        'Kwame Ferreira',
        'ama@mail.example',
        'Ada Fay',
        'Uma Fay',
        'Main door',
    ];

    /** @return iterable<string, array{array<string, bool>}> */
    public static function roles(): iterable
    {
        yield 'its office' => [['office' => true]];
        yield 'a teacher' => [[]];
        yield 'its front desk' => [['reader' => true]];
    }

    /** @param  array<string, bool>  $role */
    #[DataProvider('roles')]
    public function test_no_route_gives_anything_of_the_one_school_to_the_other(array $role): void
    {
        $values = $this->oneOfEach();
        $other = School::query()->create([
            'name' => 'Other Point School',
            'zone' => 'Europe/Lisbon',
            'country' => 'PT',
            'confirm_addresses' => false,
        ]);
        $reader = StaffMember::query()
            ->create(
                $role + [
                    'school_id' => $other->id,
                    'name' => 'Rui Lagos',
                    'email' => 'rui@other.example',
                    'subject' => 'Music',
                    'password' => 'chalk-and-slate',
                    'came_at' => self::NOW,
                ],
            )
            ->refresh();
        $walked = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (
                preg_match('#^(?:api/)?staff\b#', $route->uri()) !== 1 ||
                str_contains($route->uri(), '{token}') ||
                str_contains($route->uri(), '{key}')
            ) {
                continue;
            }
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static fn(array $name): string => (string) $values[$name[1]],
                $route->uri(),
            );
            // Which list of one's own it is, is nobody else's.
            $names = array_diff($route->parameterNames(), ['list']) !== [];
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                Auth::forgetGuards();
                $this->flushSession();
                DB::beginTransaction();
                $answer = $this->actingAs($reader)->json($method, "/$path");
                DB::rollBack();
                $said = "$method {$route->uri()}: {$answer->getStatusCode()}";
                self::assertLessThan(500, $answer->getStatusCode(), $said);
                if ($names) {
                    self::assertContains($answer->getStatusCode(), [401, 403, 404], $said);
                }
                foreach (self::SECRETS as $secret) {
                    self::assertStringNotContainsString($secret, (string) $answer->getContent(), $said);
                }
                $walked++;
            }
        }
        self::assertGreaterThan(100, $walked);
    }
}
