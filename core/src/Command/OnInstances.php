<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Component\Component;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** What commands on components and their instances share. */
trait OnInstances
{
    /** @throws InvalidInput where the screen is not the sheet of a component */
    private static function component(Tree $tree, string $id): Component
    {
        return $tree->component($id) ?? throw new InvalidInput('component', 'That component is not there; it may have been deleted in another window.');
    }

    private static function put(Tree $tree, string $id, Component $component): Tree
    {
        return $tree->withScreens($tree->screen($id)->with(component: $component));
    }

    /** @throws InvalidInput where it is none */
    private static function instance(Layer $layer): Instance
    {
        return $layer->content instanceof Instance ? $layer->content : throw new InvalidInput('layers', "“{$layer->name}” is not an instance of a component.");
    }
}
