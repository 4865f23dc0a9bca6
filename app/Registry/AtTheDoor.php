<?php

declare(strict_types=1);

namespace App\Registry;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Foundation\Application;

/**
 * Decides which school a process serves, before there is a session, a cache, a language or a route: by the name of the host
 * that was asked for, or by RECESS_SCHOOL. From then on the program's configuration is that school's, and nothing else of
 * the program has to know that there are others: its database, by a user who may see no other; its key; its address.
 */
final class AtTheDoor
{
    public static function choose(Application $app): void
    {
        $config = $app->make('config');
        if ($app->runningInConsole()) {
            $named = (string) getenv('RECESS_SCHOOL');
            $named === '' || self::byName($named, $config);
        } else {
            self::byHost($config);
        }
    }

    private static function byName(string $named, Repository $config): void
    {
        $registry = Registry::of($config);
        $school = $registry?->named($named);
        if ($registry === null || $school === null) {
            throw new \OutOfBoundsException("RECESS_SCHOOL=$named");
        }
        self::enter($registry, $school, $config);
    }

    private static function byHost(Repository $config): void
    {
        // As the web server understood it, by which it keeps apart what it keeps; the header alone may say another.
        $said = (string) ($_SERVER['RECESS_HOST'] ?? ($_SERVER['HTTP_HOST'] ?? ''));
        $own = (string) parse_url((string) $config->get('app.url'), PHP_URL_HOST);
        // As almost always; and what watches this machine is of the installation.
        if ($said === $own || ($_SERVER['RECESS_WATCH'] ?? '') === 'yes') {
            return;
        }
        $host = HostName::of($said);
        // On a machine that has no other name yet, the demo's, the first school is by both of these.
        if ($host === HostName::of($own) || ($own === '127.0.0.1' && $host === 'localhost')) {
            return;
        }
        $registry = Registry::of($config);
        // An installation of one school answers by whatever name it is reached.
        if ($registry === null || $registry->all() === []) {
            return;
        }
        $school = $host === null ? null : $registry->at($host);
        if ($school === null || $school->standing !== Standing::Open) {
            self::nowhere($school?->standing);
        }
        self::enter($registry, $school, $config);
    }

    private static function enter(Registry $registry, Enrolled $school, Repository $config): void
    {
        $opens = $registry->seal()->open($school);
        $database = ['database.connections.mariadb.database' => $school->database()];
        // Whoever changes tables goes on as who may (ops/instance.sh).
        if ($config->get('database.connections.mariadb.username') !== 'recess_owner') {
            $database += [
                'database.connections.mariadb.username' => $school->database(),
                'database.connections.mariadb.password' => $opens->password,
            ];
        }
        $config->set([
            ...Settings::config($opens->settings),
            ...$database,
            'recess.school' => $school->name,
            // It opens the registry, where other schools' keys are: what serves one has no use for it.
            'recess.registry' => ['password' => '', 'key' => ''],
            'app.key' => $opens->key,
            'app.previous_keys' => [],
            'app.url' => $school->address((string) $config->get('app.url')),
        ]);
        if (($opens->settings['mail-from'] ?? '') === '') {
            $config->set('mail.from.address', "meetings@{$school->hosts[0]}");
        }
    }

    /** Nothing of any school, and nothing to keep. */
    private static function nowhere(?Standing $standing): never
    {
        http_response_code($standing === Standing::Suspended ? 503 : 404);
        header('Content-Type: text/html; charset=utf-8');
        header('Cache-Control: no-store');
        header("Content-Security-Policy: default-src 'none'");
        header('X-Content-Type-Options: nosniff');
        readfile(public_path($standing === Standing::Suspended ? 'closed.html' : 'nowhere.html'));
        exit();
    }
}
