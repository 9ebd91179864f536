<?php

declare(strict_types=1);

namespace Database\Demo;

use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Project;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\Reader;

/**
 * The third demo: the parts that the screens of Fernhollow Pottery are made of, as components with states, and a screen that is
 * made of them. It is made as a designer would make it, by commands.
 *
 * @phpstan-type LayerData array<string, mixed>
 */
final class StudioParts
{
    private const CLAY = '#a94c31';

    private const SPRUCE = '#2f4a3c';

    private const INK = '#2b211c';

    private const SOFT = '#7b6a5f';

    private const PALE = '#d8cdbf';

    /** What is off, and can be used. */
    private const STONE = '#857769';

    private Tree $tree;

    private int $seed = 0;

    /** @var array<string, string> the sheets of the components, by their names */
    private array $sheets = [];

    private function __construct(private readonly Runner $runner)
    {
        $this->tree = new Tree(new Project('Studio parts'));
    }

    /** The project file, as JSON. */
    public static function file(Runner $runner): string
    {
        $self = new self($runner);
        $self->run(['type' => 'create-screen', 'screen' => ['id' => 'kilnroom', 'name' => 'Kiln room', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'ground' => '#f6efe6']]);
        $self->parts();
        $self->room();

        return (new ProjectFile($self->tree))->write();
    }

    private function parts(): void
    {
        $this->component($this->stack('Button', ['direction' => 'row', 'columnGap' => 8, 'justifyContent' => 'center', 'alignItems' => 'center', 'padding' => $this->padding(14, 24), 'corners' => $this->round(14), 'fills' => [$this->fill(self::CLAY)]], [
            $this->text('Label', 'Book a wheel', 16, 600, '#ffffff'),
        ]));
        $this->state('Button', 'Pressed', ['Button' => ['fills.0.colour' => '#863a24']]);
        $this->state('Button', 'Loading', ['Button' => ['opacity' => '60%'], 'Label' => ['words' => 'One moment…']]);
        $this->state('Button', 'Off', ['Button' => ['fills.0.colour' => self::PALE], 'Label' => ['fills.0.colour' => self::SOFT]]);
        $this->state('Button', 'Quiet', ['Button' => ['fills.0.colour' => '#f0e2d3'], 'Label' => ['fills.0.colour' => self::CLAY]], 'Emphasis', 'Main');

        $this->component(['kind' => 'group', 'name' => 'Switch', 'x' => 0, 'y' => 0, 'width' => 52, 'height' => 44, 'children' => [
            // A finger needs more room than the track takes.
            ['kind' => 'box', 'name' => 'Room', 'x' => 0, 'y' => 0, 'width' => 52, 'height' => 44],
            ['kind' => 'box', 'name' => 'Track', 'x' => 0, 'y' => 6, 'width' => 52, 'height' => 32, 'corners' => $this->round(16), 'fills' => [$this->fill(self::STONE)]],
            ['kind' => 'ellipse', 'name' => 'Knob', 'x' => 3, 'y' => 9, 'width' => 26, 'height' => 26, 'fills' => [$this->fill('#ffffff')], 'effects' => [['colour' => '#00000033', 'offsetY' => 1, 'blur' => 2]]],
        ]]);
        $this->state('Switch', 'On', ['Track' => ['fills.0.colour' => self::SPRUCE], 'Knob' => ['x' => '23']], 'State', 'Off');
        $this->turning('Switch', 'Switch', null, 180);

        $this->component($this->stack('Card', ['direction' => 'column', 'rowGap' => 4, 'width' => 342, 'padding' => $this->padding(16, 16), 'corners' => $this->round(16), 'fills' => [$this->fill('#ffffff')], 'effects' => [['colour' => '#2b211c1f', 'offsetY' => 4, 'blur' => 14]], 'sizing' => ['width' => 'length', 'height' => 'content']], [
            $this->text('Title', 'Glaze firing', 18, 600, self::INK, true),
            $this->text('Note', 'Cooling down. The big kiln can be opened tomorrow at nine.', 14, 400, self::SOFT, true),
        ]));
        $this->state('Card', 'Chosen', ['Card' => ['strokes.0.width' => '2', 'strokes.0.colour' => self::CLAY]], 'State', 'At rest');

        $this->component($this->stack('Field', ['direction' => 'column', 'rowGap' => 6, 'width' => 342, 'sizing' => ['width' => 'length', 'height' => 'content']], [
            $this->text('Label', 'Pieces', 14, 500, self::SOFT, true),
            $this->stack('Entry', ['direction' => 'row', 'padding' => $this->padding(12, 14), 'corners' => $this->round(10), 'fills' => [$this->fill('#ffffff')], 'strokes' => [['colour' => self::PALE, 'width' => 1]], 'sizing' => ['width' => 'stretch', 'height' => 'content']], [
                $this->text('Value', 'How many?', 16, 400, self::SOFT),
            ]),
            ['hidden' => true] + $this->text('Problem', 'Write a number from 1 to 40.', 13, 500, self::CLAY, true),
        ]));
        $this->state('Field', 'Filled', ['Value' => ['words' => '4', 'fills.0.colour' => self::INK]], 'State', 'Empty');
        $this->state('Field', 'Wrong', ['Value' => ['words' => 'some', 'fills.0.colour' => self::INK], 'Entry' => ['strokes.0.colour' => self::CLAY, 'strokes.0.width' => '2'], 'Problem' => ['hidden' => false]]);

        $this->component($this->stack('List row', ['direction' => 'row', 'columnGap' => 14, 'alignItems' => 'center', 'width' => 390, 'padding' => $this->padding(12, 24), 'sizing' => ['width' => 'length', 'height' => 'content']], [
            ['kind' => 'icon', 'name' => 'Sign', 'icon' => 'flame', 'x' => 0, 'y' => 0, 'width' => 24, 'height' => 24, 'fills' => [$this->fill(self::CLAY)]],
            $this->stack('Words', ['direction' => 'column', 'rowGap' => 2, 'sizing' => ['width' => 'stretch', 'height' => 'content']], [
                $this->text('Title', 'Kiln is cool', 16, 500, self::INK, true),
                $this->text('Note', 'When it can be opened', 13, 400, self::SOFT, true),
            ]),
            ['kind' => 'instance', 'name' => 'Control', 'component' => $this->sheets['Switch'], 'x' => 0, 'y' => 0],
        ]));
        $this->slot('List row', 'Control', 'component');
        $this->state('List row', 'Off', ['Words' => ['opacity' => '45%'], 'Sign' => ['opacity' => '45%']], 'State', 'Usual');

        $this->tabs();

        $ring = fn (string $name, int $sweep, string $colour): array => ['kind' => 'ellipse', 'name' => $name, 'x' => 0, 'y' => 0, 'width' => 180, 'height' => 180, 'startAngle' => 225, 'sweep' => $sweep, 'hole' => 0.86, 'fills' => [$this->fill($colour)]];
        $this->component(['kind' => 'group', 'name' => 'Kiln gauge', 'x' => 0, 'y' => 0, 'width' => 180, 'height' => 180, 'children' => [
            $ring('Dial', 270, self::PALE), $ring('Heat', 60, '#55809b'),
            ['x' => 0, 'y' => 62, 'width' => 180] + $this->text('Degrees', '180 °C', 34, 600, self::INK, true, 'center'),
            ['x' => 0, 'y' => 106, 'width' => 180] + $this->text('Doing', 'Cooling down', 14, 400, self::SOFT, true, 'center'),
        ]]);
        $this->state('Kiln gauge', 'Firing', ['Heat' => ['sweep' => '214', 'fills.0.colour' => self::CLAY], 'Degrees' => ['words' => '980 °C'], 'Doing' => ['words' => 'Firing']], 'State', 'Cooling');
        $this->state('Kiln gauge', 'Cold', ['Heat' => ['sweep' => '6'], 'Degrees' => ['words' => '24 °C'], 'Doing' => ['words' => 'May be opened']]);
        $this->turning('Kiln gauge', 'Kiln gauge', null, 500);
    }

