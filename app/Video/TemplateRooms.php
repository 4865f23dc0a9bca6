<?php

declare(strict_types=1);

namespace App\Video;

use App\Models\Booking;
use App\Models\Secret;
use App\Models\Sheet;

/**
 * For services that open a room at whatever address is asked for: an address with {room} in it, from the
 * configuration. The room's name is as long as a password, so nobody walks into another's meeting.
 */
final readonly class TemplateRooms implements VideoRooms
{
    public function areMade(): bool
    {
        return true;
    }

    public function __construct(private string $template)
    {
        if (!str_contains($template, '{room}') || preg_match('#^https?://#', $template) !== 1) {
            throw new \InvalidArgumentException('RECESS_VIDEO_ADDRESS has to be an http(s) address with {room} in it.');
        }
    }

    public static function areSet(): bool
    {
        return (string) config('recess.video_address') !== '';
    }

    public function linkFor(Booking $booking): string
    {
        return $this->room($booking->uid);
    }

    public function linkForAll(Sheet $sheet): string
    {
        return $this->room($sheet->uid);
    }

    private function room(string $uid): string
    {
        return str_replace('{room}', Secret::of("video|$uid"), $this->template);
    }
}
