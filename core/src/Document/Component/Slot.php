<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** What is meant to be another in each instance: a property of one of the layers of a component, by a name. */
final readonly class Slot implements Stored
{
    use Declared;

    /**
     * @param  string  $layer  its address within the component
     * @param  string  $path  of the property: `words`, `asset`, `icon`, `hidden`, `component` or any other that can be overridden
     */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Name] public string $name,
        #[Is\Words(900, empty: false)] public string $layer,
        #[Is\Words(80, empty: false)] public string $path,
    ) {
    }

    /** The path of what a layer is there to show, which is usually filled in: its words, picture or icon. */
    public static function usual(Layer $layer): ?string
    {
        return match (true) {
            $layer->content instanceof Text => 'words',
            $layer->content instanceof Picture => 'asset',
            $layer->content instanceof Icon => 'icon',
            default => null,
        };
    }

    /** @return list<string> the paths of all that is offered to be filled in of a layer */
    public static function offered(Layer $layer, bool $outermost): array
    {
        $paths = [
            self::usual($layer), $layer->content instanceof Instance ? OverrideValues::COMPONENT : null,
            $outermost ? null : 'hidden', isset($layer->content->paint()['fills']) ? Field::FILL : null,
        ];

        return array_values(array_filter($paths, is_string(...)));
    }
}