    /** Each entry of the bar shows itself as the one at hand. */
    private function tabs(): void
    {
        $entries = ['Today' => 'house', 'Glazes' => 'palette', 'Kilns' => 'flame'];
        $entry = fn (string $name, string $icon, string $colour): array => $this->stack($name, ['direction' => 'column', 'rowGap' => 4, 'alignItems' => 'center', 'padding' => $this->padding(8, 12), 'sizing' => ['width' => 'content', 'height' => 'content']], [
            ['kind' => 'icon', 'name' => "{$name} sign", 'icon' => $icon, 'x' => 0, 'y' => 0, 'width' => 24, 'height' => 24, 'fills' => [$this->fill($colour)]],
            $this->text("{$name} label", $name, 12, 600, $colour),
        ]);
        $this->component($this->stack('Tab bar', ['direction' => 'row', 'justifyContent' => 'space-around', 'width' => 390, 'padding' => $this->padding(4, 12), 'fills' => [$this->fill('#fffaf3')], 'sizing' => ['width' => 'length', 'height' => 'content']],
            array_map(fn (string $name, string $icon): array => $entry($name, $icon, $name === 'Today' ? self::CLAY : self::SOFT), array_keys($entries), $entries)));
        foreach (['Glazes', 'Kilns'] as $name) {
            $colours = fn (string $of, string $colour): array => ["{$of} sign" => ['fills.0.colour' => $colour], "{$of} label" => ['fills.0.colour' => $colour]];
            $this->state('Tab bar', $name, $colours('Today', self::SOFT) + $colours($name, self::CLAY), 'At hand', 'Today');
        }
        foreach (array_keys($entries) as $i => $name) {
            $this->turning('Tab bar', $name, $i, 150);
        }
    }

