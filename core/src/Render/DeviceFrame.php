<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Device\Catalogue;
use Kindred\Device\Device;
use Kindred\Document\Screen;
use Kindred\Document\Style\Corners;
use Kindred\Geometry\Box;

/**
 * The frame of a device around a screen: a bezel with the corners of the device, a foot under what stands on a table, and short
 * marks where the safe areas end. It is none of any maker's.
 */
final readonly class DeviceFrame
{
    private const BODY = '#3a3f3f';

    private const EDGE = '#6b7272';

    private const MARK = '#b97a0c';

    private const FOOT = 34.0;

    private Device $device;

    public function __construct(private Screen $screen)
    {
        $this->device = Catalogue::for($screen->device, $screen->box->width, $screen->view);
    }

    /** How far it reaches beyond the screen at each side, px. */
    public function bezel(): float
    {
        return match ($this->device->family) {
            'Phone' => 12,
            'Watch', 'Desktop' => 16,
            default => 22,
        };
    }

    /** Radius of the screen's own corners, px. */
    public function corner(): float
    {
        return min($this->device->corner, $this->screen->box->width / 2, $this->screen->box->height / 2);
    }

    /** All that it takes up, seen from the corner of the screen. */
    public function box(): Box
    {
        $bezel = $this->bezel();

        return new Box(-$bezel, -$bezel, $this->screen->box->width + 2 * $bezel, $this->screen->box->height + 2 * $bezel + ($this->stands() ? self::FOOT : 0));
    }

    /** What is drawn, in px from the corner of the screen; the screen itself is left open. */
    public function draw(): string
    {
        [$width, $height, $bezel] = [$this->screen->box->width, $this->screen->box->height, $this->bezel()];
        $screen = Corners::all($this->corner())->path(new Box(0, 0, $width, $height));
        $body = Corners::all($this->corner() > 0 ? $this->corner() + $bezel : 6)->path(new Box(-$bezel, -$bezel, $width + 2 * $bezel, $height + 2 * $bezel));
        $out = Svg::element('path', ['d' => "{$body}{$screen}", 'fill-rule' => 'evenodd', 'fill' => self::BODY, 'stroke' => self::EDGE]);
        if ($this->stands()) {
            $base = $height + $bezel + self::FOOT;
            $middle = $width / 2;
            $out = Svg::element('path', ['d' => 'M'.($middle - 46).' '.($height + $bezel).'L'.($middle - 58)." {$base}H".($middle + 58).'L'.($middle + 46).' '.($height + $bezel).'z', 'fill' => self::EDGE]).$out;
        }

        return $out.$this->marks($width, $height);
    }

    /** Where the safe areas end, beside the screen: nothing is drawn over it. */
    private function marks(float $width, float $height): string
    {
        [$top, $right, $bottom, $left] = $this->device->safe;
        $bezel = $this->bezel();
        $length = $bezel * 0.6;
        $d = '';
        foreach (self::ends($top, $bottom, $height) as $y) {
            $d .= "M-{$length} {$y}H-1M".($width + 1)." {$y}h".($length - 1);
        }
        foreach (self::ends($left, $right, $width) as $x) {
            $d .= "M{$x} -{$length}V-1M{$x} ".($height + 1).'v'.($length - 1);
        }

        return $d === '' ? '' : Svg::element('path', ['d' => $d, 'fill' => 'none', 'stroke' => self::MARK, 'stroke-width' => 1.5]);
    }

    /** @return list<float> where areas at both ends of a side end, as far as there are any */
    private static function ends(int $before, int $after, float $side): array
    {
        return [...($before > 0 ? [(float) $before] : []), ...($after > 0 ? [$side - $after] : [])];
    }

    /** Whether a foot is drawn: for a device that stands on a table, with a screen that does not scroll. */
    private function stands(): bool
    {
        return $this->device->family === 'Desktop' && $this->screen->box->height <= $this->screen->view;
    }
}
