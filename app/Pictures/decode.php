<?php

/*
 * Opens one picture in a process of its own, whose memory and time are limited from outside, and writes it anew.
 *
 *   php decode.php keep SIDE     the picture, its longer side at most SIDE px: a line of JSON
 *                                {"width": px, "height": px}, then the bytes as PNG, JPEG or WebP
 *   php decode.php colours SIDE  how often each colour stands in it at that size, as JSON [[r, g, b, pixels], …];
 *                                what is mostly transparent is left out
 *
 * The picture comes on standard input. Exit code 3: it cannot be opened.
 */

declare(strict_types=1);

[, $mode, $side] = $argv;
$bytes = (string) stream_get_contents(STDIN);
$image = @imagecreatefromstring($bytes);
$size = @getimagesizefromstring($bytes);
if ($image === false || $size === false) {
    exit(3);
}
[$width, $height, $type] = $size;
imagepalettetotruecolor($image);
$factor = min(1, (int) $side / max($width, $height));
if ($factor < 1) {
    $small = imagecreatetruecolor(max(1, (int) round($width * $factor)), max(1, (int) round($height * $factor)));
    imagealphablending($small, false);
    // Colours are counted as they are: one between two others would be none of the picture's.
    ($mode === 'colours' ? imagecopyresized(...) : imagecopyresampled(...))($small, $image, 0, 0, 0, 0, imagesx($small), imagesy($small), $width, $height);
    $image = $small;
}

if ($mode === 'colours') {
    $counts = [];
    for ($y = 0; $y < imagesy($image); $y++) {
        for ($x = 0; $x < imagesx($image); $x++) {
            $pixel = imagecolorat($image, $x, $y);
            if ($pixel >> 24 < 64) {
                $counts[$pixel & 0xFFFFFF] = ($counts[$pixel & 0xFFFFFF] ?? 0) + 1;
            }
        }
    }
    echo json_encode(array_map(fn (int $colour, int $count): array => [$colour >> 16, ($colour >> 8) & 255, $colour & 255, $count], array_keys($counts), $counts));
    exit(0);
}

// A camera held upright says so instead of turning its pixels (Exif 2.32, tag 0x0112).
$exif = $type === IMAGETYPE_JPEG ? @exif_read_data('data:image/jpeg;base64,'.base64_encode($bytes)) : false;
$turn = $exif === false ? 1 : $exif['Orientation'] ?? 1;
if (in_array($turn, [2, 4, 5, 7], true)) {
    imageflip($image, $turn === 4 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
}
$angle = [3 => 180, 5 => 90, 6 => 270, 7 => 270, 8 => 90][$turn] ?? 0;
$image = $angle === 0 ? $image : imagerotate($image, $angle, 0);

// Photographs stay photographs: as PNG they would be many times as large. A WebP file says in its head which kind it is
// (RFC 9649): lossy, and whether parts of it are transparent.
$lossy = $type === IMAGETYPE_WEBP && preg_match('/^RIFF....WEBP(VP8 |VP8X)/s', $bytes) === 1 && strpos(substr($bytes, 0, 1 << 20), 'VP8L') === false;
$clear = $lossy && substr($bytes, 12, 4) === 'VP8X' && (ord($bytes[20]) & 0x10) !== 0;

echo json_encode(['width' => imagesx($image), 'height' => imagesy($image)]), "\n";
imagesavealpha($image, true);
match (true) {
    $clear => imagewebp($image, null, 90),
    $lossy, $type === IMAGETYPE_JPEG => imagejpeg($image, null, 90),
    default => imagepng($image, null, 6),
};
