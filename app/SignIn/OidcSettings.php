<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Words;

/** The school's own service that knows its people (OpenID Connect), as the installation is told of it. */
final readonly class OidcSettings
{
    private function __construct(
        /** Its issuer identifier, an https address; http on this machine alone, for the demo's stand-in. */
        public string $issuer,
        public string $clientId,
        public string $clientSecret,
        /** What the press that leads there calls it. */
        public string $name,
        /** Whether somebody whom nobody has invited gets an account at first sight. */
        public bool $makesAccounts,
    ) {}

    /** Null where there is none. */
    public static function known(): ?self
    {
        $said = config()->array('recess.oidc');
        $issuer = rtrim((string) ($said['issuer'] ?? ''), '/');
        if ($issuer === '' || (string) ($said['client_id'] ?? '') === '') {
            return null;
        }
        if (preg_match('#^https://|^http://127\.0\.0\.1[:/]#', $issuer) !== 1) {
            throw new \InvalidArgumentException('RECESS_OIDC_ISSUER has to be an https address.');
        }

        return new self(
            $issuer,
            (string) $said['client_id'],
            (string) ($said['client_secret'] ?? ''),
            (string) ($said['name'] ?? '') ?: Words::say('signin.account_of_the_school'),
            (bool) ($said['makes_accounts'] ?? false),
        );
    }

    public function back(): string
    {
        return url('/staff/elsewhere/back');
    }
}
