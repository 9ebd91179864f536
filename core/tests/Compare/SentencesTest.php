<?php

declare(strict_types=1);

use Kindred\Compare\Clauses;
use Kindred\Document\Change;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Exchange\ProjectFile;
use Kindred\Tests\Sample;

const SET = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4];

/**
 * What is told of a layer that was one thing and is another.
 *
 * @param  array<string, mixed>  $layer  what stays as it is
 * @param  array<string, mixed>  $was
 * @param  array<string, mixed>  $is
 */
function clauses(array $layer, array $was, array $is): string
{
    [$before, $after] = array_map(function (array $more) use ($layer): Kindred\Document\Tree {
        $file = Sample::file();
        $file['screens'][0]['layers'] = [$more + $layer + ['id' => 'thing', 'name' => 'Thing', 'x' => 24, 'y' => 40]];

        return ProjectFile::read((string) json_encode($file))->tree;
    }, [$was, $is]);
    $changes = array_values(array_filter(Difference::between($before, $after)->changes, fn (Change $one): bool => $one->entity === Entity::Layer && $one->id === 'thing'));

    return $changes === [] ? '' : implode('; ', Clauses::of($changes[0], $before, $after, $after)[0]);
}

it('says of words what became of them, each change once', function (array $was, array $is, string $told, string $back): void {
    $layer = fn (array $more): array => ['style' => ($more['style'] ?? []) + SET] + $more + ['kind' => 'text', 'words' => 'Glaze firing on Thursday', 'width' => 300, 'wrapped' => true];
    expect(clauses([], $layer($was), $layer($is)))->toBe($told)->and(clauses([], $layer($is), $layer($was)))->toBe($back);
})->with([
    'words' => [[], ['words' => 'Raku'], 'now reads “Raku”', 'now reads “Glaze firing on Thursday”'],
    'a size' => [[], ['style' => ['size' => 20]], 'is larger (16 → 20 px)', 'is smaller (20 → 16 px)'],
    'italics' => [[], ['style' => ['italic' => true]], 'is set in italics', 'is set upright'],
    'a line under them' => [[], ['style' => ['decoration' => 'underline']], 'is underlined', 'has no line under or through its words'],
    'a line through them' => [['style' => ['decoration' => 'underline']], ['style' => ['decoration' => 'line-through']], 'is struck through', 'is underlined'],
    'both lines' => [[], ['style' => ['decoration' => 'underline line-through']], 'is underlined and struck through', 'has no line under or through its words'],
    'figures of one width' => [[], ['style' => ['variant' => 'tabular-nums']], 'has other figures or letters (tabular nums)', 'has its usual figures and letters'],
    'a weight' => [[], ['style' => ['weight' => 700]], 'is bolder', 'is lighter in weight'],
    'a family' => [[], ['style' => ['family' => 'JetBrains Mono']], 'is set in JetBrains Mono instead of Hanken Grotesk', 'is set in Hanken Grotesk instead of JetBrains Mono'],
    'the middle' => [[], ['style' => ['align' => 'center']], 'is centred', 'is set to the left'],
    'the right' => [['style' => ['align' => 'center']], ['style' => ['align' => 'right']], 'is set to the right', 'is centred'],
    'lines' => [[], ['style' => ['lineHeight' => 1.8]], 'has its lines further apart', 'has its lines closer together'],
    'letters' => [[], ['style' => ['letterSpacing' => 0.05]], 'has its letters further apart', 'has its letters closer together'],
    'capitals' => [[], ['style' => ['transform' => 'uppercase']], 'is in capitals', 'is written as typed'],
    'small letters' => [[], ['style' => ['transform' => 'lowercase']], 'is in small letters', 'is written as typed'],
    'initials' => [['style' => ['transform' => 'uppercase']], ['style' => ['transform' => 'capitalize']], 'has capital initials', 'is in capitals'],
    'some words in bold' => [[], ['runs' => [['from' => 0, 'to' => 5, 'weight' => 700]]], 'has other words set in a way of their own', 'is set alike throughout'],
    'a paragraph in a list' => [[], ['paragraphs' => [['list' => 'bullet']]], 'has its paragraphs set in another way', 'has its paragraphs set in another way'],
    'at most two lines' => [[], ['maxLines' => 2], 'shows 2 lines at most', 'shows all of its lines'],
    'the foot of its box' => [['height' => 80], ['height' => 80, 'verticalAlign' => 'bottom'], 'stands at the bottom of its box', 'stands at the top of its box'],
    'two things' => [[], ['words' => 'Raku', 'style' => ['size' => 20, 'weight' => 700]], 'now reads “Raku”; is larger (16 → 20 px); is bolder', 'now reads “Glaze firing on Thursday”; is smaller (20 → 16 px); is lighter in weight'],
]);

