<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Layer;
use Kindred\Document\Widget\Item;

/** The names of the icons that layers show. */
final class IconNames
{
    /** What of a layer names an icon. */
    private const PATH = 'icon';

    /** @return list<string> each once */
    public static function in(Layer ...$layers): array
    {
        $names = [];
        foreach ($layers as $layer) {
            self::renamed($layer, function (string $name) use (&$names): string {
                $names[$name] = true;

                return $name;
            });
        }
        unset($names['']);

        return array_map(strval(...), array_keys($names));
    }

    /**
     * A layer with other icons in their places.
     *
     * @param  callable(string): string  $by
     */
    public static function renamed(Layer $layer, callable $by): Layer
    {
        $content = $layer->content;

        return match (true) {
            $content instanceof Icon => $layer->with(content: $content->with(icon: $by($content->icon))),
            $content instanceof Widget => $layer->with(content: $content->with(icon: $by($content->icon), items: array_map(fn (Item $item): Item => $item->with(icon: $by($item->icon)), $content->items))),
            default => OverrideValues::ofLayer($layer, fn (array $layers): array => array_map(fn (array $values): array => is_string($values[self::PATH] ?? null) ? [...$values, self::PATH => $by($values[self::PATH])] : $values, $layers)),
        };
    }
}