    /** A screen made of them. */
    private function room(): void
    {
        $rows = [['Kiln is cool', 'When it can be opened', 'flame', true], ['A wheel is free', 'On the evenings that you chose', 'disc-3', false], ['Pieces to collect', 'From the shelf by the door', 'package', true]];
        $this->use('Kiln gauge', 105, 72, ['Firing']);
        $this->use('Card', 24, 280, [], ['Title' => 'Glaze firing, shelf two', 'Note' => 'Began at seven. Cone 6, about eleven hours to go.']);
        foreach ($rows as $i => [$title, $note, $icon, $on]) {
            $use = $this->use('List row', 0, 400 + 72 * $i, [], ['Title' => $title, 'Note' => $note, 'Sign' => $icon]);
            if ($on) {
                [$axis, $state] = $this->named('Switch', 'On');
                $this->run(['type' => 'set-states', 'screen' => $this->sheets['List row'], 'layers' => [(string) new Address($this->part('List row', 'Control')->id, [$use->id])], 'axis' => $axis, 'state' => $state, 'apart' => true]);
            }
        }
        $book = $this->use('Button', 24, 680, [], ['Label' => 'Book a kiln shelf']);
        $this->run(['type' => 'set-field', 'screen' => 'kilnroom', 'layers' => [$book->id], 'field' => 'width', 'value' => '342']);
        $bar = $this->use('Tab bar', 0, 776, ['Kilns']);
        $this->run(['type' => 'set-field', 'screen' => 'kilnroom', 'layers' => [$bar->id], 'field' => 'pins.bottom', 'value' => 'true']);
    }

    /** @param  LayerData  $layer */
    private function component(array $layer): void
    {
        $before = $this->tree;
        $this->run(['type' => 'create-layers', 'screen' => 'kilnroom', 'seed' => $this->seed(), 'layers' => [$layer]]);
        $made = array_values(array_filter(array_diff_key($this->tree->layers, $before->layers), fn (Layer $one): bool => $one->parent === null))[0];
        $this->run(['type' => 'make-component', 'screen' => 'kilnroom', 'layers' => [$made->id], 'seed' => $this->seed()]);
        $sheets = $this->tree->sheets();
        $this->sheets[$sheets[count($sheets) - 1]->name] = $sheets[count($sheets) - 1]->id;
        // It is placed where it is wanted later.
        $this->run(['type' => 'delete-layers', 'screen' => 'kilnroom', 'layers' => [$made->id]]);
    }

    /**
     * @param  array<string, array<string, string|bool>>  $values  what is otherwise, by part and property
     * @param  string|null  $axis  a new axis, with the name of its first state; null for the first that there is, or "State"
     */
    private function state(string $component, string $name, array $values, ?string $axis = null, string $first = 'Usual'): void
    {
        $sheet = $this->sheets[$component];
        $axes = $this->tree->component($sheet)->axes ?? [];
        $known = array_values(array_filter($axes, fn ($one): bool => $one->name === ($axis ?? $axes[0]->name ?? '')))[0] ?? null;
        $before = $this->tree;
        $this->run(['type' => 'add-state', 'component' => $sheet, 'name' => $name, 'axis' => $known?->id, 'called' => $axis ?? 'State', 'first' => $first, 'seed' => $this->seed()]);
        $shown = array_values(array_diff_key($this->tree->layers, $before->layers))[0];
        foreach ($values as $part => $fields) {
            $at = (string) new Address($this->part($component, $part)->id, [$shown->id]);
            foreach ($fields as $field => $value) {
                $this->run(match ($field) {
                    'words' => ['type' => 'set-words', 'screen' => $sheet, 'layer' => $at, 'words' => $value],
                    'hidden' => ['type' => 'mark-layers', 'screen' => $sheet, 'layers' => [$at], 'hidden' => $value],
                    default => ['type' => 'set-field', 'screen' => $sheet, 'layers' => [$at], 'field' => $field, 'value' => $value],
                });
            }
        }
    }

