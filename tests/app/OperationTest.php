<?php

declare(strict_types=1);

namespace Tests\App;

use App\Booking\BookSlot;
use App\Framework\Vitals;
use App\Models\Booking;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Console\ClosureCommand;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use PDO;
use PDOException;
use Recess\Timetable;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What the start command asks of the application. */
final class OperationTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_classes_that_the_web_server_has_at_hand_are_written_down_and_nothing_is_booked_for_it(): void
    {
        $this->sheet();
        $guards = DB::table('guards')->count();
        $file = (string) tempnam(sys_get_temp_dir(), 'classes');
        try {
            self::assertSame(0, Artisan::call('recess:classes', ['file' => $file]));
            $classes = require $file;
        } finally {
            unlink($file);
        }
        self::assertContains(BookSlot::class, $classes);
        self::assertContains(Timetable::class, $classes);
        self::assertContains(\Illuminate\Database\Query\Builder::class, $classes);
        self::assertSame(
            [],
            array_filter($classes, static fn(string $class): bool => str_contains($class, '@anonymous')),
        );
        self::assertSame(0, Booking::query()->count());
        self::assertSame([0, $guards], [DB::table('jobs')->count(), DB::table('guards')->count()]);
    }

    /** What other users of the machine could otherwise reach: a database without a password, and the keys in our files. */
    public function test_a_host_that_others_share_gives_them_nothing(): void
    {
        $database = config()->array('database.connections.mariadb');
        $open = static fn(string $user, string $password): PDO => new PDO(
            "mysql:host={$database['host']};port={$database['port']}",
            $user,
            $password,
        );
        foreach (['root', 'recess', 'recess_owner', ''] as $user) {
            try {
                $open($user, '');
                self::fail("The database let in \"$user\" without a password.");
            } catch (PDOException $refused) {
                self::assertSame(1045, $refused->getCode(), $refused->getMessage());
            }
        }
        // The application keeps the rows; the tables are for the user of the migrations.
        foreach (
            [
                'CREATE TABLE recess.more (a INT)',
                'DROP TABLE recess.bookings',
                'ALTER TABLE recess.bookings ADD COLUMN a INT',
                'SELECT * FROM mysql.global_priv',
            ]
            as $statement
        ) {
            try {
                $open($database['username'], $database['password'])->exec($statement);
                self::fail("The application's user may: $statement");
            } catch (PDOException $refused) {
                self::assertSame(1142, $refused->errorInfo[1] ?? null, $refused->getMessage());
            }
        }
        $var = (string) getenv('RECESS_VAR');
        foreach (
            [
                'secrets',
                '.env',
                'run/accounts.sql',
                'bootstrap',
                'storage',
                'storage/logs',
                'mariadb',
                'run/nginx-cache',
                'log/mariadb',
            ]
            as $kept
        ) {
            self::assertSame(0, fileperms("$var/$kept") & 0007, "$kept is open to others");
        }
        self::assertSame(
            0,
            fileperms("$var/log") & 0022,
            'only its owner writes into the folder of logs, as the system’s own user does',
        );
    }

    /** Nobody would be told of anything: the real thing starts only with a server that takes its letters. */
    public function test_without_a_mail_server_nothing_of_the_real_thing_starts(): void
    {
        $start = static function (string $demo, string $mailer): Process {
            $process = new Process([PHP_BINARY, 'artisan', 'list', '--raw'], base_path(), [
                'APP_ENV' => 'production',
                'RECESS_DEMO' => $demo,
                'MAIL_MAILER' => $mailer,
                'LOG_CHANNEL' => 'stderr',
                'RECESS_VAR' => (string) getenv('RECESS_VAR'),
            ]);
            $process->run();

            return $process;
        };
        foreach (['mailroom', 'array'] as $mailer) {
            $refused = $start('false', $mailer);
            self::assertNotSame(0, $refused->getExitCode());
            self::assertStringContainsString(
                'There is no mail server to send with, so nothing is started',
                $refused->getOutput() . $refused->getErrorOutput(),
            );
        }
        self::assertSame([0, 0], [$start('true', 'mailroom')->getExitCode(), $start('false', 'smtp')->getExitCode()]);
    }

    public function test_what_runs_each_minute_goes_on_after_a_part_of_it_failed(): void
    {
        CarbonImmutable::setTestNow('2026-12-01T03:21:30Z');
        $ran = [];
        $instead = static fn(string $name, \Closure $does) => Artisan::registerCommand(
            new ClosureCommand("recess:$name", $does),
        );
        Artisan::all();
        $instead('remind', fn() => throw new RuntimeException('Nobody can be reminded.'));
        $instead('tidy', function () use (&$ran): void {
            $ran[] = 'tidy';
        });
        Exceptions::fake();
        Artisan::call('schedule:run');
        self::assertSame(['tidy'], $ran);
        Exceptions::assertReported(
            static fn(RuntimeException $failure): bool => $failure->getMessage() === 'Nobody can be reminded.',
        );
        $this->getJson('/up')->assertJsonPath('ok', true);
    }

    public function test_whoever_watches_is_told_which_part_is_behind(): void
    {
        $this->getJson('/up')->assertOk()->assertJsonPath('parts.scheduler', 'silent')->assertJsonPath('ok', false);
        Vitals::beat(CarbonImmutable::now()->getTimestamp());
        $this->getJson('/up')->assertJsonPath('ok', true);
        self::assertSame(0, Artisan::call('recess:doctor'));
        DB::table('jobs')->insert([
            'queue' => 'default',
            'payload' => '{}',
            'attempts' => 0,
            'available_at' => CarbonImmutable::now()->getTimestamp() - 600,
            'created_at' => CarbonImmutable::now()->getTimestamp() - 600,
        ]);
        $this->getJson('/up')->assertJsonPath('parts.queue', 'behind');
        self::assertSame(1, Artisan::call('recess:doctor'));
        self::assertStringContainsString(
            'One letter or other work waits, the oldest for 10 minutes',
            Artisan::output(),
        );
        // Of a backup that was restored: nobody works on it, and it is not behind.
        DB::table('jobs')->update(['queue' => 'held']);
        $this->getJson('/up')->assertJsonPath('parts.queue', 'well')->assertJsonPath('parts.workers', 'behind');
        Artisan::call('recess:doctor');
        self::assertStringContainsString('One letter or other work of a restored backup is held', Artisan::output());
        self::assertSame(
            [1, 0],
            [Artisan::call('recess:held', ['what' => 'hm']), Artisan::call('recess:held', ['what' => 'send'])],
        );
        self::assertSame('default', DB::table('jobs')->value('queue'));
        self::assertSame(0, Artisan::call('recess:held', ['what' => 'drop']));
        self::assertSame(1, DB::table('jobs')->count(), 'what is not held is not dropped');
        // Yesterday's clock: what was written down lies ahead.
        CarbonImmutable::setTestNow(CarbonImmutable::now()->subDay());
        $this->getJson('/up')->assertJsonPath('parts.clock', 'set back');
        // Figures are for the web server's own listener; nobody says so by a header.
        $this->get('/metrics', ['RECESS_WATCH' => 'yes', 'Recess-Watch' => 'yes'])->assertNotFound();
        self::assertStringContainsString(
            "\nrecess_clock_ahead_seconds 86400\n",
            (string) $this->call('GET', '/metrics', server: ['RECESS_WATCH' => 'yes'])->assertOk()->getContent(),
        );
    }

    public function test_the_settings_of_a_backup_are_data_and_run_nothing(): void
    {
        $folder = sys_get_temp_dir() . '/settings-' . bin2hex(random_bytes(6));
        mkdir($folder);
        $name = 'the school’s own "account" $(touch ' . $folder . '/ran) `touch ' . $folder . '/ran` & more\\';
        try {
            // As earlier versions wrote them for a shell, as they are written now, and as somebody else might.
            $said = $this->shell(
                <<<'SH'
                printf 'HOST=meet.example.org\nOIDC_NAME=%q\nMAIL_FROM='"''"'\nEVIL=$(touch %s/ran)\ntouch %s/ran\n' "$1" "$VAR" "$VAR" >"$VAR/old"
                read_settings "$VAR/old"
                printf '%s|%s|%s\n' "$HOST" "$OIDC_NAME" "$MAIL_FROM"
                keep_settings
                OIDC_NAME='' HOST=''
                read_settings "$VAR/settings"
                printf '%s|%s\n' "$HOST" "$OIDC_NAME"
                LC_ALL=C bash -c 'printf "OIDC_NAME=%q\n" "caf\351 d’Orée"' >"$VAR/bytes"
                for bad in 'CERTIFICATE=/x; include /tmp/y' 'HOST=a b' 'RUN_AS=root' 'HTTPS_PORT=443 default_server' 'BACKUPS=$(x)' 'MAIL_HOST=$(x)'; do
                    echo "$bad" >"$VAR/bad"
                    (read_settings "$VAR/bad") 2>/dev/null && echo "took $bad"
                done
                printf 'APP_KEY=base64:abc=\nDB_PASSWORD=x;touch %s/ran\n' "$VAR" >"$VAR/secrets"
                (read_secrets "$VAR/secrets") 2>/dev/null && echo 'took a secret'
                echo end
                SH
                ,
                $folder,
                $name,
            );
            self::assertSame("meet.example.org|$name|\nmeet.example.org|$name\nend\n", $said);
            self::assertFileDoesNotExist("$folder/ran");
        } finally {
            (new Process(['rm', '-rf', $folder]))->run();
        }
    }

    /** A copy of the tree's lists and of one package, of which a byte is changed, a file added, a version raised. */
    public function test_the_lock_of_the_packages_knows_each_file(): void
    {
        $folder = sys_get_temp_dir() . '/lock-' . bin2hex(random_bytes(6));
        $check = static function (string ...$what) use ($folder): array {
            $process = new Process([PHP_BINARY, "$folder/ops/php-lock.php", ...$what]);
            $process->run();

            return [$process->getExitCode(), $process->getErrorOutput()];
        };
        try {
            (new Process(['mkdir', '-p', "$folder/ops", "$folder/vendor/composer", "$folder/vendor/psr"]))->mustRun();
            copy(base_path('ops/php-lock.php'), "$folder/ops/php-lock.php");
            copy(base_path('composer.json'), "$folder/composer.json");
            (new Process(['cp', '-a', base_path('vendor/psr/clock'), "$folder/vendor/psr/clock"]))->mustRun();
            $known = [
                'packages' => [['name' => 'psr/clock', 'version' => '1.0.0', 'install-path' => '../psr/clock']],
                'dev-package-names' => [],
            ];
            file_put_contents("$folder/vendor/composer/installed.json", json_encode($known));
            file_put_contents(
                "$folder/php-packages.lock",
                implode(
                    "\n",
                    preg_grep('#^psr/clock #', file(base_path('php-packages.lock'), FILE_IGNORE_NEW_LINES) ?: []) ?: [],
                ),
            );
            self::assertSame([0, ''], $check('check'), 'as it is in the lock of the tree');
            file_put_contents("$folder/vendor/psr/clock/src/ClockInterface.php", ' ', FILE_APPEND);
            [$code, $said] = $check('check');
            self::assertSame(1, $code);
            self::assertStringContainsString('psr/clock 1.0.0 is made of other files', $said);
            self::assertSame(0, $check('write')[0]);
            self::assertSame(0, $check('check')[0]);
            touch("$folder/vendor/psr/clock/more.php");
            self::assertSame(1, $check('check')[0]);
            $known['packages'][] = ['name' => 'some/body', 'version' => '1', 'install-path' => '../psr/clock'];
            file_put_contents("$folder/vendor/composer/installed.json", json_encode($known));
            self::assertStringContainsString('some/body is not in the lock', $check('check')[1]);
            self::assertSame(0, $check('pin')[0]);
            self::assertSame(
                '1.0.0',
                json_decode((string) file_get_contents("$folder/composer.pinned.json"), true)['require']['psr/clock'],
            );
        } finally {
            (new Process(['rm', '-rf', $folder]))->run();
        }
    }

    public function test_what_the_asvs_page_names_is_there_and_its_figures_are_those_of_its_rows(): void
    {
        $page = (string) file_get_contents(base_path('docs/asvs.md'));
        preg_match_all(
            '/^\| (\d+\.\d+\.\d+) \| (Not held|Does not apply)?.*\|([^|]*)\|$/m',
            $page,
            $rows,
            PREG_SET_ORDER,
        );
        $without = ['' => 0, 'Not held' => 0, 'Does not apply' => 0];
        foreach ($rows as [, $number, $said, $shown]) {
            $without[$said]++;
            preg_match_all('/`([^`]+)`/', $shown, $paths);
            self::assertSame($said === '', $paths[1] !== [], "$number is shown by something, or does not hold");
            foreach ($paths[1] as $path) {
                self::assertFileExists(base_path($path), $number);
            }
        }
        self::assertStringContainsString(
            sprintf(
                'Of %d requirements %d do not hold, and %d do not apply.',
                count($rows),
                $without['Not held'],
                $without['Does not apply'],
            ),
            $page,
        );
    }

    /** CycloneDX 1.5, by its own words (cyclonedx.org/docs/1.5): from memory. */
    public function test_what_it_is_made_of_is_said_whole_and_its_version_everywhere(): void
    {
        $version = trim((string) file_get_contents(base_path('VERSION')));
        self::assertMatchesRegularExpression('/^\d+\.\d+\.\d+$/D', $version);
        $this->getJson('/up')->assertJsonPath('version', $version);
        self::assertStringContainsString("## $version", (string) file_get_contents(base_path('CHANGELOG.md')));
        $bill = json_decode(
            (new Process([PHP_BINARY, 'ops/sbom.php', 'php8.2-cli'], base_path()))->mustRun()->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        self::assertSame(
            ['CycloneDX', '1.5', $version],
            [$bill['bomFormat'], $bill['specVersion'], $bill['metadata']['component']['version']],
        );
        $named = array_column($bill['components'], 'purl');
        foreach (
            preg_grep('/ run /', file(base_path('php-packages.lock'), FILE_IGNORE_NEW_LINES) ?: []) ?: []
            as $line
        ) {
            [$name, $of] = explode(' ', $line);
            self::assertContains("pkg:composer/$name@" . ltrim($of, 'v'), $named);
        }
        self::assertNotSame([], preg_grep('#^pkg:npm/svelte@#', $named));
        self::assertNotSame([], preg_grep('#^pkg:deb/debian/php8.2-cli@#', $named));
    }

    /** What the shell's side says. */
    private function shell(string $script, string $folder, string ...$arguments): string
    {
        $begin =
            'set -uo pipefail; ROOT=$2 CALLED_FROM=/tmp VAR=$3; cd "$ROOT"; . ops/say.sh; . ops/school.sh; shift 3; set -- "${@}"; ';
        $process = new Process([
            'bash',
            '-c',
            str_replace('shift 3; set -- "${@}"', 'set -- "${@:4}"', $begin) . $script,
            'bash',
            '-',
            base_path(),
            $folder,
            ...$arguments,
        ]);

        return $process->mustRun()->getOutput();
    }
}
