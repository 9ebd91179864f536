<?php

declare(strict_types=1);

namespace Kindred\Tests;

use Kindred\Document\Address;
use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Copies;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Library\Kind;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Tree;
use Kindred\Kit\FreshChart;
use Kindred\Library\Good;
use Kindred\Library\Goods;
use Kindred\Style\Aspect;
use Kindred\Style\InUse;
use Kindred\Style\Inventory;

/** Commands at random, for properties that hold after any of them. Seed `mt_srand` first. */
final class AnyCommand
{
    /** The bytes of the one picture that commands name. */
    public const PICTURE = 'a picture';

    /** Those of the one font. */
    public const FONT = 'a font';

    /** A component that comes from elsewhere, as `put-component` reads it. */
    private const CHIP = [
        'sheet' => ['id' => 'chips', 'name' => 'Chip', 'device' => 'custom', 'width' => 100, 'height' => 60, 'component' => ['root' => 'chip1']],
        'layers' => [['id' => 'chip1', 'kind' => 'box', 'width' => 20, 'height' => 20]],
    ];

    public static function asset(): string
    {
        return hash('sha256', self::PICTURE);
    }

    public static function font(): string
    {
        return hash('sha256', self::FONT);
    }

    /**
     * A command that may well be refused, from the layers and screens that are there.
     *
     * @return array<string, mixed>
     */
    public static function on(Tree $tree, int $step): array
    {
        $commands = self::offered($tree, $step);
        $one = $commands[mt_rand(0, count($commands) - 1)];

        return $one instanceof \Closure ? $one() : $one;
    }

    /**
     * The same with any of its numbers, words and lists at or past what is allowed.
     *
     * @return array<string, mixed>
     */
    public static function extreme(Tree $tree, int $step): array
    {
        $stretched = function (mixed $value, string $key) use (&$stretched): mixed {
            if (is_array($value)) {
                return array_combine(array_keys($value), array_map(fn (mixed $one, int|string $at): mixed => $stretched($one, is_string($at) ? $at : $key), $value, array_keys($value)));
            }
            if (mt_rand(0, 2) > 0) {
                return $value;
            }
            $numbers = [0, -0.0, 1e-9, 1, 90_000, -90_000, 99_999.999, 100_000, -100_000, 100_001, 1e300, INF, NAN];
            $words = ['0', '1', '90000', '-90000', '100000', '50000*2', '1e999', '99999+99999', '1000', '', str_repeat('w', 3000), str_repeat('wool ', 900), '100%', '20000'];

            return match (true) {
                is_int($value) || is_float($value) => $key === 'count' ? [1, 500, 2000][mt_rand(0, 2)] : $numbers[mt_rand(0, count($numbers) - 1)],
                in_array($key, ['value', 'words', 'table', 'title'], true) => $words[mt_rand(0, count($words) - 1)],
                default => $value,
            };
        };
        $command = self::on($tree, $step);
        if (isset($command['field']) && str_starts_with($command['type'], 'set-field')) {
            $command['field'] = ['x', 'y', 'width', 'height', 'style.size', 'style.lineHeight', 'style.letterSpacing', 'padding', 'rowGap', 'columnGap', 'minWidth', 'sizing.minWidth', 'sizing.minHeight', 'sizing.maxWidth', 'columns', 'wrapped', 'rotation', 'corners', 'strokes.0.width'][mt_rand(0, 18)];
        }

        return $stretched($command, '');
    }

    /** @return list<array<string, mixed>> one of each registered command, and more of those that do much */
    public static function all(Tree $tree, int $step): array
    {
        return array_map(fn (array|\Closure $one): array => $one instanceof \Closure ? $one() : $one, self::offered($tree, $step));
    }

