<?php

declare(strict_types=1);

namespace App\Framework;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Something that was just done, and can be taken back for some seconds: on a pass, at a desk, on a staff page. Until then
 * nobody is told of it. What was before is kept with it; only the last thing done to something can be taken back.
 */
final readonly class Undoable
{
    /** Seconds for which it can be taken back. */
    public const LASTS = 20;

    /** Seconds after which it is told: a press on the last second is still on its way. */
    public const TOLD = 25;

    /** @param  array<string, mixed>  $facts */
    private function __construct(
        public string $key,
        public string $about,
        public string $what,
        /** The instant at which it was done. */
        public int $at,
        public array $facts,
    ) {}

    /**
     * To be called inside the transaction that does it.
     *
     * @param  string  $about  a word and a number: what it changes
     * @param  array<string, mixed>  $facts  what was before, as the kind of change needs it
     */
    public static function made(string $about, string $what, int $now, array $facts = []): self
    {
        return self::begun($about, $what, $now)->with($facts);
    }

    /** Another key first, and what it changed once that is known. */
    public static function begun(string $about, string $what, int $now): self
    {
        return new self(Str::uuid()->toString(), $about, $what, $now, []);
    }

    /** @param  array<string, mixed>  $facts */
    public function with(array $facts): self
    {
        $made = new self($this->key, $this->about, $this->what, $this->at, $facts);
        $made->keep();

        return $made;
    }

    /** The last thing that was done to it, if that can still be taken back. */
    public static function last(string $about, int $now): ?self
    {
        return self::lastOf([$about], $now);
    }

    /**
     * Of several the one that was changed last.
     *
     * @param  list<string>  $abouts
     */
    public static function lastOf(array $abouts, int $now): ?self
    {
        $row =
            $abouts === []
                ? null
                : DB::table('changes')
                    ->whereIn('about', $abouts)
                    ->whereNull('taken_back_at')
                    ->where('at', '>', self::column($now - self::TOLD))
                    ->orderByDesc('id')
                    ->first();
        if ($row === null || $row->what === '') {
            return null;
        }
        $facts = json_decode((string) $row->facts, true);

        return new self(
            (string) $row->key,
            (string) $row->about,
            (string) $row->what,
            CarbonImmutable::parse((string) $row->at, 'UTC')->getTimestamp(),
            is_array($facts) ? $facts : [],
        );
    }

    /**
     * Something else was done to them: what was done before cannot be taken back any more.
     *
     * @param  list<string>  $abouts
     */
    public static function pass(array $abouts, int $now): void
    {
        foreach (array_chunk($abouts, 500) as $some) {
            DB::table('changes')
                ->whereIn('about', $some)
                ->where('at', '>', self::column($now - self::TOLD))
                ->update(['what' => '', 'facts' => '{}']);
        }
    }

    /** Nobody is told of it. To be called inside the transaction that makes all as it was. */
    public function takeBack(int $now): void
    {
        DB::table('changes')
            ->where('key', $this->key)
            ->update(['taken_back_at' => self::column($now), 'facts' => '{}']);
    }

    public static function wasTakenBack(?string $key): bool
    {
        return $key !== null && DB::table('changes')->where('key', $key)->whereNotNull('taken_back_at')->exists();
    }

    /** What was before is forgotten as soon as it is told; that it was taken back, once no letter waits any more. */
    public static function tidy(int $now): void
    {
        DB::table('changes')
            ->where('at', '<=', self::column($now - self::TOLD))
            ->where('facts', '<>', '{}')
            ->update(['facts' => '{}']);
        DB::table('changes')->where('at', '<=', self::column($now - 86_400))->delete();
    }

    /** For so many seconds it is offered to take it back; 0 when it is not any more. */
    public function seconds(int $now): int
    {
        return max(0, $this->at + self::LASTS - $now);
    }

    public function whole(string $fact): int
    {
        return is_int($this->facts[$fact] ?? null) ? $this->facts[$fact] : 0;
    }

    /** @return array<int|string, mixed> */
    public function list(string $fact): array
    {
        return is_array($this->facts[$fact] ?? null) ? $this->facts[$fact] : [];
    }

    /** @return array<string, mixed> the same by names */
    public function columns(string $fact): array
    {
        return array_filter($this->list($fact), is_string(...), ARRAY_FILTER_USE_KEY);
    }

    private function keep(): void
    {
        DB::table('changes')->insert([
            'key' => $this->key,
            'about' => $this->about,
            'what' => $this->what,
            'at' => self::column($this->at),
            'facts' => json_encode((object) $this->facts, JSON_THROW_ON_ERROR),
        ]);
    }

    private static function column(int $instant): string
    {
        return gmdate('Y-m-d H:i:s', $instant);
    }
}
