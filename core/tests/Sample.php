<?php

declare(strict_types=1);

namespace Kindred\Tests;

use Kindred\Command\Command;
use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Entity;
use Kindred\Document\Id;
use Kindred\Document\Layer\IconSource;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Exchange\ProjectSchema;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Layout\Cells;
use Kindred\Layout\Consequences;
use Kindred\Layout\Expansion;
use Kindred\Layout\Relayout;
use Kindred\Layout\Shapes;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\TextMode;
use Kindred\Type\CompiledFaces;
use Kindred\Type\FaceBook;
use Kindred\Type\Typesetter;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Small documents and the compiled faces, for tests. */
final class Sample
{
    private static ?FaceBook $faces = null;

    public static function faces(): FaceBook
    {
        return self::$faces ??= new FaceBook(new CompiledFaces(self::compiled()));
    }

    /**
     * @param  array<string, mixed>  $rules  a schema, or one of the definitions of one
     * @param  array<string, mixed>  $schema  with its `$defs`
     * @return array<string, list<string>> what is not as a JSON Schema wants it, by place, as another library sees it
     */
    public static function faults(mixed $data, array $rules, array $schema): array
    {
        $object = fn (mixed $value): mixed => json_decode((string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION));
        $error = (new Validator(max_errors: 5))->validate($object($data), $object(['$defs' => $schema['$defs']] + $rules))->error();

        return $error === null ? [] : (new ErrorFormatter)->format($error);
    }

    /** What a project file is written as, which has to be as its schema says. */
    public static function written(ProjectFile $file): string
    {
        $written = $file->write();
        $schema = ProjectSchema::of();
        expect(self::faults(json_decode($written), $schema, $schema))->toBe([]);

        return $written;
    }

    public static function compiled(): string
    {
        return getenv('KINDRED_COMPILED') ?: dirname(__DIR__, 2).'/var/compiled';
    }

    public static function kit(): Kit
    {
        return new Kit(new Typesetter(self::faces()));
    }

    public static function relayout(): Relayout
    {
        return new Relayout(new Typesetter(self::faces()), self::cells(), self::shapes());
    }

    public static function consequences(): Consequences
    {
        return new Consequences(self::relayout());
    }

    public static function cells(): Cells
    {
        return Relayout::cells(new Typesetter(self::faces()), self::shapes());
    }

    public static function expansion(): Expansion
    {
        return new Expansion(self::cells());
    }

    public static function renderer(?IconSource $icons = null): Renderer
    {
        return new Renderer(new Typesetter(self::faces()), $icons ?? self::icons(), self::expansion());
    }

    public static function shapes(): Shapes
    {
        return new Shapes(new Typesetter(self::faces()), self::icons());
    }

    /** A library with one icon. */
    public static function icons(): IconSource
    {
        return new class implements IconSource
        {
            public function nodes(string $icon): ?array
            {
                return $icon === 'check' ? [['path', ['d' => 'M20 6 9 17l-5-5']]] : null;
            }

            public function search(string $query, int $limit): array
            {
                return [];
            }
        };
    }

    public static function rendering(bool $editable = false, TextMode $text = TextMode::Live): Rendering
    {
        return new Rendering($text, fn (string $hash): string => "/pictures/{$hash}", $editable);
    }

    /** @param  array<string, mixed>  $data */
    public static function command(array $data): Command
    {
        return Commands::read(Reader::of($data));
    }

    /**
     * The tree after commands, laid out.
     *
     * @param  array<string, mixed>  ...$commands
     */
    public static function after(Tree $tree, array ...$commands): Tree
    {
        $runner = self::runner();
        foreach ($commands as $data) {
            $tree = $runner->run($tree, self::command($data));
        }

        return $tree;
    }

    public static function runner(): Runner
    {
        return new Runner(self::consequences(), new Kit(new Typesetter(self::faces())), self::shapes());
    }

