<?php

declare(strict_types=1);

use Kindred\Document\Edit\Field;
use Kindred\Document\Finish;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Exchange\Svg\SvgReader;
use Kindred\Input\InvalidInput;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;
use Kindred\Type\Pairing;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;
use Kindred\Type\TextTransform;
use Kindred\Type\Typesetter;

/** @param  array<string, mixed>  ...$more */
function reading(string $words, array ...$more): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => $words] + array_merge(...$more, ...[[]]));
}

function wordsIn(Tree $tree, string $id = 'words'): Text
{
    $content = $tree->layer($id)->content;

    return $content instanceof Text ? $content : throw new LogicException("{$id} is no text.");
}

it('sizes a text by its runs, and moves what a stack lays out below it', function (): void {
    $plain = reading('Good clay');
    $large = reading('Good clay', ['runs' => [['from' => 0, 'to' => 4, 'size' => 40, 'weight' => 700]]]);
    expect($large->layer('words')->box->height)->toBe(56.0)->and($large->layer('words')->box->width)->toBeGreaterThan($plain->layer('words')->box->width + 30);
    $stack = Sample::after($plain, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 0, 'dy' => 120], ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['words', 'boxa'], 'seed' => 's']);
    $grown = Sample::after($stack, ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => 'Good clay', 'runs' => [['from' => 0, 'to' => 4, 'size' => 40]]]);
    expect($grown->layer('boxa')->box->y - $stack->layer('boxa')->box->y)->toEqualWithDelta(56.0 - 22.4, 0.01);
});

it('sets all words anew where the style of the text is set, and leaves what else their runs have', function (): void {
    $tree = reading('Good clay', ['runs' => [['from' => 0, 'to' => 4, 'weight' => 700, 'italic' => true], ['from' => 5, 'to' => 9, 'weight' => 300]]]);
    $set = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'style.weight', 'value' => '600']);
    expect(array_map(fn (Run $run): array => $run->toArray(), wordsIn($set)->runs))->toBe([['from' => 0, 'to' => 4, 'italic' => true]])
        ->and(wordsIn($set)->style->weight)->toBe(600);
});

it('gives its box its words, a width or a size by one choice', function (): void {
    $tree = reading('Bring an apron and a towel to the wheel');
    $set = fn (Tree $tree, string $field, string $value): Tree => Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => $field, 'value' => $value]);
    $box = $set($set($set($tree, 'extent', 'width'), 'width', '120'), 'extent', 'box');
    $high = $set($box, 'height', '200');
    expect($high->layer('words')->box->height)->toBe(200.0)
        ->and($set($high, 'verticalAlign', 'bottom')->layer('words')->box->height)->toBe(200.0)
        ->and($set($high, 'style.size', '30')->layer('words')->box->height)->toBe(200.0)
        ->and($set($high, 'extent', 'width')->layer('words')->box->height)->toBeLessThan(120.0)
        ->and($set($high, 'extent', 'free')->layer('words')->box->height)->toBe(22.4);
    $feet = fn (string $place): float => wordsIn($set($high, 'verticalAlign', $place))->laid(new Typesetter(Sample::faces()), $high->layer('words')->box)->lines[0]->baseline;
    $room = 200.0 - (wordsIn($high)->laid(new Typesetter(Sample::faces()), $high->layer('words')->box)->height);
    expect($feet('middle') - $feet('top'))->toEqualWithDelta($room / 2, 0.001)->and($feet('bottom') - $feet('top'))->toEqualWithDelta($room, 0.001)
        ->and(fn () => $set($high, 'extent', 'sideways'))->toThrow(InvalidInput::class, 'free, width or box')
        ->and(Field::find('extent')?->of($high->layer('words')))->toBe('box')->and(Field::find('extent')?->declaredBy())->toBe(['text']);
});

