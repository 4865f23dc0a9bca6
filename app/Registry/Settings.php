<?php

declare(strict_types=1);

namespace App\Registry;

/**
 * What each school of an installation has of its own. None of it comes from another school, that of the installation's own
 * settings included: what a school has not been given, it does not have.
 */
final class Settings
{
    /** Where each is looked for in the program's configuration, and what holds until it is set. */
    public const ALL = [
        'mail-from' => ['mail.from.address', null],
        'mail-name' => ['mail.from.name', ''],
        'language' => ['app.locale', 'en'],
        'video-address' => ['recess.video_address', null],
        'oidc-issuer' => ['recess.oidc.issuer', null],
        'oidc-client' => ['recess.oidc.client_id', null],
        'oidc-secret' => ['recess.oidc.client_secret', null],
        'oidc-name' => ['recess.oidc.name', null],
        'oidc-makes-accounts' => ['recess.oidc.makes_accounts', false],
        'answers-address' => ['recess.answers.address', null],
        'answers-mailbox' => ['recess.answers.mailbox', null],
        'answers-user' => ['recess.answers.user', null],
        'answers-password' => ['recess.answers.password', null],
        'text-address' => ['recess.texts.address', null],
        'text-body' => ['recess.texts.body', null],
        'text-headers' => ['recess.texts.headers', null],
        'tutors' => ['recess.tutors', false],
    ];

    /** Nobody reads them back. */
    public const SECRET = ['oidc-secret', 'answers-password', 'text-headers'];

    /** @return Why|null what keeps it from being set so */
    public static function wrong(string $name, string $value): ?Why
    {
        $fits = match ($name) {
            'mail-from' => filter_var($value, FILTER_VALIDATE_EMAIL) !== false,
            'answers-address' => filter_var(str_replace('{key}', 'key', $value), FILTER_VALIDATE_EMAIL) !== false,
            'oidc-issuer' => str_starts_with($value, 'https://'),
            'video-address' => preg_match('#^https?://.*\{room\}#', $value) === 1,
            'text-address' => preg_match('#^https?://#', $value) === 1,
            'answers-mailbox' => preg_match('#^imaps?://#', $value) === 1,
            'oidc-makes-accounts', 'tutors' => in_array($value, ['yes', 'no'], true),
            'language' => preg_match('/^[a-z]{2}$/', $value) === 1 && is_dir(lang_path($value)),
            default => isset(self::ALL[$name]),
        };

        return match (true) {
            !isset(self::ALL[$name]) => Why::NoSetting,
            // Nothing takes it back to what is usual.
            $value === '' => null,
            !$fits, strlen($value) > 1_000, preg_match('/[\x00-\x1f\x7f]/', $value) === 1 => Why::NotAValue,
            default => null,
        };
    }

    /**
     * @param  array<string, string>  $own
     * @return array<string, mixed> the program's configuration of a school
     */
    public static function config(array $own): array
    {
        $config = [];
        foreach (self::ALL as $name => [$where, $usual]) {
            $value = $own[$name] ?? '';
            $config[$where] = match (true) {
                $value === '' => $usual,
                is_bool($usual) => $value === 'yes',
                default => $value,
            };
        }

        return $config;
    }
}