it('says what became of what it holds', function (array $layer, array $was, array $is, string $told, string $back): void {
    expect(clauses($layer, $was, $is))->toBe($told)->and(clauses($layer, $is, $was))->toBe($back);
})->with(function (): array {
    $box = ['width' => 200, 'height' => 100];
    $list = ['kind' => 'widget', 'widget' => 'list'] + $box;
    $items = fn (string ...$labels): array => ['items' => array_map(fn (string $label): array => $label === '---' ? ['label' => '', 'separator' => true] : ['label' => trim($label, '*')] + (str_ends_with($label, '*') ? ['on' => true] : []), $labels)];
    $stack = ['kind' => 'stack', 'children' => []] + $box;
    $cards = fn (int $rows, array $more = []): array => $more + ['kind' => 'array', 'width' => 200, 'height' => 100, 'sheet' => ['columns' => [], 'rows' => array_map(fn (int $i): array => ['id' => "row{$i}"], range(1, $rows))], 'children' => [['id' => 'pots', 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40]]];
    $chart = fn (array $values): array => ['kind' => 'chart', 'form' => 'bars', 'width' => 200, 'height' => 120, 'sheet' => [
        'columns' => [['id' => 'label', 'name' => 'Day', 'slot' => 'label'], ['id' => 'pots', 'name' => 'Pots', 'slot' => 'value']],
        'rows' => array_map(fn (int $i, int $value): array => ['id' => "row{$i}", 'cells' => ['label' => "Day {$i}", 'pots' => (string) $value]], array_keys($values), $values),
    ]];

    return [
        'more entries' => [$list, $items('Ash', 'Salt'), $items('Ash', 'Salt', 'Raku'), 'gained an entry (Raku)', 'lost an entry (Raku)'],
        'many entries' => [$list, $items('Ash'), $items('Ash', 'A', 'B', 'C', 'D', 'E'), 'gained five entries', 'lost five entries'],
        'another order' => [$list, $items('Ash', 'Salt', 'Raku'), $items('Raku', 'Ash', 'Salt'), 'has its entries in another order', 'has its entries in another order'],
        'another name' => [$list, $items('Ash', 'Salt', 'Raku'), $items('Ash', 'Soda', 'Raku'), 'calls “Salt” now “Soda”', 'calls “Soda” now “Salt”'],
        'a line between' => [$list, $items('Ash', 'Salt'), $items('Ash', '---', 'Salt'), 'is divided otherwise', 'is divided otherwise'],
        'another choice' => [['widget' => 'radio-group'] + $list, $items('Ash*', 'Salt'), $items('Ash', 'Salt*'), 'has “Salt” chosen', 'has “Ash” chosen'],
        'no choice' => [['widget' => 'radio-group'] + $list, $items('Ash*', 'Salt'), $items('Ash', 'Salt'), 'has nothing chosen', 'has “Ash” chosen'],
        'cells' => [['widget' => 'table', 'columns' => ['Glaze', 'Price']] + $list, ['items' => [['label' => 'Ash', 'cells' => ['12']]]], ['items' => [['label' => 'Ash', 'cells' => ['14']]]], 'says other things in its cells', 'says other things in its cells'],
        'a switch' => [['widget' => 'switch'] + $list, ['on' => false], ['on' => true], 'is on', 'is off'],
        'a value' => [['widget' => 'slider'] + $list, ['value' => 20], ['value' => 35.5], 'stands at 35.5 instead of 20', 'stands at 20 instead of 35.5'],
        'an icon' => [['widget' => 'button', 'label' => 'Fire'] + $list, ['icon' => ''], ['icon' => 'circle-check'], 'has the icon circle check', 'has lost its icon'],
        'a hint' => [['widget' => 'text-field', 'label' => 'Name'] + $list, ['hint' => ''], ['hint' => 'As on the shelf'], 'hints at “As on the shelf”', 'has lost its hint'],
        'another widget' => [['label' => 'Fire'] + $list, ['widget' => 'button'], ['widget' => 'chip'], 'is a chip instead of a button', 'is a button instead of a chip'],
        'a direction' => [$stack, ['direction' => 'column'], ['direction' => 'row-reverse'], 'lies in a row, last first', 'lies in a column'],
        'a gap' => [$stack, ['direction' => 'row', 'columnGap' => 8], ['direction' => 'row', 'columnGap' => 16], 'has its parts further apart (8 → 16 px)', 'has its parts closer together (16 → 8 px)'],
        'room inside' => [$stack, [], ['padding' => ['top' => 8, 'right' => 8, 'bottom' => 8, 'left' => 8]], 'has other margins inside', 'has other margins inside'],
        'where parts stand' => [$stack, [], ['justifyContent' => 'center'], 'aligns its parts otherwise', 'aligns its parts otherwise'],
        'columns' => [[], $cards(4), $cards(4, ['columns' => 2]), 'has two columns instead of as many as fit', 'has as many columns as fit instead of two'],
        'room between cells' => [[], $cards(4), $cards(4, ['rowGap' => 24]), 'has its parts further apart (0 → 24 px)', 'has its parts closer together (24 → 0 px)'],
        'cells of an array' => [[], $cards(4), $cards(6), 'gained two cells', 'lost two cells'],
        'a form of a chart' => [[], $chart([3, 5]), ['form' => 'lines'] + $chart([3, 5]), 'shows its numbers as lines instead of bars', 'shows its numbers as bars instead of lines'],
        'points of a chart' => [[], $chart([3, 5]), $chart([3, 5, 8]), 'gained a point', 'lost a point'],
        'numbers of a chart' => [[], $chart([3, 5]), $chart([3, 6]), 'shows other numbers', 'shows other numbers'],
        'a scale of a chart' => [[], $chart([3, 5]), ['max' => 10] + $chart([3, 5]), 'has another scale', 'has another scale'],
        'a legend of a chart' => [[], $chart([3, 5]), ['legend' => 'bottom'] + $chart([3, 5]), 'has its legend at the bottom', 'has no legend any more'],
    ];
});

