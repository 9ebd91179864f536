<?php

declare(strict_types=1);

namespace Kindred\Device;

/** The devices that screens are made for. Names are generic; sizes are common ones of each class. */
final class Catalogue
{
    public const CUSTOM = 'custom';

    private const TOUCH = [44, 'WCAG 2.2, 2.5.5 Target Size (Enhanced): 44 px'];

    private const POINTER = [24, 'WCAG 2.2, 2.5.8 Target Size (Minimum): 24 px'];

    /** 9.2 mm at 160 px per inch. */
    private const PANEL = [58, 'Parhi, Karlson and Bederson 2006: 9.2 mm, at 160 px per inch'];

    /** @return list<Device> */
    public static function all(): array
    {
        return [
            self::touch('phone-small', 'Small phone', 'Phone', 360, 640, 3, [24, 0, 0, 0], 0),
            self::touch('phone', 'Phone', 'Phone', 390, 844, 3, [47, 0, 34, 0], 46),
            self::touch('phone-large', 'Large phone', 'Phone', 430, 932, 3, [54, 0, 34, 0], 52),
            self::touch('foldable', 'Foldable, open', 'Phone', 768, 884, 2.5, [32, 0, 24, 0], 24),
            self::touch('tablet', 'Tablet', 'Tablet', 820, 1180, 2, [24, 0, 20, 0], 18),
            self::touch('tablet-landscape', 'Tablet, landscape', 'Tablet', 1180, 820, 2, [24, 0, 20, 0], 18),
            self::touch('tablet-large', 'Large tablet', 'Tablet', 1024, 1366, 2, [24, 0, 20, 0], 18),
            self::touch('watch', 'Watch', 'Watch', 198, 242, 2, [28, 4, 20, 4], 40),
            self::pointer('laptop', 'Laptop', 1280, 800, 2),
            self::pointer('desktop', 'Desktop', 1440, 900, 1),
            self::pointer('desktop-wide', 'Wide desktop', 1920, 1080, 1),
            new Device('panel', 'Appliance panel', 'Panel', 800, 480, 1, [0, 0, 0, 0], 8, Pointing::Touch, ...self::PANEL),
            new Device('vehicle', 'Vehicle display', 'Panel', 1280, 720, 1.5, [0, 40, 0, 40], 0, Pointing::Touch, ...self::PANEL),
        ];
    }

    public static function find(string $key): ?Device
    {
        foreach (self::all() as $device) {
            if ($device->key === $key) {
                return $device;
            }
        }

        return null;
    }

    /** The device of a screen; a custom size takes touch up to 1024 px wide, a pointer beyond. */
    public static function for(string $key, float $width, float $view): Device
    {
        return self::find($key) ?? ($width <= 1024
            ? self::touch(self::CUSTOM, 'Custom size', 'Custom', (int) $width, (int) $view, 2, [0, 0, 0, 0], 0)
            : new Device(self::CUSTOM, 'Custom size', 'Custom', (int) $width, (int) $view, 1, [0, 0, 0, 0], 0, Pointing::Pointer, ...self::POINTER));
    }

    /** @param  array{int, int, int, int}  $safe */
    private static function touch(string $key, string $name, string $family, int $width, int $height, float $ratio, array $safe, int $corner): Device
    {
        return new Device($key, $name, $family, $width, $height, $ratio, $safe, $corner, Pointing::Touch, ...self::TOUCH);
    }

    private static function pointer(string $key, string $name, int $width, int $height, float $ratio): Device
    {
        return new Device($key, $name, 'Desktop', $width, $height, $ratio, [0, 0, 0, 0], 0, Pointing::Pointer, ...self::POINTER);
    }
}
