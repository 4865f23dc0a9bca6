<?php

declare(strict_types=1);

namespace App\Directory;

use App\Accounts\AccountKey;
use App\Framework\Clock;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Secret;
use App\Models\StaffMember;
use App\Models\Waiting;
use App\School\Kiosk;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * After the application's key is another one: letters that go out from now on carry addresses worked out with it, so the
 * tables have to know their hashes. What the old key opened opens for half a year. Run again it changes nothing.
 */
final class RenewKeysCommand extends Command
{
    protected $signature = 'recess:renew-keys';

    protected $description = 'Takes the new application key into use, and lets what the old one opened open for half a year';

    private const SECONDS = 180 * 86_400;

    public function handle(): int
    {
        $until = Instant::column(Clock::now() + self::SECONDS);
        $this->renew(
            'passes',
            'token_hash',
            Pass::query()->getModel(),
            static fn(Pass $pass): string => $pass->token(),
            $until,
        );
        $this->renew(
            'staff',
            'feed_hash',
            StaffMember::query()->getModel(),
            static fn(StaffMember $staff): string => $staff->feedToken(),
            $until,
        );
        $this->renew(
            'kiosks',
            'token_hash',
            Kiosk::query()->getModel(),
            static fn(Kiosk $kiosk): string => $kiosk->token(),
            $until,
        );
        $this->renew(
            'waiting',
            'token_hash',
            Waiting::query()->getModel(),
            static fn(Waiting $place): string => $place->token(),
            $until,
        );
        $this->renew(
            'account_keys',
            'token_hash',
            AccountKey::query()->getModel(),
            static fn(AccountKey $key): string => $key->token(),
            $until,
        );
        $this->renew(
            'card_codes',
            'code_hash',
            CardCode::query()->getModel(),
            static fn(CardCode $card): string => $card->signs(),
            $until,
        );

        return self::SUCCESS;
    }

    /**
     * @template T of Model
     *
     * @param  T  $model
     * @param  \Closure(T): string  $token
     */
    private function renew(string $table, string $column, Model $model, \Closure $token, string $until): void
    {
        $model
            ->newQuery()
            ->whereNotNull($column)
            ->chunkById(500, static function ($rows) use ($table, $column, $token, $until): void {
                DB::transaction(static function () use ($rows, $table, $column, $token, $until): void {
                    foreach ($rows as $row) {
                        $old = (string) $row->getAttribute($column);
                        $new = Secret::hash($token($row));
                        if ($old !== $new) {
                            Secret::remember($old, $table, (int) $row->getKey(), $until);
                            DB::table($table)
                                ->where('id', $row->getKey())
                                ->update([$column => $new]);
                        }
                    }
                });
            });
    }
}
