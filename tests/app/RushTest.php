<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookingWish;
use App\Booking\BookSlot;
use App\Booking\SlotGone;
use App\Models\Booking;
use App\Models\Row;
use App\Models\SheetState;
use App\Models\SlotChange;
use App\Models\StaffMember;
use App\Timetables\SheetAtHand;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the web server's processes share when a round opens: it spares work, and nobody is told what is not so. */
final class RushTest extends TestCase
{
    use RefreshDatabase;

    /** @return int statements that were run meanwhile */
    private function statements(\Closure $work): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $work();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    public function test_whoever_is_too_late_is_told_at_the_door_and_sent_to_what_is_really_free(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertConflict();
        // Booked after the glance was made: struck out of it.
        $this->book($sheet, $this->otherWish($sheet, '20:30', 'Cleo'))->assertCreated();

        $ran = $this->statements(
            fn() => $this->book($sheet, $this->otherWish($sheet, '20:30', 'Davi'))
                ->assertConflict()
                ->assertJsonPath('message', 'Somebody has just taken 16:30. 16:00 and 16:45 are free.'),
        );
        self::assertSame(0, $ran, 'Who took it is known: nothing is asked of the database.');

        // Ten seconds later it is looked at again.
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds(11));
        self::assertGreaterThan(
            5,
            $this->statements(fn() => $this->book($sheet, $this->otherWish($sheet, '20:30', 'Esme'))->assertConflict()),
        );
    }

    public function test_the_same_press_again_is_still_theirs(): void
    {
        $sheet = $this->sheet();
        $mine = $this->wish($sheet, '20:15');
        $this->book($sheet, $mine)->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertConflict();

        $this->book($sheet, $mine)->assertOk()->assertJsonPath('bookings.0.from', '16:15');
        self::assertSame(1, Booking::query()->count());

        // So is a time that they keep: picked again, and booked.
        $key = Str::uuid()->toString();
        $keep = fn(string $by) => $this->ask('post', "/api/s/$sheet->slug/keep", [
            'slot' => self::EVENING . 'T20:45:00Z',
            'keep_key' => $by,
        ]);
        $keep($key)->assertOk();
        $keep(Str::uuid()->toString())->assertConflict();
        $keep($key)->assertOk();
        $this->book($sheet, ['keep_key' => $key] + $this->otherWish($sheet, '20:45', 'Cleo'))->assertCreated();
    }

    public function test_what_is_given_back_can_be_had_at_once(): void
    {
        $sheet = $this->sheet();
        $pass = $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertConflict();

        $this->ask('post', '/api' . $pass->json('path') . '/bookings/' . $pass->json('bookings.0.id') . '/give-back', [
            'note' => '',
        ])->assertOk();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Cleo'))->assertCreated();
    }

    /** @return array<string, array{\Closure(\App\Models\Sheet): mixed}> */
    public static function changes(): array
    {
        return [
            'its title' => [static fn($sheet) => $sheet->update(['title' => 'Other'])],
            'a place' => [static fn($sheet) => $sheet->places()->update(['label' => 'Room 13'])],
            'a place more' => [
                static fn($sheet) => $sheet
                    ->places()
                    ->create(['kind' => 'room', 'label' => 'Hall', 'directions' => '', 'position' => 1]),
            ],
            'a block' => [static fn($sheet) => $sheet->blocks()->delete()],
            'a colleague' => [
                static fn($sheet) => $sheet->colleagues()->create(['staff_id' => $sheet->staff_id, 'role' => 'manage']),
            ],
            'a slot closed by hand' => [
                static fn($sheet) => SlotChange::query()->create([
                    'sheet_id' => $sheet->id,
                    'starts_at' => self::EVENING . ' 20:00:00',
                    'ends_at' => self::EVENING . ' 20:15:00',
                    'closed' => true,
                    'extra_seats' => 0,
                ]),
            ],
            'its host’s name' => [
                static fn($sheet) => StaffMember::query()
                    ->whereKey($sheet->staff_id)
                    ->update(['name' => 'Wren Halloran-Diaz']),
            ],
            'the school’s closed days' => [
                static fn($sheet) => $sheet->host->school->update([
                    'closed_days' => [['name' => 'Storm', 'first' => self::EVENING, 'last' => self::EVENING]],
                ]),
            ],
        ];
    }

    /** @param  \Closure(\App\Models\Sheet): mixed  $change */
    #[DataProvider('changes')]
    public function test_what_is_remembered_of_a_sheet_is_forgotten_when_any_part_of_it_changes(\Closure $change): void
    {
        $slug = $this->sheet()->slug;
        $known = SheetAtHand::now($slug);
        self::assertNotNull($known);
        self::assertSame(
            1,
            $this->statements(static fn() => SheetAtHand::now($slug)?->host->school->name),
            'Unchanged, it is only asked whether it is.',
        );

        $change(\App\Models\Sheet::query()->findOrFail($known->id));
        self::assertGreaterThan(1, $this->statements(static fn() => SheetAtHand::now($slug)));
        self::assertSame(1, $this->statements(static fn() => SheetAtHand::now($slug)));
        // Whoever has the old one in hand gets the new one where it counts.
        self::assertNotSame($known, SheetAtHand::held($known));
    }

    public function test_a_press_is_judged_by_the_sheet_as_it_is_and_not_as_it_was_read(): void
    {
        $read = $this->sheet();
        $read->load(['host.school', 'blocks', 'places', 'colleagues', 'slotChanges']);
        \App\Models\Sheet::query()
            ->whereKey($read->id)
            ->update(['state' => SheetState::Closed]);

        $this->expectExceptionObject(
            new \RuntimeException('Booking has closed here. Nothing else is free on this sheet now.'),
        );
        try {
            app(BookSlot::class)(
                $read,
                new BookingWish(
                    start: (int) strtotime(self::EVENING . 'T20:15:00Z'),
                    placeId: $read->places->firstOrFail()->id,
                    name: 'Ama',
                    email: 'ama@mail.example',
                    phone: '',
                    student: 'Kwame',
                    requestKey: Str::uuid()->toString(),
                    answers: [],
                ),
                CarbonImmutable::now()->getTimestamp(),
            );
        } catch (SlotGone $gone) {
            throw new \RuntimeException($gone->getMessage());
        }
    }

    public function test_models_boot_with_all_that_eloquent_would_have_found(): void
    {
        $boot = new \ReflectionMethod(Model::class, 'bootTraits');
        $found = static fn(): array => (new \ReflectionProperty(Model::class, 'traitInitializers'))->getValue()[
            Model::class
        ];
        $boot->invoke(null);
        self::assertSame(['initializeHasAttributes'], array_values($found()));

        foreach (glob(base_path('app/Models/*.php')) ?: [] as $file) {
            $class = 'App\\Models\\' . basename($file, '.php');
            if (is_subclass_of($class, Row::class)) {
                self::assertSame([], class_uses($class), "$class has a trait that BootsQuickly does not know of.");
                $own = array_filter(
                    (new \ReflectionClass($class))->getMethods(),
                    static fn(\ReflectionMethod $method): bool => $method->getDeclaringClass()->name === $class,
                );
                self::assertSame(
                    [],
                    array_values(
                        array_filter(
                            $own,
                            static fn(\ReflectionMethod $method): bool => preg_match(
                                '/^[gs]et\w+Attribute$/',
                                $method->name,
                            ) === 1 || (string) $method->getReturnType() === Attribute::class,
                        ),
                    ),
                    "$class changes an attribute other than by a cast.",
                );
            }
        }
    }
}