it('says what became of a shape', function (array $was, array $is, string $told, string $back): void {
    $box = ['kind' => 'box', 'width' => 100, 'height' => 60];
    expect(clauses($box, $was, $is))->toBe($told)->and(clauses($box, $is, $was))->toBe($back);
})->with([
    'a colour' => [['fills' => [['colour' => '#ffffff']]], ['fills' => [['colour' => '#17594f']]], 'is teal instead of white', 'is white instead of teal'],
    'the same, but lighter' => [['fills' => [['colour' => '#17594f']]], ['fills' => [['colour' => '#1f6357']]], 'is a little lighter', 'is a little darker'],
    'no colour' => [['fills' => [['colour' => '#17594f']]], [], 'has lost its colour', 'is teal'],
    'an outline' => [[], ['strokes' => [['colour' => '#000000', 'width' => 1]]], 'has an outline', 'has lost its outline'],
    'a thicker one' => [['strokes' => [['colour' => '#000000', 'width' => 1]]], ['strokes' => [['colour' => '#000000', 'width' => 3]]], 'has a thicker outline', 'has a thinner outline'],
    'one of another colour' => [['strokes' => [['colour' => '#000000', 'width' => 1]]], ['strokes' => [['colour' => '#b4472e', 'width' => 1]]], 'has another outline', 'has another outline'],
    'corners' => [[], ['corners' => ['topLeft' => 8, 'topRight' => 8, 'bottomRight' => 8, 'bottomLeft' => 8]], 'has rounder corners (0 → 8 px)', 'has sharper corners (8 → 0 px)'],
    'one corner' => [[], ['corners' => ['topLeft' => 0, 'topRight' => 8, 'bottomRight' => 0, 'bottomLeft' => 0]], 'has other corners', 'has other corners'],
    'opacity' => [[], ['opacity' => 0.5], 'is fainter', 'is stronger'],
    'a size' => [[], ['width' => 200, 'height' => 90], 'is larger (100 × 60 → 200 × 90 px)', 'is smaller (200 × 90 → 100 × 60 px)'],
    'wider and less tall' => [[], ['width' => 200, 'height' => 40], 'is wider (100 → 200 px); is less tall (60 → 40 px)', 'is narrower (200 → 100 px); is taller (40 → 60 px)'],
    'all of the width' => [[], ['x' => 0, 'width' => 390], 'fills the width', 'is narrower (390 → 100 px)'],
    'a turn' => [[], ['rotation' => 30], 'is turned by 30°', 'stands upright'],
    'hidden' => [[], ['hidden' => true], 'is hidden', 'shows now'],
    'how it is blended' => [[], ['blend' => 'multiply'], 'has another blend mode (normal → multiply)', 'has another blend mode (multiply → normal)'],
    'another kind' => [[], ['kind' => 'ellipse'], 'is an ellipse instead of a box', 'is a box instead of an ellipse'],
]);

it('says where cues lead now', function (array $was, array $is, string $told, string $back): void {
    $cues = fn (array $acts): array => $acts === [] ? [] : ['cues' => [['id' => 'cue0001', 'trigger' => ['kind' => 'tap'], 'actions' => $acts]]];
    $box = ['kind' => 'box', 'width' => 100, 'height' => 60];
    expect(clauses($box, $cues($was), $cues($is)))->toBe($told)->and(clauses($box, $cues($is), $cues($was)))->toBe($back);
})->with([
    'to a screen' => [[], [['kind' => 'show', 'screen' => 'next']], 'leads to “Next” now', 'leads nowhere now'],
    'back' => [[['kind' => 'show', 'screen' => 'next']], [['kind' => 'return']], 'leads back now', 'leads to “Next” now'],
]);
