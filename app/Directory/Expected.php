<?php

declare(strict_types=1);

namespace App\Directory;

use App\Models\Row;
use App\Models\Secret;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Recess\Names\NameKey;

/**
 * A student whom a host expects on a sheet that is for anyone.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int|null $student_id where the school knows them
 * @property string $name
 * @property string $name_key as names are compared
 * @property string $class
 * @property string|null $email of whoever is reminded
 * @property string $phone
 * @property CarbonImmutable|null $reminded_at
 * @property string $failure why the last reminder did not arrive
 * @property Sheet $sheet
 */
final class Expected extends Row
{
    protected $table = 'expected';

    protected $guarded = [];

    protected $attributes = [
        'student_id' => null,
        'class' => '',
        'email' => null,
        'phone' => '',
        'reminded_at' => null,
        'failure' => '',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['reminded_at' => 'immutable_datetime'];
    }

    protected static function booted(): void
    {
        self::saving(static function (self $one): void {
            $one->name_key = NameKey::of($one->name);
        });
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** The sheet's link that knows about whom it is, and nothing else. */
    public function link(): string
    {
        return $this->sheet->link() . '?' . http_build_query(['for' => $this->id . '-' . self::sign($this->id)]);
    }

    /** Of a link, on that sheet. */
    public static function byKey(Sheet $sheet, string $key): ?self
    {
        [$id, $sign] = explode('-', $key, 2) + ['', ''];

        return ctype_digit($id) && strlen($id) < 19 && hash_equals(self::sign((int) $id), $sign)
            ? self::query()->where('sheet_id', $sheet->id)->find((int) $id)
            : null;
    }

    private static function sign(int $id): string
    {
        return substr(Secret::of("expected|$id"), 0, 22);
    }
}
