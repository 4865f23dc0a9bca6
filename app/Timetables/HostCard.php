<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Addresses;
use App\Models\StaffMember;

/** Who a host is, as visitors see it wherever one is named. */
final class HostCard
{
    /** @return array{name: string, subject: string, title: string, initials: string, door: string, picture: string|null} as Host in docs/formats/recess.openapi.yaml */
    public static function of(StaffMember $host): array
    {
        return [
            'name' => $host->name,
            'subject' => $host->subject,
            'title' => $host->title,
            'initials' => $host->initials(),
            'door' => Addresses::door((string) $host->slug),
            'picture' => $host->picture === null ? null : Addresses::picture((string) $host->slug),
        ];
    }
}
