<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Words;

/** A picture drawn anew from what was uploaded, so that nothing else of the file is kept: no place, no camera, no script. */
final class Picture
{
    /** Pixels of somebody's, each way. */
    private const SIDE = 192;

    /** Pixels of a plan or photograph, at most, each way: a phone held close reads it. */
    private const LONGEST = 1280;

    private const PIXELS = 16_000_000;

    /**
     * Somebody's, small and square, as PNG.
     *
     * @throws \InvalidArgumentException when it is no picture that can be read
     */
    public static function square(string $file): string
    {
        [$image, $width, $height] = self::read($file);
        $side = min($width, $height);
        $small = self::scaled(
            $image,
            [intdiv($width - $side, 2), intdiv($height - $side, 2), $side, $side],
            self::SIDE / $side,
        );
        ob_start();
        imagepng($small);

        return (string) ob_get_clean();
    }

    /**
     * All of it, as WebP.
     *
     * @throws \InvalidArgumentException when it is no picture that can be read
     */
    public static function whole(string $file): string
    {
        [$image, $width, $height] = self::read($file);
        $drawn = self::scaled($image, [0, 0, $width, $height], min(1, self::LONGEST / max($width, $height)));
        ob_start();
        imagewebp($drawn, null, 78);

        return (string) ob_get_clean();
    }

    /** @return array{\GdImage, int, int} with its width and height */
    private static function read(string $file): array
    {
        $size = @getimagesizefromstring($file);
        if (
            $size === false ||
            !in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG, IMAGETYPE_WEBP], true) ||
            $size[0] * $size[1] > self::PIXELS
        ) {
            throw new \InvalidArgumentException(Words::say('wrong.no_picture'));
        }
        $image = @imagecreatefromstring($file);
        if ($image === false) {
            throw new \InvalidArgumentException(Words::say('wrong.picture_unread'));
        }

        return [$image, $size[0], $size[1]];
    }

    /** @param  array{int, int, int, int}  $part  of it: from where, how wide and high */
    private static function scaled(\GdImage $image, array $part, float $scale): \GdImage
    {
        [$x, $y, $width, $height] = $part;
        [$w, $h] = [max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale))];
        $drawn = imagecreatetruecolor($w, $h);
        // What is clear in a plan is white on paper.
        imagefill($drawn, 0, 0, (int) imagecolorallocate($drawn, 255, 255, 255));
        imagecopyresampled($drawn, $image, 0, 0, $x, $y, $w, $h, $width, $height);

        return $drawn;
    }
}