    /** @return list<array<string, mixed>|\Closure(): array<string, mixed>> closures where all of the tree is looked through for one */
    private static function offered(Tree $tree, int $step): array
    {
        $screens = array_keys($tree->screens);
        $screen = $screens[mt_rand(0, max(0, count($screens) - 1))] ?? 'none';
        $layers = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen === $screen));
        $some = array_map(fn (Layer $layer): string => $layer->id, array_slice($layers, mt_rand(0, max(0, count($layers) - 1)), mt_rand(1, 3)));
        $one = $some[0] ?? 'none';
        $parent = ($tree->layers[$one] ?? null)?->parent;
        $groups = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->isContainer()));
        $group = $groups === [] ? null : $groups[mt_rand(0, count($groups) - 1)]->id;
        // A sheet stands behind arrays and charts alike.
        $arrays = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->content instanceof HasSheet));
        $array = $arrays === [] ? null : $arrays[mt_rand(0, count($arrays) - 1)];
        $row = $array?->content instanceof HasSheet ? $array->content->sheet()->rows[0]->id ?? 'none' : 'none';
        $number = fn (): int => mt_rand(-200, 400);
        $linking = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->cues !== []))[0] ?? null;
        $names = array_map(fn (Screen $one): string => $one->name, $tree->reel());
        $listed = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen !== null && $layer->content instanceof Widget && array_intersect(array_column($layer->content->items, 'label'), $names) !== []))[0] ?? null;
        $cued = ['screen' => $linking->screen ?? $screen, 'layer' => $linking->id ?? 'none', 'cue' => $linking?->cues[0]->id ?? 'none'];
        $on = ['screen' => $screen, 'layers' => $some];
        $fields = [['x', '10%+3'], ['width', (string) mt_rand(1, 300)], ['rotation', (string) mt_rand(-180, 180)], ['fills.0.colour', '#'.dechex(mt_rand(0x100000, 0xFFFFFF))], ['style.size', (string) mt_rand(8, 60)], ['corners', '12'], ['strokes.0.width', '2'], ['opacity', '50%'], ['direction', 'column'], ['wrap', 'wrap'], ['columnGap', '7'], ['padding', '9'], ['tolerance', '4'], ['sweep', (string) mt_rand(1, 360)], ['hole', mt_rand(0, 99).'%'], ['points', (string) mt_rand(3, 12)], ['innerRadius', '40%'], ['alignItems', 'center'], ['sizing.width', 'stretch'], ['sizing.height', 'content'], ['sizing.maxWidth', '90'], ['sizing.absolute', 'true'], ['pins.right', 'true'], ['pins.bottom', 'true'], ['pins.horizontal', 'proportion'], ['style.italic', ['true', 'false'][$step % 2]], ['zoom', mt_rand(10, 2000).'%'], ['positionX', mt_rand(0, 100).'%'], ['positionY', '0'], ['kind', ['box', 'ellipse', 'line', 'polygon'][$step % 4]], ['form', ['lines', 'ring', 'progress'][$step % 3]], ['legend', 'top'], ['max', (string) mt_rand(-5, 900)]];
        [$field, $value] = $fields[mt_rand(0, count($fields) - 1)];
        $cell = self::cell($tree, $screen) ?? $one;
        $widget = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->kind() === 'widget'))[0]->id ?? $one;
        $paths = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->kind() === 'path'));
        $path = $paths === [] ? $one : $paths[mt_rand(0, count($paths) - 1)]->id;
        $point = fn (): array => ['subpath' => 0, 'node' => mt_rand(0, 3)];
        $onPath = ['screen' => $screen, 'layer' => $path, 'points' => [$point(), $point()]];
        $after = ['screen' => $screen, 'layer' => $path, 'after' => $point()];
        $commands = [
            ['type' => 'convert-to-paths'] + $on,
            ['type' => 'combine-layers', 'seed' => "u{$step}", 'operation' => ['union', 'subtract', 'intersect', 'exclude'][$step % 4]] + $on,
            ['type' => 'outline-strokes', 'parent' => $parent] + $on,
            ['type' => 'offset-shapes', 'by' => $step % 2 === 0 ? 6 : -2] + $on,
            ['type' => 'set-field', 'field' => 'operation', 'value' => ['union', 'subtract', 'intersect', 'exclude'][$step % 4]] + $on,
            ['type' => 'move-points', 'dx' => $number(), 'dy' => $number()] + $onPath,
            ['type' => 'place-points', 'x' => '+4', 'y' => (string) $number()] + $onPath,
            ['type' => 'scale-points', 'about' => ['x' => 3, 'y' => 4], 'across' => mt_rand(-3, 3), 'down' => 0.5] + $onPath,
            ['type' => 'align-points', 'to' => ['left', 'middle', 'bottom'][$step % 3]] + $onPath,
            ['type' => 'pull-handle', 'handle' => ['in', 'out'][$step % 2], 'x' => $number(), 'y' => $number(), 'apart' => $step % 3 === 0] + $onPath,
            ['type' => 'bend-curve', 't' => 0.3, 'dx' => $number(), 'dy' => $number()] + $after,
            ['type' => 'add-point', 't' => 0.6] + $after,
            ['type' => 'remove-points', 'points' => [$point()]] + $onPath,
            ['type' => 'convert-points', 'smooth' => $step % 2 === 0] + $onPath,
            ['type' => 'cut-path', 'points' => [$point()]] + $onPath,
            ['type' => 'join-path', 'points' => [['subpath' => 0, 'node' => 0]]] + $onPath,
            ['type' => 'reverse-path'] + $onPath,
            ['type' => 'move-layers', 'dx' => $number(), 'dy' => $number()] + $on,
            ['type' => 'move-section', 'screen' => $screen, 'layers' => [$one], 'dy' => $number()],
            ['type' => 'set-field', 'field' => $field, 'value' => $value] + $on,
            ['type' => 'edit-together', 'copies' => array_map(fn (string $id): array => ['screen' => $screen, 'parts' => [$id]], array_map(fn (Layer $layer): string => $layer->id, array_slice($layers, 0, 3)) ?: ['none']), 'command' => ['type' => 'set-field', 'field' => $field, 'value' => $value, 'screen' => $screen, 'layers' => [$layers[0]->id ?? 'none']]],
            ['type' => 'duplicate-layers', 'parent' => $parent, 'seed' => "d{$step}", 'dx' => 8, 'dy' => 8] + $on,
            ['type' => 'duplicate-layers', 'elsewhere' => true, 'to' => $screens[mt_rand(0, max(0, count($screens) - 1))] ?? null, 'seed' => "e{$step}", 'dx' => 8, 'dy' => 8] + $on,
            ['type' => 'group-layers', 'seed' => "g{$step}"] + $on,
            ['type' => 'mask-layers', 'seed' => "k{$step}"] + $on,
            ['type' => 'release-masks'] + $on,
            ['type' => 'ungroup-layers', 'parent' => $parent, 'screen' => $screen, 'layers' => [$one]],
            ['type' => 'reorder-layers', 'parent' => $parent, 'screen' => $screen, 'layers' => [$one], 'above' => $some[1] ?? null],
            ['type' => 'reorder-layers', 'parent' => $group, 'screen' => $screen, 'layers' => [$one], 'above' => null],
            ['type' => 'delete-layers'] + $on,
            ['type' => 'stack-layers', 'seed' => "k{$step}"] + $on,
            ['type' => 'scroll-layers', 'seed' => "q{$step}"] + $on,
            ['type' => 'array-layers', 'seed' => "a{$step}"] + $on,
            ['type' => 'detach-arrays', 'seed' => "e{$step}", 'screen' => $screen, 'layers' => [$array->id ?? $one]],
            ['type' => 'add-rows', 'seed' => "r{$step}", 'screen' => $screen, 'layer' => $array->id ?? $one, 'count' => $step % 4 + 1],
            ['type' => 'set-words', 'screen' => $screen, 'layer' => $cell, 'words' => "Cell {$step}", 'apart' => true],
            ['type' => 'set-field', 'screen' => $screen, 'layers' => [$cell], 'field' => $field, 'value' => $value, 'apart' => (bool) mt_rand(0, 2)],
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => 'device', 'value' => ['phone', 'tablet', 'watch'][$step % 3]],
            ['type' => 'mark-layers', 'hidden' => (bool) mt_rand(0, 1)] + $on,
            ['type' => 'rename-layer', 'layer' => $one, 'name' => "Name {$step}"],
            ['type' => 'set-words', 'screen' => $screen, 'layer' => $one, 'words' => "Step {$step}"],
            ['type' => 'set-words', 'screen' => $screen, 'layer' => $one, 'words' => "Step {$step}\nof many", 'runs' => [['from' => 0, 'to' => 3, 'weight' => 700], ['from' => 4, 'to' => 90, 'italic' => true]], 'paragraphs' => [[], ['list' => 'number']]],
            ['type' => 'pair-text', 'screen' => $screen, 'layer' => $one, 'words' => "Label {$step}", 'parent' => $parent, 'above' => (bool) ($step % 2), 'style' => ['family' => 'Lora', 'weight' => 600, 'size' => 12, 'lineHeight' => 1.3, 'letterSpacing' => 0.06], 'seed' => "p{$step}"],
            ['type' => 'place-layers', 'screen' => $screen, 'places' => [['id' => $one, 'x' => $number(), 'y' => $number(), 'width' => mt_rand(1, 300), 'height' => mt_rand(1, 300), 'rotation' => mt_rand(-90, 90)]]],
            ['type' => 'create-layers', 'screen' => $screen, 'seed' => "c{$step}", 'layers' => [['kind' => ['box', 'ellipse', 'line', 'polygon'][mt_rand(0, 3)], 'x' => $number(), 'y' => $number(), 'width' => 50, 'height' => 30]]],
            ['type' => 'transfer-layers', 'to' => $screens[mt_rand(0, max(0, count($screens) - 1))] ?? 'none', 'dx' => 1, 'dy' => 2] + $on,
            ['type' => 'put-cue', 'screen' => $screen, 'layer' => $one, 'cue' => ['id' => "cue{$step}x", 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => $screens[0] ?? 'none']]],
            ['type' => 'give-cues', 'screen' => $screen, 'layers' => [$one], 'cues' => [['id' => 'given', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'return'], ['kind' => 'scroll', 'layer' => $one]]]], 'seed' => "given{$step}"],
            ['type' => 'link-entries', 'screen' => $listed->screen ?? 'none', 'layer' => $listed->id ?? 'none', 'seed' => "entries{$step}"],
            ['type' => 'set-cue-field', ...$cued, 'field' => ['trigger.kind', 'actions.0.kind', 'actions.0.transition.kind', 'actions.0.transition.duration', 'actions.0.screen'][$step % 5], 'value' => ['delay', 'return', 'match', '450', $screens[0] ?? 'none'][$step % 5]],
            ['type' => 'pair-match', ...$cued, 'act' => 'actions.0', 'from' => $one, 'to' => $step % 2 === 0 ? '' : $one, 'delay' => $step % 50],
            ['type' => 'align-layers', 'edge' => ['left', 'centre', 'bottom'][$step % 3], 'with' => ['each', 'parent', 'last'][$step % 3]] + $on,
            ['type' => 'distribute-layers', 'axis' => ['x', 'y'][$step % 2], 'gap' => $step % 5] + $on,
            ['type' => 'create-screen', 'screen' => ['id' => "new{$step}", 'name' => "New {$step}", 'device' => 'phone', 'x' => $number(), 'y' => 0, 'width' => 390, 'height' => 844]],
            ['type' => 'duplicate-screen', 'screen' => $screen, 'seed' => "s{$step}"],
            ['type' => 'move-screens', 'screens' => [$screen], 'dx' => $number(), 'dy' => 0],
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => 'ground', 'value' => '#abcdef'],
            ['type' => 'reorder-screen', 'screen' => $screen, 'after' => null],
            ['type' => 'order-screens', 'screens' => array_slice(array_reverse($screens), 0, 2) ?: ['none']],
            ['type' => 'set-entry', 'screen' => $screen],
            ['type' => 'create-layers', 'screen' => $screen, 'seed' => "w{$step}", 'layers' => [['kind' => 'widget', 'widget' => ['tabs', 'slider', 'table'][$step % 3], 'x' => $number(), 'y' => $number(), 'width' => 120, 'height' => 60, 'items' => [['label' => 'One'], ['label' => 'Two']]]]],
            ['type' => 'set-widget', 'field' => ['label', 'items', 'chosen', 'value'][$step % 4], 'value' => ['Book', "Two | 4\nThree", '1', '40'][$step % 4], 'screen' => $screen, 'layers' => [$widget]],
            ['type' => 'create-layers', 'screen' => $screen, 'seed' => "ch{$step}", 'layers' => [['x' => $number(), 'y' => $number()] + FreshChart::of(ChartForm::cases()[$step % 7])]],
            ['type' => 'convert-widgets', 'widget' => ['list', 'select'][$step % 2], 'name' => 'Other'] + $on,
            ['type' => 'open-widgets', 'screen' => $screen, 'layers' => [$step % 7 === 0 ? $widget : $one], 'seed' => "o{$step}"],
            ['type' => 'put-icons', 'icons' => [['name' => ['pug-mill', 'cone'][$step % 2], 'lines' => 'M4 4L20 20', 'areas' => 'M0 0L9 0L9 9Z', 'line' => 1.5]]],
            ['type' => 'remove-icon', 'icon' => ['pug-mill', 'cone'][mt_rand(0, 1)]],
            ['type' => 'make-icon', 'screen' => $screen, 'layers' => [$layers[mt_rand(0, max(0, count($layers) - 1))]->id ?? 'none']],
            ['type' => 'put-fonts', 'fonts' => [['family' => ['Kiln Hand', 'Lora'][$step % 2], 'weight' => 400, 'italic' => false, 'asset' => self::font()]]],
            ['type' => 'remove-fonts', 'family' => 'Kiln Hand'],
            ['type' => 'replace-family', 'family' => 'Hanken Grotesk', 'by' => ['Lora', 'Kiln Hand'][$step % 2]],
            ['type' => 'set-framed', 'framed' => $step % 2 === 0],
            ['type' => 'set-finish', 'finish' => ['rough', 'plain', 'dressed'][$step % 3]],
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => $step % 2 === 0 ? 'finish' : 'over.place', 'value' => $step % 2 === 0 ? ['rough', '', 'dressed'][$step % 3] : ['top', 'hand', 'beside'][$step % 3]],
            ['type' => 'put-grid', 'screen' => $screen, 'grid' => ['id' => 'grid1', 'kind' => ['columns', 'dots', 'paper'][$step % 3]]],
            ['type' => 'set-grid-field', 'screen' => $screen, 'grid' => 'grid1', 'field' => ['count', 'size', 'margin', 'gutter'][$step % 4], 'value' => ['12', '*2', '8*3', '+4'][$step % 4]],
            ['type' => 'move-guide', 'screen' => $screen, 'axis' => 'x', 'to' => $step],
            ['type' => 'set-screen-field', 'screen' => $screen, 'field' => ['guides.x', 'x', 'width', 'height'][$step % 4], 'value' => '40'],
            ['type' => 'create-layers', 'screen' => $screen, 'parent' => $group, 'seed' => "p{$step}", 'layers' => [['kind' => 'path', 'd' => 'M0 0h10v10z', 'x' => $number(), 'y' => $number(), 'width' => 10, 'height' => 10]]],
            ['type' => 'create-layers', 'screen' => $screen, 'parent' => $group, 'seed' => "t{$step}", 'layers' => [['kind' => 'text', 'words' => 'Good clay', 'wrapped' => true, 'x' => $number(), 'y' => $number(), 'width' => 90, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]]]],
            ['type' => 'create-layers', 'screen' => $screen, 'parent' => $group, 'seed' => "i{$step}", 'layers' => [['kind' => 'picture', 'asset' => self::asset(), 'zoom' => 2, 'positionX' => 0, 'x' => $number(), 'y' => $number(), 'width' => 60, 'height' => 40]]],
            ['type' => 'create-layers', 'screen' => $screen, 'parent' => $group, 'seed' => "p{$step}", 'layers' => [['kind' => 'path', 'd' => 'M0 0C20 0 40 30 60 30L90 0', 'x' => $number(), 'y' => $number(), 'width' => 90, 'height' => 30]]],
            ['type' => 'even-layers'] + $on,
            ['type' => 'swap-layers', 'screen' => $screen, 'layers' => array_slice($some, 0, 2)],
            ['type' => 'set-style', 'style' => ['fills' => [['colour' => '#123456'], ['kind' => 'linear', 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#ffffff', 'at' => 1]]]], 'opacity' => 0.6, 'strokes' => [['colour' => '#00ff00', 'width' => 3]], 'style.size' => (float) mt_rand(8, 60), 'corners.topLeft' => 9.0, 'blend' => 'multiply']] + $on,
            ['type' => 'put-field', 'field' => 'fills', 'value' => [['kind' => 'radial', 'circle' => true, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 0.4, 'hint' => 0.5], ['colour' => '#ffffff', 'at' => 1]]]]] + $on,
            ['type' => 'add-to-list', 'list' => ['fills', 'strokes'][$step % 2], 'entry' => ['colour' => '#2f4a3c', 'width' => 2], 'at' => $step % 3] + $on,
            ['type' => 'move-in-list', 'list' => 'fills', 'from' => 0, 'to' => 1] + $on,
            ['type' => 'change-paint', 'paint' => 'fills.0', 'to' => ['linear', 'conic', 'noise', 'solid'][$step % 4]] + $on,
            ['type' => 'change-paint', 'paint' => 'fills.0', 'stops' => ['add', 'reverse', 'turn', 'even', 'remove'][$step % 5]] + $on,
            ['type' => 'change-paint', 'paint' => 'fills.0', 'asset' => self::asset()] + $on,
            ['type' => 'place-gradient', 'paint' => 'fills.0', 'from' => ['x' => $step % 40, 'y' => 3], 'to' => ['x' => 40, 'y' => $step % 60]] + $on,
            ['type' => 'remove-from-list', 'list' => 'fills', 'at' => $step % 2] + $on,
            ['type' => 'duplicate-in-list', 'list' => ['effects', 'strokes'][$step % 2], 'at' => $step % 3] + $on,
            ['type' => 'set-field', 'field' => 'kind', 'value' => ['box', 'ellipse', 'line', 'polygon'][$step % 4]] + $on,
            ['type' => 'align-screens', 'screens' => array_map(strval(...), $screens), 'edge' => ['top', 'right'][$step % 2], 'withLast' => true],
            ['type' => 'distribute-screens', 'screens' => array_map(strval(...), $screens), 'axis' => 'x', 'gap' => $step % 9],
            fn (): array => ['type' => 'gather-copies', 'seed' => "y{$step}", 'screen' => $screen, 'layers' => self::copies($tree, $groups)],
            ['type' => 'write-widget', 'screen' => $screen, 'layer' => $widget, 'place' => 'label', 'words' => 'Book'],
            ['type' => 'fill-widget', 'screen' => $screen, 'layer' => $widget, 'table' => "Bowl\t4\nMug\t2"],
            ['type' => 'remove-grid', 'screen' => $screen, 'grid' => 'grid1'],
            ['type' => 'remove-cue', ...$cued],
            ['type' => 'set-tracing', 'screen' => $screen, 'asset' => self::asset(), 'width' => 300, 'height' => 200],
            ...self::onSheets($tree, $screen, $array, $row, $step),
            ...self::onTakes($tree, $screen, $some, $step),
            ...self::onBrief($tree, $screen, $one, $step),
            ...self::onTokens($tree, $on, $step),
            ...self::onComponents($tree, $on, $groups, $step),
        ];

        if (count($screens) > 1) {
            $commands[] = ['type' => 'delete-screens', 'screens' => [$screen]];
        }

        return $commands;
    }

    /**
     * @param  list<Layer>  $groups
     * @return list<string> copies of each other beside each other, where there are any
     */
    private static function copies(Tree $tree, array $groups): array
    {
        foreach ($groups as $group) {
            $roots = array_map(fn (array $parts): Layer => $parts[0], Copies::of($tree, $group)->parts ?? []);
            $beside = array_values(array_filter($roots, fn (Layer $root): bool => [$root->screen, $root->parent] === [$group->screen, $group->parent]));
            if (count($beside) > 1) {
                return array_map(fn (Layer $root): string => $root->id, $beside);
            }
        }

        return ['none'];
    }

    /**
     * @param  array{screen: int|string, layers: list<string>}  $on
     * @param  list<Layer>  $groups
     * @return list<array<string, mixed>|\Closure(): array<string, mixed>>
     */
    private static function onComponents(Tree $tree, array $on, array $groups, int $step): array
    {
        $sheets = $tree->sheets();
        $sheet = $sheets === [] ? null : $sheets[mt_rand(0, count($sheets) - 1)];
        $uses = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() !== null));
        $use = $uses === [] ? null : $uses[mt_rand(0, count($uses) - 1)];
        $axis = $tree->component($use?->component() ?? $sheet?->id)->axes[0] ?? null;
        $states = array_column($axis->states ?? [], 'id');
        $one = ['screen' => $use?->screen, 'layers' => [$use->id ?? 'none']];
        $of = ['component' => $sheet->id ?? 'none'];
        $design = $tree->design($use?->component() ?? 'none');
        $part = $design === [] ? 'none' : $design[mt_rand(0, count($design) - 1)]->id;
        $shown = ['screen' => $use?->component(), 'layers' => [$part.'.'.($use->id ?? 'none')], 'layer' => $part.'.'.($use->id ?? 'none'), 'apart' => $step % 3 > 0];

        return [
            ['type' => 'make-component', 'seed' => "mc{$step}"] + $on,
            fn (): array => ['type' => 'gather-instances', 'seed' => "gi{$step}", 'layers' => self::copies($tree, $groups)],
            ['type' => 'create-layers', 'screen' => $on['screen'], 'seed' => "ci{$step}", 'layers' => [['kind' => 'instance', 'name' => 'Use', 'component' => $sheet->id ?? 'none', 'x' => $step, 'y' => 9]]],
            ['type' => 'add-state', 'name' => "State {$step}", 'axis' => $step % 2 === 0 ? ($sheet?->component->axes[0]->id ?? null) : null, 'alongFirst' => $step % 3 === 0, 'seed' => "as{$step}"] + $of,
            ['type' => 'rename-state', 'component' => $use?->component() ?? 'none', 'axis' => $axis->id ?? 'none', 'state' => $states[0] ?? null, 'name' => "At {$step}"],
            ['type' => 'remove-state', 'component' => $use?->component() ?? 'none', 'axis' => $axis->id ?? 'none', 'state' => $states[1] ?? 'none'],
            ['type' => 'set-states', 'axis' => $axis->id ?? 'none', 'state' => $states[$step % max(1, count($states))] ?? 'none'] + $one,
            ['type' => 'set-field', 'field' => ['opacity', 'fills.0.colour', 'style.size', 'width'][$step % 4], 'value' => ['40%', '#a94c31', '21', '33'][$step % 4]] + $shown,
            ['type' => 'set-words', 'words' => "Use {$step}"] + $shown,
            ['type' => 'reset-override'] + $shown,
            ['type' => 'put-slot', 'slot' => ['id' => "slot{$step}", 'name' => "Slot {$step}", 'layer' => $sheet?->component->root ?? 'none', 'path' => 'hidden']] + $of,
            ['type' => 'remove-slot', 'slot' => $sheet?->component->slots[0]->id ?? 'none'] + $of,
            ['type' => 'exchange-instances'] + $of + $one,
            ['type' => 'release-instances', 'seed' => "ri{$step}"] + $one,
            ['type' => 'remove-component', 'instead' => $step % 2 === 0 ? ($sheets[0]->id ?? null) : null, 'seed' => "rc{$step}"] + $of,
        ];
    }

    /** The address of any layer that is shown in copies. */
    private static function cell(Tree $tree, string $screen): ?string
    {
        $inside = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen === $screen && $tree->expanding($layer) !== []));
        $addresses = $inside === [] ? [] : $tree->addresses($inside[mt_rand(0, count($inside) - 1)]);

        return $addresses === [] ? null : (string) $addresses[mt_rand(0, count($addresses) - 1)];
    }

    /** @return list<array<string, mixed>> */
    private static function onSheets(Tree $tree, string $screen, ?Layer $array, string $row, int $step): array
    {
        $design = $array === null ? 'none' : $tree->children(new Place($array->screen, $array->id))[0]->id ?? 'none';
        $sheet = $array?->content instanceof HasSheet ? $array->content->sheet() : null;
        $on = ['screen' => $screen, 'layer' => $array->id ?? 'none'];
        $column = $sheet->columns[0]->id ?? 'none';
        $overrides = $array?->content instanceof ArrayLayer ? $array->content->overrides : [];
        $copy = (string) (array_key_first($overrides) ?? $row);
        $within = Address::of((string) (array_key_first($overrides[$copy] ?? []) ?? $sheet->columns[0]->layer ?? 'none'));

        return [
            ['type' => 'set-cell', 'row' => $row, 'column' => $column, 'value' => "Value {$step}"] + $on,
            ['type' => 'fill-cells', 'row' => $row, 'column' => $column, 'values' => [["Fill {$step}"], ['Mug']], 'seed' => "fc{$step}"] + $on,
            ['type' => 'take-sheet', 'columns' => [['column' => $column], ['name' => 'Price']], 'rows' => [['Bowl', '4'], ['Mug', '2']], 'replace' => $step % 2 === 0, 'seed' => "ts{$step}"] + $on,
            ['type' => 'remove-rows', 'rows' => [$row]] + $on,
            ['type' => 'move-row', 'row' => $row, 'after' => $sheet?->rows[count($sheet->rows) - 1]->id ?? 'none'] + $on,
            ['type' => 'put-column', 'column' => ['id' => "col{$step}", 'name' => 'More', 'slot' => ['colour', 'shown', 'words'][$step % 3], 'layer' => $step % 2 === 0 ? $design : null]] + $on,
            ['type' => 'remove-column', 'column' => $column] + $on,
            ['type' => 'sample-column', 'column' => $column, 'sample' => \Kindred\Document\Sheet\Sample::cases()[0]->value, 'seed' => "sc{$step}"] + $on,
            ['type' => 'reset-override', 'screen' => $screen, 'layer' => (string) new Address($within->layer, [$copy, ...$within->copies])],
        ];
    }

    /**
     * @param  list<string>  $some
     * @return list<array<string, mixed>>
     */
    private static function onTakes(Tree $tree, string $screen, array $some, int $step): array
    {
        $takes = $tree->takes($screen);
        $take = $takes === [] ? 'none' : $takes[$step % count($takes)]->id;

        return [
            ['type' => 'make-take', 'screen' => $screen, 'seed' => "mt{$step}"],
            ['type' => 'switch-take', 'screen' => $screen, 'take' => $take],
            ['type' => 'set-take', 'take' => $take, 'field' => 'reason', 'value' => 'Shorter'],
            ['type' => 'set-criteria', 'screen' => $screen, 'criteria' => ['Calm', 'Clear']],
            ['type' => 'carry-layers', 'from' => $screen, 'to' => $take, 'layers' => $some, 'seed' => "cl{$step}"],
            ['type' => 'delete-take', 'screen' => $screen, 'take' => $take],
            ['type' => 'make-condition', 'screen' => $screen, 'condition' => ['empty', 'loading', 'error'][$step % 3], 'seed' => "mc{$step}"],
        ];
    }

    /**
     * @param  array<string, mixed>  $on
     * @return list<array<string, mixed>|\Closure(): array<string, mixed>>
     */
    private static function onTokens(Tree $tree, array $on, int $step): array
    {
        $tokens = array_keys(Bindings::tokens($tree));
        $token = $tokens[$step % max(1, count($tokens))] ?? 'none';
        $other = $tokens[($step + 1) % max(1, count($tokens))] ?? 'none';
        $field = ['fills.0.colour', 'corners', 'strokes.0.width', 'strokes.0.colour', 'rowGap', 'style.size', 'opacity', 'cues.0.actions.0.transition.duration'][$step % 8];

        return [
            ['type' => 'put-tokens', 'tokens' => [['id' => "tone{$step}", 'name' => "tone.t{$step}"] + ($step % 2 === 0 ? ['kind' => 'color', 'text' => 'hsl('.($step * 37).' 50% 50%)'] : ($step % 3 === 0 ? ['kind' => 'duration', 'value' => $step % 900] : ['kind' => 'dimension', 'value' => $step % 30]))]],
            ['type' => 'put-tokens', 'tokens' => [['id' => $token, 'text' => $step % 3 === 0 ? '#'.dechex(mt_rand(0x100000, 0xFFFFFF)) : (string) mt_rand(1, 40)]]],
            ['type' => 'put-tokens', 'tokens' => [['id' => $token, 'bound' => ['value' => $other]]]],
            ['type' => 'make-token', 'field' => $field, 'id' => "made{$step}", 'name' => "made.m{$step}"] + $on,
            ['type' => 'bind-token', 'field' => $field, 'token' => $token] + $on,
            ['type' => 'bind-token', 'field' => $field, 'token' => null] + $on,
            ['type' => 'bind-screens', 'screens' => [$on['screen']], 'field' => ['ground', 'cues.0.actions.0.transition.duration'][$step % 2], 'token' => $step % 4 === 0 ? null : $token],
            ['type' => 'adopt-token', 'token' => $token, 'colour' => (Bindings::tokens($tree)[$token] ?? null)?->value instanceof ColourToken ? Bindings::tokens($tree)[$token]->value->css() : '#17594f'],
            ['type' => 'remove-token', 'token' => $token, 'by' => $step % 2 === 0 ? $other : null],
            ...self::onThemes($tree, $on['screen'], $token, $other, $step),
            fn (): array => self::merging($tree, $step),
            ['type' => 'dress-kit', 'part' => ['accent', 'radius', 'ink', 'text'][$step % 4], 'token' => $step % 5 === 0 ? null : $token],
        ];
    }

    /** @return array<string, mixed> */
    private static function merging(Tree $tree, int $step): array
    {
        $aspect = Aspect::ALL[$step % count(Aspect::ALL)];
        $inventory = new Inventory([]);
        foreach ($tree->layers as $layer) {
            $inventory->layer($layer->toArray());
        }
        $values = array_map(fn (InUse $one): mixed => $one->plain, $inventory->values($aspect));

        return ['type' => 'merge-values', 'aspect' => $aspect::key(), 'from' => array_slice($values, 0, 3) ?: ['#17594f'], 'to' => $values[count($values) - 1] ?? '#17594f']
            + ($step % 2 === 0 ? ['token' => "merged{$step}", 'name' => "merged.m{$step}"] : []);
    }

    /** @return list<array<string, mixed>> */
    private static function onThemes(Tree $tree, string $screen, string $token, string $other, int $step): array
    {
        $themes = array_keys(Themes::of($tree)->all());
        $theme = $themes[$step % max(1, count($themes))] ?? 'none';
        $value = (Bindings::tokens($tree)[$token] ?? null)?->value instanceof ColourToken ? '#'.dechex(mt_rand(0x100000, 0xFFFFFF)) : (string) mt_rand(1, 40);

        return [
            ['type' => 'put-theme', 'id' => "theme{$step}", 'name' => "Theme {$step}", 'opposite' => $step % 2 === 0, 'like' => $step % 3 === 0 && $theme !== 'none' ? $theme : null],
            ['type' => 'put-theme', 'id' => $theme, 'name' => "Named {$step}"],
            ['type' => 'put-theme-values', 'theme' => $theme, 'values' => [['token' => $token, 'text' => $value]]],
            ['type' => 'put-theme-values', 'theme' => $theme, 'values' => [['token' => $token, 'bound' => ['value' => $other]]]],
            ['type' => 'remove-theme-values', 'theme' => $theme, 'tokens' => [$token, $other]],
            ['type' => 'show-theme', 'theme' => [$theme, null][$step % 2]],
            ['type' => 'show-theme', 'theme' => [$theme, null, 'base'][$step % 3], 'screens' => [$screen]],
            ['type' => 'remove-theme', 'theme' => $theme],
            ...self::onChecks($tree, $step),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function onChecks(Tree $tree, int $step): array
    {
        $aside = array_key_first($tree->things(Entity::Aside));
        $components = array_values(array_filter(Goods::of($tree)->all, fn (Good $one): bool => $one->kind === Kind::Component));

        return [
            ['type' => 'put-component'] + array_replace_recursive($components[0]->written ?? self::CHIP, ['sheet' => ['name' => "Chip {$step}"]]),
            ['type' => 'put-library', 'id' => 'parts', 'name' => "Parts {$step}", 'project' => '', 'taken' => [['kind' => 'icon', 'id' => 'own-jug', 'there' => "m{$step}"]]],
            ['type' => 'remove-library', 'library' => 'parts'],
            ['type' => 'set-reading', 'screen' => array_key_first($tree->screens), 'layers' => $step % 3 === 0 ? [] : array_slice(array_map(fn (Layer $layer): string => $layer->id, array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen === array_key_first($tree->screens) && $tree->expanding($layer) === []))), 0, $step % 5)],
            ['type' => 'set-rule', 'rule' => ['contrast', 'target-size'][$step % 2], 'on' => $step % 3 > 0, 'limit' => $step % 4 === 0 ? null : $step % 30],
            ['type' => 'put-aside', 'findings' => [['rule' => 'contrast', 'about' => "one{$step} two"]], 'reason' => "Step {$step}"],
            ['type' => 'take-up', 'findings' => [$aside ?? 'none']],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function onBrief(Tree $tree, string $screen, string $layer, int $step): array
    {
        $entries = array_map(strval(...), array_keys($tree->entries()));
        $entry = $entries[$step % max(1, count($entries))] ?? 'none';
        $others = array_values(array_filter($entries, fn (string $one): bool => $one !== $entry && $tree->entry($one)->part === $tree->entry($entry)->part));

        return [
            ['type' => 'put-entry', 'entry' => ['id' => "entry{$step}", 'part' => ['requirement', 'plan', 'goal'][$step % 3], 'title' => "Entry {$step}"], 'after' => $entry],
            ['type' => 'move-entry', 'entry' => $entry, 'after' => $step % 3 === 0 ? null : $others[count($others) - 1] ?? null],
            ['type' => 'remove-entry', 'entry' => $entry],
            ['type' => 'tie-entry', 'entry' => $entry, 'ties' => [['kind' => 'layer', 'id' => $layer]]],
            ['type' => 'hang-plan', 'entries' => $entries === [] ? ['none'] : $entries, 'device' => 'phone', 'seed' => "hp{$step}"],
        ];
    }
}