it('sets the words of a cell in the way that the design sets them, or in one of their own', function (): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'pots', 'layers' => [Sample::shelves()]],
    );
    $array = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->name === 'Shelves'))[0];
    $title = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->name === 'Title'))[0];
    $tree = Sample::after($tree, ['type' => 'set-words', 'screen' => 'home', 'layer' => $title->id, 'words' => 'Shelf', 'runs' => [['from' => 0, 'to' => 5, 'italic' => true]]]);
    $shown = function (Tree $tree) use ($array): array {
        $runs = [];
        foreach (Sample::expansion()->of($tree, $tree->layer($array->id)) as $copy) {
            foreach ($copy->tree->layers as $layer) {
                if ($layer->name === 'Title' && $layer->content instanceof Text) {
                    $runs[] = [$layer->content->words, array_map(fn (Run $run): array => $run->toArray(), $layer->content->runs)];
                }
            }
        }

        return $runs;
    };
    expect($shown($tree))->toBe([['Upper', [['from' => 0, 'to' => 5, 'italic' => true]]], ['Lower', [['from' => 0, 'to' => 5, 'italic' => true]]]]);
    $row = $array->content->sheet->rows[1]->id;
    $own = Sample::after($tree, ['type' => 'set-words', 'screen' => 'home', 'layer' => "{$title->id}.{$row}", 'words' => 'Lower, hot', 'runs' => [['from' => 7, 'to' => 10, 'weight' => 700]]]);
    expect($shown($own))->toBe([['Upper', [['from' => 0, 'to' => 5, 'italic' => true]]], ['Lower, hot', [['from' => 7, 'to' => 10, 'weight' => 700]]]]);
});

it('paints runs in their colours, in grey where colours are left out, and not at all as a mask', function (): void {
    $tree = reading('Good clay', ['runs' => [['from' => 5, 'to' => 9, 'colour' => '#b4472e', 'link' => 'https://fernhollow.example']]]);
    $drawn = function (Finish $finish, TextMode $mode) use ($tree): string {
        $tree = Sample::after($tree, ['type' => 'set-finish', 'finish' => $finish->value]);

        return Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering(false, $mode));
    };
    expect($drawn(Finish::Dressed, TextMode::Live))->toContain('data-link="https://fernhollow.example"')->toMatch('/<text[^>]*fill="#b4472e"[^>]*><tspan[^>]*>clay</')
        ->and($drawn(Finish::Dressed, TextMode::Outlines))->toMatch('/<path d="[^"]+" fill="#b4472e"/')
        ->and($drawn(Finish::Plain, TextMode::Live))->not->toContain('#b4472e');
    $group = Sample::after($tree, ['type' => 'mask-layers', 'screen' => 'home', 'layers' => ['boxa', 'words'], 'seed' => 'm']);
    expect(Sample::renderer()->screen($group, $group->screen('home'), Sample::rendering(false, TextMode::Outlines)))->not->toContain('#b4472e');
});

it('fills placeholders in their settings, on the wall and for what plays it', function (): void {
    $tree = reading('{today} is warm', ['runs' => [['from' => 0, 'to' => 7, 'weight' => 700]], 'paragraphs' => [['list' => 'bullet']]]);
    $played = Sample::renderer()->played($tree, $tree->screen('home'), Sample::rendering()->with(working: true));
    preg_match('/data-set="([^"]+)"/', $played, $found);
    $set = json_decode(html_entity_decode($found[1] ?? '', ENT_QUOTES), true);
    expect($set['runs'][0])->toMatchArray(['from' => 0, 'to' => 7, 'link' => null])->and($set['runs'][0]['style']['fontWeight'])->toBe('700')->and($set['paragraphs'][0]['marker'])->toBe('•');
});

it('reads spans of an SVG as runs of one line', function (): void {
    $svg = '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="100"><text x="10" y="40" font-family="Lora" font-size="20" fill="#1e2223">Open <tspan font-weight="700" fill="#b4472e">Thursday</tspan>  from <tspan text-decoration="underline" font-size="14">ten</tspan></text></svg>';
    $read = SvgReader::read($svg, new Typesetter(Sample::faces()), fn (): ?string => null);
    $json = json_encode($read);
    $layers = json_decode((string) $json, true);
    $found = null;
    $walk = function (mixed $value) use (&$walk, &$found): void {
        foreach (is_array($value) ? $value : [] as $one) {
            if (is_array($one) && ($one['kind'] ?? '') === 'text') {
                $found = $one;
            }
            $walk($one);
        }
    };
    $walk($layers);
    expect($found['words'] ?? null)->toBe('Open Thursday from ten')->and($found['runs'] ?? null)->toEqual([['from' => 5, 'to' => 13, 'weight' => 700, 'colour' => '#b4472e'], ['from' => 19, 'to' => 22, 'size' => 14, 'decoration' => 'underline']]);
});

