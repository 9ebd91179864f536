<?php

declare(strict_types=1);

namespace Kindred\Tests\Check;

use Kindred\Check\Checker;
use Kindred\Check\Eyes;
use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Report;
use Kindred\Check\Rules;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Kit\Kit;
use Kindred\Layout\Consequences;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/**
 * Screens with faults that were put there, and with things that look like faults and are none. What is at fault is called by the rule that
 * finds it: "contrast: the hour".
 */
final class Planted
{
    private int $count = 0;

    /** @var list<array<string, mixed>> */
    private array $screens = [];

    /** @var array<string, mixed> */
    private array $more = [];

    private bool $flowing = false;

    /**
     * @param  list<array<string, mixed>>  $layers
     * @param  array<string, mixed>  $screen
     */
    public function screen(string $id, array $layers, array $screen = []): self
    {
        $next = clone $this;
        $next->screens[] = $screen + ['id' => $id, 'name' => ucfirst($id), 'device' => 'phone', 'x' => 480 * count($this->screens), 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => '#ffffff', 'layers' => array_map($next->named(...), $layers)];

        return $next;
    }

    /** @param  array<string, mixed>  $more  of the project */
    public function with(array $more): self
    {
        $next = clone $this;
        $next->more = $more + $this->more;

        return $next;
    }

    /** The ways between the screens are looked at, too; where screens were made for other faults they lead nowhere. */
    public function flowing(): self
    {
        $next = clone $this;
        $next->flowing = true;

        return $next;
    }

    public function tree(): Tree
    {
        $off = array_map(fn (string $rule): array => ['id' => 'off'.str_replace('-', '', $rule::key()), 'rule' => $rule::key(), 'on' => false], array_values(array_filter($this->flowing ? [] : Rules::ALL, fn (string $rule): bool => $rule::group() === Group::Flow)));
        $rules = is_array($this->more['rules'] ?? null) ? $this->more['rules'] : [];
        $tree = ProjectFile::read(json_encode(['rules' => [...$rules, ...$off]] + $this->more + ['format' => ProjectFile::FORMAT, 'version' => ProjectFile::VERSION, 'name' => 'Planted', 'screens' => $this->screens], JSON_THROW_ON_ERROR))->tree;

        return (new Consequences(Sample::relayout()))->of(new Tree($tree->project), $tree);
    }

    /** @return list<Finding> */
    public static function findings(Tree $tree): array
    {
        $checker = new Checker(self::eyes());
        $reports = array_map(fn (Screen $screen): Report => $checker->screen($tree, $screen->id), $tree->hung());

        return [...array_merge([], ...array_map(fn (Report $one): array => $one->findings, $reports)), ...Checker::across($tree, $reports)];
    }

    public static function eyes(): Eyes
    {
        $typesetter = new Typesetter(Sample::faces());

        return new Eyes($typesetter, Sample::expansion(), new Kit($typesetter));
    }

    /**
     * What was found, as "rule: name of the layer".
     *
     * @return list<string>
     */
    public static function told(Tree $tree): array
    {
        $told = array_map(fn (Finding $one): string => $one->rule::key().' > '.($one->places === [] ? $tree->screen($one->screen)->name : $tree->layer($one->places[0]->layer)->name), self::findings($tree));
        sort($told);

        return $told;
    }

    /**
     * The faults that were put there, by the names of layers and screens.
     *
     * @return list<string>
     */
    public static function planted(Tree $tree): array
    {
        $names = [...array_map(fn ($layer): string => $layer->name, array_values($tree->layers)), ...array_map(fn (Screen $screen): string => $screen->name, array_values($tree->screens))];
        $planted = array_map(fn (string $name): string => strstr($name, ':', true).' > '.$name, array_filter($names, fn (string $name): bool => preg_match('/^[a-z-]+: /', $name) === 1));
        sort($planted);

        return $planted;
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function box(string $name, float $x, float $y, float $width, float $height, string $fill = '#eeeeee', array $more = []): array
    {
        return $more + ['kind' => 'box', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'fills' => $fill === '' ? [] : [['colour' => $fill]]];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function text(string $name, string $words, float $x, float $y, float $width = 340, float $size = 16, string $colour = '#222222', array $more = []): array
    {
        return $more + ['kind' => 'text', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $size * 1.4, 'words' => $words, 'wrapped' => true, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => $size, 'lineHeight' => 1.4], 'fills' => [['colour' => $colour]]];
    }

    /**
     * @param  list<array<string, mixed>>  $children
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function group(string $name, float $x, float $y, float $width, float $height, array $children, array $more = []): array
    {
        return $more + ['kind' => 'group', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'children' => $children];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function icon(string $name, float $x, float $y, float $side = 24, string $colour = '#222222', array $more = []): array
    {
        return $more + ['kind' => 'icon', 'name' => $name, 'icon' => 'check', 'x' => $x, 'y' => $y, 'width' => $side, 'height' => $side, 'fills' => [['colour' => $colour]]];
    }

    /**
     * @param  array<string, string>  $series  colours by what they are called
     * @return array<string, mixed> a chart of two points
     */
    public static function bars(string $name, float $x, float $y, array $series): array
    {
        $columns = array_map(fn (string $called, int $i): array => ['id' => "val{$i}", 'name' => $called, 'slot' => 'value'], array_keys($series), range(0, count($series) - 1));

        return ['kind' => 'chart', 'form' => 'bars', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => 156, 'height' => 80, 'fills' => array_map(fn (string $colour): array => ['colour' => $colour], array_values($series)), 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 12, 'lineHeight' => 1.2],
            'sheet' => ['columns' => [['id' => 'label', 'name' => 'Day', 'slot' => 'label'], ...$columns], 'rows' => array_map(fn (int $row): array => ['id' => "row{$row}", 'cells' => ['label' => ['Mo', 'Tu'][$row]] + array_fill_keys(array_column($columns, 'id'), (string) (4 + 3 * $row))], [0, 1])]];
    }

    /** @return array<string, mixed> what a tap on a layer does */
    public static function tap(?string $screen = null): array
    {
        static $count = 0;
        $count++;

        return ['cues' => [['id' => "tap{$count}", 'trigger' => ['kind' => 'tap'], 'actions' => [$screen === null ? ['kind' => 'return'] : ['kind' => 'show', 'screen' => $screen]]]]];
    }

    /**
     * @param  array<string, mixed>  $layer
     * @return array<string, mixed>
     */
    private function named(array $layer): array
    {
        $layer += ['id' => 'p'.str_pad((string) ++$this->count, 4, '0', STR_PAD_LEFT)];
        if (is_array($layer['children'] ?? null)) {
            $layer['children'] = array_map(fn (mixed $child): mixed => is_array($child) ? $this->named($child) : $child, $layer['children']);
        }

        return $layer;
    }
}
