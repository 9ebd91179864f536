<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\Reader;

/** The register of layer kinds. */
final class Kinds
{
    /** @var list<class-string<LayerContent>> */
    public const ALL = [
        BoxLayer::class,
        Ellipse::class,
        PolygonLayer::class,
        LineLayer::class,
        PathLayer::class,
        Text::class,
        Picture::class,
        Icon::class,
        Group::class,
        Compound::class,
        Stack::class,
        ArrayLayer::class,
        Widget::class,
        Chart::class,
        Instance::class,
    ];

    /**
     * @param  class-string  $interface
     * @return list<string> the names of the kinds that have it
     */
    public static function of(string $interface): array
    {
        return array_values(array_map(fn (string $class): string => $class::kind(), array_filter(self::ALL, fn (string $class): bool => is_a($class, $interface, true))));
    }

    public static function read(Reader $in): LayerContent
    {
        $kind = $in->string('kind', 40);
        $class = self::find($kind);
        if ($class !== null) {
            $content = $class::read($in);

            return $content instanceof LayerContent ? $content : throw new \LogicException("{$class} reads something else.");
        }
        $known = implode(', ', array_map(fn (string $class): string => $class::kind(), self::ALL));
        $in->fail('kind', "“{$kind}” is not a kind of layer; known are {$known}");
    }

    /** @return class-string<LayerContent>|null */
    public static function find(mixed $kind): ?string
    {
        foreach (self::ALL as $class) {
            if ($class::kind() === $kind) {
                return $class;
            }
        }

        return null;
    }
}