it('offers partners by a type scale, in weights that the family has', function (): void {
    $partners = [];
    foreach (Pairing::of(new TextStyle(weight: 400, size: 16), [300, 400, 600, 800], 1.25) as $partner) {
        $partners[$partner->name] = $partner;
    }
    expect(array_map(fn ($partner): array => [$partner->style->size, $partner->style->weight, $partner->above], $partners))->toBe([
        'heading' => [25.0, 800, true], 'subheading' => [20.0, 600, true], 'label' => [13.0, 600, true], 'value' => [25.0, 800, false], 'running text' => [13.0, 300, false], 'caption' => [13.0, 400, false],
    ]);
    // What is small anyway is at the step of the scale that is nearest to its usual size.
    $large = array_column(array_map(fn ($partner): array => [$partner->name, $partner->style->size], Pairing::of(new TextStyle(size: 48), [400, 700], 1.5)), 1, 0);
    expect($large)->toBe(['heading' => 108.0, 'subheading' => 72.0, 'label' => 14.0, 'value' => 108.0, 'running text' => 14.0, 'caption' => 14.0]);
    expect($partners['label']->style->transform)->toBe(TextTransform::Uppercase)->and($partners['label']->style->letterSpacing)->toBeGreaterThan(0.0);
    foreach (array_keys(Pairing::RATIOS) as $ratio) {
        foreach (Pairing::of(new TextStyle(size: 10), [400], (float) $ratio) as $partner) {
            expect($partner->style->size)->toBeGreaterThanOrEqual(9.0)->and($partner->style->weight)->toBe(400);
        }
    }
});

it('puts a partner above or below a text, in line with it, and before or after it in a stack', function (): void {
    $label = ['type' => 'pair-text', 'screen' => 'home', 'layer' => 'words', 'words' => 'Label', 'style' => ['family' => 'Lora', 'weight' => 600, 'size' => 12, 'lineHeight' => 1.5, 'letterSpacing' => 0.06], 'seed' => 'p'];
    $added = fn (Tree $before, Tree $after): string => (string) array_values(array_diff(array_map(strval(...), array_keys($after->layers)), array_map(strval(...), array_keys($before->layers))))[0];
    $tree = Sample::tree();
    foreach ([true, false] as $above) {
        $after = Sample::after($tree, ['above' => $above] + $label);
        $new = $after->layer($added($tree, $after));
        expect($new->box->x)->toBe(20.0)->and($above ? $new->box->bottom() + 3.0 : $new->box->y - 3.0)->toEqualWithDelta($above ? 100.0 : 122.4, 0.01)->and($new->box->height)->toBe(18.0);
    }
    $stack = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['boxa', 'words'], 'seed' => 's']);
    $centred = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'style.align', 'value' => 'center'], ['style' => ['align' => 'center'] + $label['style'], 'above' => true, 'words' => 'A long label for it'] + $label);
    $middle = fn (string $id): float => $centred->layer($id)->box->centre()->x;
    expect($middle($added($tree, $centred)))->toEqualWithDelta($middle('words'), 0.01);
    $parent = $stack->layer('words')->parent;
    foreach ([true, false] as $above) {
        $after = Sample::after($stack, ['above' => $above, 'parent' => $parent] + $label);
        $names = array_map(fn ($layer): string => $layer->name, $after->children(new Place('home', $parent)));
        $at = array_search('Label', $names, true);
        expect($names[$above ? $at + 1 : $at - 1])->toBe('Words');
    }
    expect(fn () => Sample::after($tree, ['layer' => 'boxa'] + $label))->toThrow(InvalidInput::class, 'is not a text')
        ->and(fn () => Sample::after($stack, $label))->toThrow(InvalidInput::class, 'does not lie there');
});
