<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;

/** Cues of single entries of a widget, which are known by their words, stay with their entries when these are called otherwise. */
final class Entries
{
    /** Whether a layer has the entry that a cue is of; one of no single entry is of the layer. */
    public static function has(Layer $layer, Cue $cue): bool
    {
        return $cue->entry === '' || ($layer->content instanceof Widget && in_array($cue->entry, self::labels($layer->content), true));
    }

    public static function followed(Tree $before, Tree $after): Tree
    {
        $changed = [];
        foreach ($after->layers as $id => $layer) {
            $was = $before->layers[$id] ?? null;
            if ($was !== null && $was !== $layer && $layer->cues !== [] && $layer->content instanceof Widget && $was->content instanceof Widget && $was->content->items !== $layer->content->items) {
                $new = self::renamed($layer, self::labels($was->content), self::labels($layer->content));
                if ($new !== $layer) {
                    $changed[] = $new;
                }
            }
        }

        return $changed === [] ? $after : $after->withLayers(...$changed);
    }

    /**
     * @param  list<string>  $was
     * @param  list<string>  $is
     */
    private static function renamed(Layer $layer, array $was, array $is): Layer
    {
        if (count($was) !== count($is)) {
            return $layer;
        }
        $names = [];
        foreach ($was as $i => $label) {
            // One that is still there under its words is no other one.
            if ($label !== $is[$i] && ! in_array($label, $is, true)) {
                $names[$label] ??= $is[$i];
            }
        }
        $cues = array_map(fn (Cue $cue): Cue => isset($names[$cue->entry]) && $cue->entry !== '' ? $cue->with(entry: $names[$cue->entry]) : $cue, $layer->cues);

        return $cues == $layer->cues ? $layer : $layer->with(cues: $cues); // @phpstan-ignore equal.notAllowed (values that are written alike are the same)
    }

    /** @return list<string> */
    private static function labels(Widget $widget): array
    {
        return array_map(fn (Item $item): string => $item->label, $widget->items);
    }
}