    /** Two phone screens: "home" with a box, a text, an icon and a group of two boxes; "next" with nothing. */
    public static function tree(): Tree
    {
        return ProjectFile::read((string) json_encode(self::file()))->tree;
    }

    /** A project with something of everything in it: arrays, widgets, cues, takes, two copies of a card, a brief with a screen that does not hang yet. */
    public static function everything(): ProjectFile
    {
        $file = ProjectFile::read(self::before('everything.kindred.json'));
        $card = ['kind' => 'group', 'name' => 'Card', 'y' => 620, 'width' => 100, 'height' => 40, 'children' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 40]]];

        $stops = [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a44180', 'at' => 0.4, 'hint' => 0.55], ['colour' => '#ffffff', 'at' => 1]];
        $painted = ['kind' => 'box', 'name' => 'Painted', 'x' => 260, 'y' => 700, 'width' => 90, 'height' => 60, 'fills' => [
            ['kind' => 'linear', 'angle' => 35, 'stops' => $stops, 'opacity' => 0.6, 'blend' => 'multiply'], ['kind' => 'radial', 'centreX' => 0.2, 'stops' => $stops, 'space' => 'oklab'],
            ['kind' => 'conic', 'stops' => $stops, 'hidden' => true], ['kind' => 'noise', 'seed' => 7], ['kind' => 'picture', 'asset' => hash('sha256', 'a picture'), 'fit' => 'repeat'],
        ], 'strokes' => [['colour' => '#1e2223', 'width' => 2, 'dash' => [0, 4], 'cap' => 'round'], ['kind' => 'linear', 'stops' => $stops, 'width' => 6, 'sides' => ['top' => 3, 'right' => 0, 'bottom' => 6, 'left' => 0]]], 'effects' => [['colour' => '#00000040', 'blur' => 12, 'bottom' => false], ['colour' => '#ffffff80', 'inner' => true, 'offsetY' => 1, 'blur' => 0], ['kind' => 'blur', 'radius' => 2, 'hidden' => true], ['kind' => 'adjust', 'adjustment' => ['saturate' => 0.4, 'tint' => '#17594f80']], ['kind' => 'backdrop', 'adjustment' => ['blur' => 12]]], 'masks' => [['kind' => 'radial', 'stops' => $stops]]];
        $masked = ['kind' => 'group', 'name' => 'Masked', 'x' => 260, 'y' => 620, 'width' => 40, 'height' => 40, 'isolation' => 'isolate', 'children' => [
            ['kind' => 'picture', 'asset' => hash('sha256', 'a picture'), 'x' => -10, 'y' => -10, 'width' => 90, 'height' => 60, 'adjustment' => ['brightness' => 1.2]],
            ['kind' => 'ellipse', 'masking' => true, 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'fills' => [['colour' => '#17594f']]],
        ]];

        $route = ['kind' => 'path', 'name' => 'Route', 'x' => 300, 'y' => 660, 'samples' => [0, 0, 20, 4, 40, 26, 60, 30, 75, 15, 90, 0], 'tolerance' => 1.5, 'rounding' => 4, 'strokes' => [['colour' => '#17594f', 'width' => 3, 'start' => 'dot', 'end' => 'arrow']]];
        $ring = ['kind' => 'ellipse', 'name' => 'Dial', 'x' => 220, 'y' => 760, 'width' => 60, 'height' => 60, 'startAngle' => 225, 'sweep' => 270, 'hole' => 0.8, 'fills' => [['colour' => '#17594f']]];
        $star = ['kind' => 'polygon', 'name' => 'Star', 'x' => 290, 'y' => 760, 'width' => 60, 'height' => 60, 'points' => 5, 'innerRadius' => 0.4, 'rounding' => 2, 'fills' => [['colour' => '#a94c31']]];

        $notice = ['kind' => 'text', 'name' => 'Notice', 'x' => 20, 'y' => 760, 'width' => 160, 'height' => 70, 'words' => "Open Thursday\nBring clay\nBring a towel", 'wrapped' => true, 'fixed' => true, 'verticalAlign' => 'bottom', 'maxLines' => 4,
            'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 14, 'lineHeight' => 1.4], 'runs' => [['from' => 5, 'to' => 13, 'weight' => 700, 'colour' => '#b4472e', 'link' => 'https://fernhollow.example/open']], 'paragraphs' => [['after' => 6], ['list' => 'bullet'], ['list' => 'bullet', 'level' => 1]]];

        $laid = self::relayout()->after(new Tree($file->tree->project), $file->tree);

        return new ProjectFile(self::after($laid, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'twins', 'layers' => [['x' => 20] + $card, ['x' => 140] + $card, $painted, $masked, $route, $notice, $ring, $star]],
            ['type' => 'put-entry', 'entry' => ['id' => 'planned', 'part' => 'plan', 'title' => 'Planned']],
            ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'shelf', 'layers' => [self::shelves(), ['kind' => 'widget', 'widget' => 'bottom-bar', 'name' => 'Bar', 'items' => [['label' => 'Home'], ['label' => 'Next']], 'x' => 0, 'y' => 780, 'width' => 390, 'height' => 64]]],
            ['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 7], ['type' => 'put-aside', 'findings' => [['rule' => 'contrast', 'about' => 'words']], 'reason' => 'Nobody has to read it.'],
            ...self::tags()), $file->pictures);
    }

    /** @return list<array<string, mixed>> commands that make a component of a tag, with a state, and use it in another way */
    private static function tags(): array
    {
        $tag = self::made('tag', 1);
        $sheet = self::made('component', 1);
        $words = self::made('tag', 3);
        $style = ['family' => 'Hanken Grotesk', 'weight' => 600, 'size' => 12, 'lineHeight' => 1.5];

        return [
            ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'tag', 'layers' => [['kind' => 'stack', 'name' => 'Tag', 'x' => 20, 'y' => 700, 'padding' => ['top' => 2, 'right' => 8, 'bottom' => 2, 'left' => 8], 'width' => 0, 'height' => 0, 'sizing' => ['width' => 'content', 'height' => 'content'], 'fills' => [['colour' => '#d9a441']],
                'children' => [['kind' => 'ellipse', 'name' => 'Dot', 'x' => 0, 'y' => 0, 'width' => 8, 'height' => 8], ['kind' => 'text', 'name' => 'Says', 'words' => 'New', 'x' => 0, 'y' => 0, 'style' => $style]]]]],
            ['type' => 'make-component', 'screen' => 'home', 'layers' => [$tag], 'seed' => 'component'],
            ['type' => 'add-state', 'component' => $sheet, 'name' => 'Quiet', 'seed' => 'state'],
            ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'use', 'layers' => [['kind' => 'instance', 'name' => 'Tag', 'component' => $sheet, 'x' => 120, 'y' => 700, 'overrides' => [$words => ['words' => 'Fired twice', 'fills.0.colour' => '#17594f']]]]],
            ['type' => 'set-field', 'screen' => $sheet, 'layers' => ["{$words}.".self::made('state', 4)], 'field' => 'opacity', 'value' => '60%'],
        ];
    }

    /** One of the ids that grow from a seed, counted from 1. */
    private static function made(string $seed, int $at): string
    {
        $ids = Id::beside($seed);

        return array_map(fn (): string => $ids->next(), range(1, $at))[$at - 1];
    }

    /**
     * An array of two shelves, each with a title and, in a stack, an array of three pots; the ids are made anew where it is created.
     *
     * @return array<string, mixed>
     */
    public static function shelves(): array
    {
        $style = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5];
        $text = fn (string $id, string $words): array => ['id' => $id, 'kind' => 'text', 'name' => ucfirst($id), 'words' => $words, 'wrapped' => true, 'style' => $style, 'sizing' => ['width' => 'stretch']];
        $stack = ['kind' => 'stack', 'x' => 0, 'y' => 0, 'direction' => 'column', 'sizing' => ['height' => 'content']];
        $rows = fn (string $name, string ...$values): array => array_map(fn (int $i, string $value): array => ['id' => $name.($i + 1), 'cells' => ['value' => $value]], array_keys($values), $values);
        $pots = ['id' => 'pots', 'kind' => 'array', 'name' => 'Pots', 'columns' => 3, 'columnGap' => 10, 'sizing' => ['width' => 'stretch'],
            'sheet' => ['columns' => [['id' => 'value', 'name' => 'Pot', 'slot' => 'words', 'layer' => 'label']], 'rows' => $rows('poth', 'Bowl', 'Mug', 'Vase')],
            'children' => [['id' => 'tile', 'name' => 'Tile', 'width' => 80, 'children' => [$text('label', 'Pot')]] + $stack]];

        return ['id' => 'shelves', 'kind' => 'array', 'name' => 'Shelves', 'x' => 20, 'y' => 300, 'width' => 260, 'columns' => 1, 'rowGap' => 16,
            'sheet' => ['columns' => [['id' => 'value', 'name' => 'Shelf', 'slot' => 'words', 'layer' => 'title']], 'rows' => $rows('shelf', 'Upper', 'Lower')],
            'children' => [['id' => 'board', 'name' => 'Board', 'width' => 260, 'rowGap' => 8, 'children' => [$text('title', 'Shelf'), $pots]] + $stack]];
    }

    /** A file as version 1 wrote it. */
    public static function before(string $name, int $version = 1): string
    {
        return (string) file_get_contents(__DIR__."/fixtures/version-{$version}/{$name}");
    }

    /** @return array<string, mixed> */
    public static function file(): array
    {
        $screen = ['device' => 'phone', 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => '#ffffff'];
        $box = ['kind' => 'box', 'width' => 100, 'height' => 40, 'fills' => [['colour' => '#17594f']]];

        return ['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Sample', 'entry' => 'home', 'screens' => [
            ['id' => 'home', 'name' => 'Home', 'x' => 0] + $screen + ['layers' => [
                ['id' => 'boxa', 'name' => 'Box', 'x' => 20, 'y' => 30] + $box,
                ['id' => 'words', 'kind' => 'text', 'name' => 'Words', 'x' => 20, 'y' => 100, 'width' => 67.26, 'height' => 22.4, 'words' => 'Good clay', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]],
                ['id' => 'icon', 'kind' => 'icon', 'name' => 'Tick', 'x' => 200, 'y' => 30, 'width' => 24, 'height' => 24, 'icon' => 'check'],
                ['id' => 'group', 'kind' => 'group', 'name' => 'Pair', 'x' => 40, 'y' => 200, 'width' => 220, 'height' => 40, 'children' => [
                    ['id' => 'left', 'name' => 'Left', 'x' => 0, 'y' => 0] + $box,
                    ['id' => 'right', 'name' => 'Right', 'x' => 120, 'y' => 0] + $box,
                ]],
            ]],
            ['id' => 'next', 'name' => 'Next', 'x' => 470] + $screen + ['layers' => []],
        ]];
    }

    /**
     * A tree as plain data, by which two are compared.
     *
     * @return list<array<array-key, mixed>>
     */
    public static function plain(Tree $tree): array
    {
        $sorted = function (array $values): array {
            ksort($values);

            return array_map(fn ($value) => $value->toArray(), $values);
        };

        return [$tree->project->toArray(), $sorted($tree->screens), $sorted($tree->layers), ...array_map(fn (Entity $kind): array => $sorted($tree->things($kind)), array_values(array_filter(Entity::cases(), fn (Entity $kind): bool => $kind->isPlain() && $kind !== Entity::Entry)))];
    }
}
