<?php

declare(strict_types=1);

namespace App\School;

/** A small square picture of somebody, drawn anew from what was uploaded, so that nothing else of the file is kept. */
final class Portrait
{
    private const SIDE = 192;

    private const PIXELS = 16_000_000;

    /** @throws \InvalidArgumentException when it is no picture that can be read */
    public static function square(string $file): string
    {
        $size = @getimagesizefromstring($file);
        if (
            $size === false ||
            !in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG, IMAGETYPE_WEBP], true) ||
            $size[0] * $size[1] > self::PIXELS
        ) {
            throw new \InvalidArgumentException(
                'This is not a picture that can be used. Choose a PNG, JPEG or WebP file.',
            );
        }
        $image = @imagecreatefromstring($file);
        $small = imagecreatetruecolor(self::SIDE, self::SIDE);
        if ($image === false || $small === false) {
            throw new \InvalidArgumentException(
                'This picture cannot be read. Save it anew, as PNG or JPEG, and try again.',
            );
        }
        $side = min($size[0], $size[1]);
        imagecopyresampled(
            $small,
            $image,
            0,
            0,
            intdiv($size[0] - $side, 2),
            intdiv($size[1] - $side, 2),
            self::SIDE,
            self::SIDE,
            $side,
            $side,
        );
        ob_start();
        imagepng($small);

        return (string) ob_get_clean();
    }
}
