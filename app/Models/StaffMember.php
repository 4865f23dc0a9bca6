<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Str;

/**
 * A teacher, tutor, adviser or counsellor: somebody who meets people, and signs in.
 *
 * @property int $id
 * @property int $school_id
 * @property string $name
 * @property string $subject
 * @property string $email
 * @property string $password
 * @property string $title
 * @property string|null $slug the readable end of their door's address
 * @property bool $office books for people who cannot, and sets up the school
 * @property string|null $zone where they read their own times; the school's when null
 * @property string $clock auto, 12 or 24
 * @property string|null $language in which they read where they work, and what is sent to them; null for the school’s
 * @property string $notify each, daily or never
 * @property bool $tentative_busy whether pencilled-in entries take slots out
 * @property bool $has_server whether their own calendars are on a server that is kept in step
 * @property int $feed_generation
 * @property string|null $feed_hash
 * @property string|null $picture PNG
 * @property CarbonImmutable|null $came_at when they first set a password of their own; null while they are only invited
 * @property string|null $totp_secret of the second factor, in base 64; encrypted at rest
 * @property CarbonImmutable|null $totp_at since when it is asked for
 * @property int $totp_step the last one used
 * @property bool $reader sees the day's lists and no more
 * @property CarbonImmutable|null $left_at when they left; their name stays on what was
 * @property int $arrive_minutes from how many minutes before their time visitors can say that they are here
 * @property int $missing_minutes after how many minutes somebody who is not there counts as missing
 * @property int $late_threshold from how many minutes of lateness those who come later are told
 * @property int $stamp raised by the database with each change
 * @property School $school
 */
final class StaffMember extends User
{
    use BootsQuickly;

    protected $table = 'staff';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'feed_hash', 'picture', 'totp_secret'];

    protected $attributes = [
        'totp_secret' => null,
        'totp_at' => null,
        'totp_step' => 0,
        'reader' => false,
        'left_at' => null,
        'arrive_minutes' => 10,
        'missing_minutes' => 5,
        'late_threshold' => 10,
        'has_server' => false,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'office' => 'boolean',
            'came_at' => 'immutable_datetime',
            'totp_secret' => 'encrypted',
            'totp_at' => 'immutable_datetime',
            'left_at' => 'immutable_datetime',
            'reader' => 'boolean',
            'tentative_busy' => 'boolean',
            'has_server' => 'boolean',
        ];
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return Builder<self> who can meet families at a school: who is still there, and may more than read */
    public static function hosting(int $school): Builder
    {
        return self::query()->where('school_id', $school)->whereNull('left_at')->where('reader', false);
    }

    /**
     * The name of whoever a column points to, to sort by: where something is reckoned in the order of hosts' names, it is
     * the same whoever looks. What is only shown is sorted by Alphabet.
     *
     * @return Builder<self>
     */
    public static function nameOf(string $column): Builder
    {
        $name = self::query();
        $name->select('name')->whereColumn('staff.id', $column);

        return $name;
    }

    protected static function booted(): void
    {
        self::creating(static function (self $staff): void {
            $staff->slug ??= self::freeSlug($staff->name);
        });
    }

    private static function freeSlug(string $name): string
    {
        $base = Str::limit(Str::slug($name), 70, '') ?: 'staff';
        for ($n = 1, $slug = $base; self::query()->where('slug', $slug)->exists(); $n++, $slug = "$base-$n");

        return $slug;
    }

    /** The secret end of the address at which their bookings can be read as a calendar; see Pass::token(). */
    public function feedToken(): string
    {
        return Secret::of("feed|$this->id|$this->feed_generation");
    }

    public function initials(): string
    {
        $words = preg_split('/[\\s-]+/u', $this->name) ?: [];

        return mb_strtoupper(
            mb_substr($words[0] ?? '', 0, 1) . (count($words) > 1 ? mb_substr($words[count($words) - 1], 0, 1) : ''),
        );
    }

    /** @var list<int>|null */
    private ?array $lent = null;

    /** @return list<int> whose sheets they look after just now, while those are away */
    public function standsInFor(): array
    {
        return $this->lent ??= Lending::whoseNow($this->id);
    }

    /** staff, office or reader */
    public function role(): string
    {
        return match (true) {
            $this->office => 'office',
            $this->reader => 'reader',
            default => 'staff',
        };
    }

    /** @return HasMany<Calendar, $this> */
    public function calendars(): HasMany
    {
        return $this->hasMany(Calendar::class, 'staff_id');
    }

    /** @return HasMany<Notice, $this> */
    public function notices(): HasMany
    {
        return $this->hasMany(Notice::class, 'staff_id');
    }

    /** @return HasMany<Sheet, $this> */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class, 'staff_id');
    }
}