    /** On a tap on a part the instance shows another state: the one of that number, or the next. */
    private function turning(string $component, string $part, ?int $state, int $duration): void
    {
        $axis = $this->tree->component($this->sheets[$component])->axes[0] ?? null;
        $this->run(['type' => 'put-cue', 'screen' => $this->sheets[$component], 'layer' => $this->part($component, $part)->id, 'cue' => ['id' => 'cue'.$this->seed(), 'trigger' => ['kind' => 'tap'],
            'action' => ['kind' => 'state', 'axis' => $axis->id ?? '', 'state' => $state === null ? null : $axis->states[$state]->id ?? null], 'transition' => ['kind' => 'dissolve', 'duration' => $duration, 'easing' => 'ease-in-out']]]);
    }

    private function slot(string $component, string $part, string $path): void
    {
        $this->run(['type' => 'put-slot', 'component' => $this->sheets[$component], 'slot' => ['id' => 'slot'.$this->seed(), 'name' => $part, 'layer' => $this->part($component, $part)->id, 'path' => $path]]);
    }

    /**
     * @param  list<string>  $states
     * @param  array<string, string>  $slots  what it fills in, by slot
     */
    private function use(string $component, int $x, int $y, array $states = [], array $slots = []): Layer
    {
        $sheet = $this->sheets[$component];
        $before = $this->tree;
        $this->run(['type' => 'create-layers', 'screen' => 'kilnroom', 'seed' => $this->seed(), 'layers' => [['kind' => 'instance', 'name' => $component, 'component' => $sheet, 'x' => $x, 'y' => $y]]]);
        $use = array_values(array_diff_key($this->tree->layers, $before->layers))[0];
        foreach ($states as $name) {
            [$axis, $state] = $this->named($component, $name);
            $this->run(['type' => 'set-states', 'screen' => 'kilnroom', 'layers' => [$use->id], 'axis' => $axis, 'state' => $state]);
        }
        foreach ($this->tree->component($sheet)->slots ?? [] as $slot) {
            $value = $slots[$slot->name] ?? null;
            $at = (string) new Address($slot->layer, [$use->id]);
            if ($value !== null) {
                $this->run($slot->path === 'words' ? ['type' => 'set-words', 'screen' => $sheet, 'layer' => $at, 'words' => $value, 'apart' => true] : ['type' => 'set-field', 'screen' => $sheet, 'layers' => [$at], 'field' => $slot->path, 'value' => $value, 'apart' => true]);
            }
        }

        return $this->tree->layer($use->id);
    }

    /** @return array{string, string} the axis and the state of a name */
    private function named(string $component, string $name): array
    {
        foreach ($this->tree->component($this->sheets[$component])->axes ?? [] as $axis) {
            foreach ($axis->states as $state) {
                if ($state->name === $name) {
                    return [$axis->id, $state->id];
                }
            }
        }
        throw new \LogicException("“{$component}” has no state “{$name}”.");
    }

    private function part(string $component, string $name): Layer
    {
        return array_values(array_filter($this->tree->design($this->sheets[$component]), fn (Layer $one): bool => $one->name === $name))[0] ?? throw new \LogicException("“{$component}” has no “{$name}”.");
    }

    /** @param  array<string, mixed>  ...$commands */
    private function run(array ...$commands): void
    {
        $this->tree = $this->runner->run($this->tree, ...array_map(fn (array $one) => Commands::read(Reader::of($one)), array_values($commands)));
    }

    private function seed(): string
    {
        return 'parts'.$this->seed++;
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  list<LayerData>  $children
     * @return LayerData
     */
    private function stack(string $name, array $more, array $children): array
    {
        return $more + ['kind' => 'stack', 'name' => $name, 'x' => 0, 'y' => 0, 'width' => 0, 'height' => 0, 'sizing' => ['width' => 'content', 'height' => 'content'], 'children' => $children];
    }

    /** @return LayerData */
    private function text(string $name, string $words, int $size, int $weight, string $colour, bool $wrapped = false, string $align = 'left'): array
    {
        return ['kind' => 'text', 'name' => $name, 'words' => $words, 'x' => 0, 'y' => 0, 'wrapped' => $wrapped, 'fills' => [$this->fill($colour)], 'style' => ['family' => 'Hanken Grotesk', 'weight' => $weight, 'size' => $size, 'lineHeight' => 1.35, 'align' => $align]]
            + ($wrapped ? ['width' => 200, 'sizing' => ['width' => 'stretch']] : []);
    }

    /** @return array{colour: string} */
    private function fill(string $colour): array
    {
        return ['colour' => $colour];
    }

    /** @return array<string, int> */
    private function padding(int $vertical, int $horizontal): array
    {
        return ['top' => $vertical, 'right' => $horizontal, 'bottom' => $vertical, 'left' => $horizontal];
    }

    /** @return array<string, int> */
    private function round(int $radius): array
    {
        return ['topLeft' => $radius, 'topRight' => $radius, 'bottomRight' => $radius, 'bottomLeft' => $radius];
    }
}
