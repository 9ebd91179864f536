<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;

/** What an instance is called where several of its component are listed: most have its name, and are told apart by what they say. */
final class Called
{
    /** @param  Tree  $tree  with the design of the component */
    public static function of(Tree $tree, Layer $use): string
    {
        $sheet = $tree->screens[$use->component() ?? ''] ?? null;
        $words = $sheet?->component === null || $use->name !== $sheet->name ? '' : self::words($tree, $sheet->component, $use);

        return $words === '' ? $use->name : "“{$words}”";
    }

    /** The first words that it is filled with; empty where it has none. */
    private static function words(Tree $tree, Component $component, Layer $use): string
    {
        foreach ($component->slots as $slot) {
            $design = ($tree->layers[Address::of($slot->layer)->layer] ?? null)?->content;
            if ($slot->path === 'words' && $design instanceof Text) {
                $own = $use->content instanceof Instance ? $use->content->overrides[$slot->layer]['words'] ?? null : null;

                return Text::title(is_string($own) ? $own : $design->words);
            }
        }

        return '';
    }
}
