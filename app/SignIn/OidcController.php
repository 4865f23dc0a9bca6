<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Accounts\AccountKey;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Contended;
use App\Framework\Page;
use App\Framework\Words;
use App\Models\PersonName;
use App\Models\School;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use GuzzleHttp\ClientInterface;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;

/** Signing in by the school's own service. */
final class OidcController
{
    private const WAITS = 600;

    public function __construct(private readonly ClientInterface $http) {}

    public function go(Request $request): RedirectResponse|View
    {
        $settings = OidcSettings::known() ?? abort(404);
        try {
            $begun = (new OidcClient($settings, $this->http))->begin(Clock::now());
        } catch (OidcRefused $refused) {
            return $this->refused($refused);
        }
        $request->session()->put('oidc', $begun['kept']);

        return new RedirectResponse($begun['to']);
    }

    public function back(Request $request): RedirectResponse|View
    {
        $settings = OidcSettings::known() ?? abort(404);
        // Used once, whatever comes of it.
        $kept = $request->session()->pull('oidc');
        try {
            if (
                !is_array($kept) ||
                Clock::now() - (int) $kept['at'] >= self::WAITS ||
                !hash_equals((string) $kept['state'], Asked::word($request, 'state'))
            ) {
                throw OidcRefused::because('begin_anew');
            }
            if (Asked::word($request, 'code') === '') {
                throw OidcRefused::because('not_there', ['service' => $settings->name]);
            }
            $who = (new OidcClient($settings, $this->http))->finish(
                Asked::word($request, 'code'),
                (string) $kept['verifier'],
                (string) $kept['nonce'],
            );
            $staff = $this->person($settings, $who);
        } catch (OidcRefused $refused) {
            return $this->refused($refused);
        }

        return new RedirectResponse(Entrance::after($request, $staff, false, 'service', $who['strong']));
    }

    /**
     * @param  array{email: string, name: string, strong: bool}  $who
     *
     * @throws OidcRefused when nobody here has that address
     */
    private function person(OidcSettings $settings, array $who): StaffMember
    {
        return Contended::transaction(static function () use ($settings, $who): StaffMember {
            /** @var StaffMember|null $staff */
            $staff = StaffMember::query()
                ->whereRaw('BINARY email = ?', [$who['email']])
                ->first();
            if ($staff?->left_at !== null) {
                throw OidcRefused::because('unknown', ['email' => $who['email']]);
            }
            if ($staff === null) {
                if (!$settings->makesAccounts || !PersonName::isOne($who['name'])) {
                    throw OidcRefused::because('unknown', ['email' => $who['email']]);
                }
                $staff = StaffMember::query()->create([
                    'school_id' => School::query()->where('alone', false)->firstOrFail()->id,
                    'name' => $who['name'],
                    'email' => $who['email'],
                    'subject' => Words::say('signin.new_subject'),
                    'password' => Hash::make(Str::random(60)),
                ]);
            }
            if ($staff->came_at === null) {
                $staff->forceFill(['came_at' => CarbonImmutable::now()])->save();
                AccountKey::query()->where('staff_id', $staff->id)->delete();
            }

            return $staff->refresh();
        });
    }

    private function refused(OidcRefused $refused): View
    {
        if ($refused->getPrevious() !== null) {
            Log::warning('Signing in by the other service failed: ' . $refused->getPrevious()->getMessage());
        }

        return Page::staff('NotIn', Words::say('signin.not_in'), ['said' => $refused->getMessage()]);
    }
}
