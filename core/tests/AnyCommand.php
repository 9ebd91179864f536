<?php

declare(strict_types=1);

namespace Kindred\Tests;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Tree;

/** Commands at random, for properties that hold after any of them. Seed `mt_srand` first. */
final class AnyCommand
{
    /**
     * A command that may well be refused, from the layers and screens that are there.
     *
     * @return array<string, mixed>
     */
    public static function on(Tree $tree, int $step): array
    {
        $screens = array_keys($tree->screens);
        $screen = $screens[mt_rand(0, count($screens) - 1)];
        $layers = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen === $screen));
        $some = array_map(fn (Layer $layer): string => $layer->id, array_slice($layers, mt_rand(0, max(0, count($layers) - 1)), mt_rand(1, 3)));
        $one = $some[0] ?? 'none';
        $parent = ($tree->layers[$one] ?? null)?->parent;
        $groups = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->isContainer()));
        $group = $groups === [] ? null : $groups[mt_rand(0, count($groups) - 1)]->id;
        $arrays = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->content instanceof ArrayLayer));
        $array = $arrays[0] ?? null;
        $row = $array?->content instanceof ArrayLayer ? $array->content->sheet->rows[0]->id : 'none';
        $number = fn (): int => mt_rand(-200, 400);
        $on = ['screen' => $screen, 'layers' => $some];
        $fields = [['x', '10%+3'], ['width', (string) mt_rand(1, 300)], ['rotation', (string) mt_rand(-180, 180)], ['fill', '#'.dechex(mt_rand(0x100000, 0xFFFFFF))], ['size', (string) mt_rand(8, 60)], ['radius', '12'], ['stroke-width', '2'], ['opacity', '50%'], ['direction', 'column'], ['wrap', 'wrap'], ['column-gap', '7'], ['padding', '9'], ['align-items', 'center'], ['width-from', 'stretch'], ['height-from', 'content'], ['max-width', '90'], ['absolute', 'true'], ['pin-right', 'true'], ['pin-bottom', 'true'], ['pin-horizontal', 'proportion']];
        [$field, $value] = $fields[mt_rand(0, count($fields) - 1)];
        $commands = [
            ['type' => 'move-layers', 'dx' => $number(), 'dy' => $number()] + $on,
            ['type' => 'set-field', 'field' => $field, 'value' => $value] + $on,
            ['type' => 'duplicate-layers', 'parent' => $parent, 'seed' => "d{$step}", 'dx' => 8, 'dy' => 8] + $on,
            ['type' => 'group-layers', 'seed' => "g{$step}"] + $on,
            ['type' => 'ungroup-layers', 'parent' => $parent, 'screen' => $screen, 'layers' => [$one]],
            ['type' => 'reorder-layers', 'parent' => $parent, 'screen' => $screen, 'layers' => [$one], 'above' => $some[1] ?? null],
            ['type' => 'reorder-layers', 'parent' => $group, 'screen' => $screen, 'layers' => [$one], 'above' => null],
            ['type' => 'delete-layers'] + $on,
            ['type' => 'stack-layers', 'seed' => "k{$step}"] + $on,
            ['type' => 'array-layers', 'seed' => "a{$step}"] + $on,
            ['type' => 'detach-arrays', 'seed' => "e{$step}", 'screen' => $screen, 'layers' => [$array->id ?? $one]],
            ['type' => 'add-rows', 'seed' => "r{$step}", 'screen' => $screen, 'layer' => $array->id ?? $one, 'count' => $step % 4 + 1],
            ['type' => 'set-words', 'screen' => $screen, 'layer' => $one, 'words' => "Cell {$step}", 'row' => $row, 'apart' => true],
            ['type' => 'set-field', 'field' => $field, 'value' => $value, 'row' => $row, 'apart' => true] + $on,
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => 'device', 'value' => ['phone', 'tablet', 'watch'][$step % 3]],
            ['type' => 'mark-layers', 'hidden' => (bool) mt_rand(0, 1)] + $on,
            ['type' => 'rename-layer', 'layer' => $one, 'name' => "Name {$step}"],
            ['type' => 'set-words', 'screen' => $screen, 'layer' => $one, 'words' => "Step {$step}"],
            ['type' => 'place-layers', 'screen' => $screen, 'places' => [['id' => $one, 'x' => $number(), 'y' => $number(), 'width' => mt_rand(1, 300), 'height' => mt_rand(1, 300), 'rotation' => mt_rand(-90, 90)]]],
            ['type' => 'create-layers', 'screen' => $screen, 'seed' => "c{$step}", 'layers' => [['kind' => ['box', 'ellipse', 'line'][mt_rand(0, 2)], 'x' => $number(), 'y' => $number(), 'width' => 50, 'height' => 30]]],
            ['type' => 'transfer-layers', 'to' => $screens[mt_rand(0, count($screens) - 1)], 'dx' => 1, 'dy' => 2] + $on,
            ['type' => 'put-cue', 'screen' => $screen, 'layer' => $one, 'cue' => ['id' => "cue{$step}x", 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => $screens[0]]]],
            ['type' => 'set-cue-field', 'screen' => $screen, 'layer' => $one, 'cue' => ($tree->layers[$one] ?? null)?->cues[0]->id ?? 'none', 'field' => ['trigger', 'action', 'transition', 'duration', 'target'][$step % 5], 'value' => ['delay', 'return', 'cover', '450', $screens[0]][$step % 5]],
            ['type' => 'align-layers', 'edge' => ['left', 'centre', 'bottom'][$step % 3], 'with' => ['each', 'parent', 'last'][$step % 3]] + $on,
            ['type' => 'distribute-layers', 'axis' => ['x', 'y'][$step % 2], 'gap' => $step % 5] + $on,
            ['type' => 'create-screen', 'screen' => ['id' => "new{$step}", 'name' => "New {$step}", 'device' => 'phone', 'x' => $number(), 'y' => 0, 'width' => 390, 'height' => 844]],
            ['type' => 'duplicate-screen', 'screen' => $screen, 'seed' => "s{$step}"],
            ['type' => 'move-screens', 'screens' => [$screen], 'dx' => $number(), 'dy' => 0],
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => 'ground', 'value' => '#abcdef'],
            ['type' => 'reorder-screen', 'screen' => $screen, 'after' => null],
            ['type' => 'set-entry', 'screen' => $screen],
            ['type' => 'create-layers', 'screen' => $screen, 'seed' => "w{$step}", 'layers' => [['kind' => 'widget', 'widget' => ['tabs', 'slider', 'table'][$step % 3], 'x' => $number(), 'y' => $number(), 'width' => 120, 'height' => 60, 'items' => [['label' => 'One'], ['label' => 'Two']]]]],
            ['type' => 'set-widget', 'field' => ['label', 'items', 'chosen', 'value'][$step % 4], 'value' => ['Book', "Two | 4\nThree", '1', '40'][$step % 4]] + $on,
            ['type' => 'convert-widgets', 'widget' => ['list', 'select'][$step % 2], 'name' => 'Other'] + $on,
            ['type' => 'replace-layer', 'screen' => $screen, 'layer' => $one, 'seed' => "o{$step}", 'step' => 'Open', 'with' => ['kind' => 'group', 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 30, 'height' => 20]]]],
            ['type' => 'set-finish', 'finish' => ['rough', 'plain', 'dressed'][$step % 3]],
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => 'finish', 'value' => ['rough', '', 'dressed'][$step % 3]],
            ['type' => 'put-grid', 'screen' => $screen, 'grid' => ['id' => 'grid1', 'kind' => ['columns', 'dots', 'paper'][$step % 3]]],
            ['type' => 'move-guide', 'screen' => $screen, 'axis' => 'x', 'to' => $step],
        ];

        if (count($screens) > 1) {
            $commands[] = ['type' => 'delete-screens', 'screens' => [$screen]];
        }

        return $commands[mt_rand(0, count($commands) - 1)];
    }
}
