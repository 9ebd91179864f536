<?php

declare(strict_types=1);

use Database\Demo\KilnShelf;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Flow\Programme;
use Kindred\Flow\Signals;
use Kindred\Flow\Simulator;
use Kindred\Kit\Kit;
use Kindred\Tests\Sample;

/** @param  list<array{0: string, 1?: array<string, mixed>}>  $widgets  keys of the kit, with what they hold */
function signalling(array $widgets): Tree
{
    $layers = array_map(fn (array $one): array => ($one[1] ?? []) + ['x' => 0, 'y' => 0] + Kit::fresh(Kit::find($one[0]) ?? throw new LogicException($one[0])), $widgets);

    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'w', 'layers' => $layers]);
}

/** @return array{Simulator, list<string>} a rehearsal, and its widgets in order */
function rehearsed(Tree $tree, int $seed = 1, int $today = 20_000): array
{
    return [new Simulator(Programme::compile($tree), $seed, $today), array_merge(...array_values((new Signals($tree))->on))];
}

it('names signals by what they were called, or by their labels, each once', function (): void {
    $tree = signalling([['text-field', ['label' => 'E-mail']], ['text-field', ['label' => 'E-mail']], ['switch', ['signal' => 'e_mail_2']], ['slider', ['label' => '', 'name' => '5th of all']], ['text-field', ['label' => 'Today']], ['button']]);
    expect(array_values((new Signals($tree))->of))->toBe(['e_mail_2', 'e_mail', 'e_mail_3', 'v_5th_of_all', 'today_2']);
});

it('lets widgets of one name share what they hold', function (): void {
    [$run, [$first, $second, $other]] = rehearsed(signalling([['text-field', ['signal' => 'who']], ['text-area', ['signal' => 'who']], ['switch', ['signal' => 'who']]]));
    $run->send(['type' => 'enter', 'widget' => $second, 'value' => 'Maren']);
    $run->send(['type' => 'press', 'widget' => $other, 'press' => 'toggle']);
    expect($run->values->all())->toBe(['who' => 'Maren', 'who_2' => false]);
});

it('does to values what a press means', function (string $widget, array $content, array $presses, mixed $value): void {
    [$run, [$key]] = rehearsed(signalling([[$widget, $content + ['signal' => 'it']]]));
    foreach ($presses as [$press, $item]) {
        $run->send(['type' => 'press', 'widget' => $key, 'press' => $press, 'item' => $item]);
    }
    expect($run->values->all()['it'])->toBe($value);
})->with([
    'a switch' => ['switch', ['on' => true], [['toggle', -1]], false],
    'one of several' => ['radio-group', [], [['item', 2], ['item', 7]], 2],
    'any of several' => ['check-boxes', [], [['item', 2], ['item', 1], ['item', 0]], [1, 2]],
    'steps, and the end of the range' => ['stepper', ['value' => 19], [['more', -1], ['more', -1]], 20.0],
    'steps of a tenth' => ['stepper', ['value' => 0.1, 'step' => 0.1, 'min' => 0], [['more', -1], ['more', -1]], 0.3],
    'stars' => ['rating', [], [['item', 1]], 2.0],
    'a text that is cleared' => ['search-field', ['text' => 'tenmoku'], [['clear', -1]], ''],
    // November 2026 begins on a Sunday: cell 6. Two months on, January 2027 on a Friday: cell 4.
    'a day' => ['date-picker', [], [['item', 6]], 20_758],
    'a day two months on' => ['date-picker', [], [['later', -1], ['later', -1], ['item', 4]], 20_819],
    'no day' => ['date-picker', [], [['item', 0]], 20_783],
    'nothing that it has no use for' => ['switch', ['on' => false], [['item', 0], ['more', -1]], false],
]);

it('holds values to their rules, and tells the first that is broken', function (array $content, string $text, string $says): void {
    [$run, [$key, $other]] = rehearsed(signalling([['text-field', $content], ['text-field', ['signal' => 'other', 'label' => 'The other', 'text' => 'same@oake.example']]]));
    $run->send(['type' => 'enter', 'widget' => $key, 'value' => $text]);
    expect($run->values->message($key))->toBe('');
    $run->send(['type' => 'leave', 'widget' => $key]);
    expect($run->values->message($key))->toBe($says);
})->with([
    [['required' => true], '  ', 'Fill this in'],
    [['required' => true], 'x', ''],
    [['accepts' => 'email'], '', ''],
    [['accepts' => 'email'], 'maren@', 'Not a whole e-mail address'],
    [['accepts' => 'email'], ' maren.oake+kiln@fern-hollow.example ', ''],
    [['accepts' => 'email'], 'two words@x.example', 'Not a whole e-mail address'],
    [['accepts' => 'number', 'min' => 1, 'max' => 20], 'many', 'Not a number'],
    [['accepts' => 'number', 'min' => 1, 'max' => 20], '21', 'From 1 to 20'],
    [['accepts' => 'number', 'min' => 1, 'max' => 20], '20', ''],
    [['equals' => 'other'], 'else', 'Not the same as The other'],
    [['equals' => 'other'], 'same@oake.example', ''],
    [['equals' => 'nobody'], 'x', ''],
]);

it('keeps a cue that asks for right fields back until they are', function (): void {
    $tree = Sample::after(signalling([['text-field', ['label' => 'Name', 'required' => true]], ['button']]));
    $button = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === 'Button'))[0]->id;
    $tree = Sample::after($tree, ['type' => 'put-cue', 'screen' => 'next', 'layer' => $button, 'cue' => ['id' => 'cuex', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'home'], 'transition' => ['kind' => 'cut'], 'checks' => true]]);
    [$run, [$name]] = rehearsed($tree);
    $run->send(['type' => 'open', 'screen' => 'next']);
    $run->send(['type' => 'tap', 'path' => [$button, '']]);
    expect($run->stand()['screen'])->toBe('next')->and($run->values->message($name))->toBe('Fill this in');
    $run->send(['type' => 'enter', 'widget' => $name, 'value' => 'Maren']);
    $run->send(['type' => 'tap', 'path' => [$button, '']]);
    expect($run->stand()['screen'])->toBe('home');
    $run->send(['type' => 'restart']);
    expect($run->values->all()['name'])->toBe('');
});

it('carries what is chosen on one screen to the next', function (): void {
    $tree = ProjectFile::read(KilnShelf::file())->tree;
    $signals = new Signals($tree);
    $key = array_flip($signals->of);
    [$run] = rehearsed($tree, seed: 1);
    foreach ([['firing', 1], ['shelf', 0]] as [$name, $item]) {
        $run->send(['type' => 'press', 'widget' => $key[$name], 'press' => 'item', 'item' => $item]);
    }
    $run->send(['type' => 'press', 'widget' => $key['pieces'], 'press' => 'more']);
    $run->send(['type' => 'enter', 'widget' => $key['name'], 'value' => 'maren oake']);
    $words = array_map($run->values->words(...), array_keys(Programme::compile($tree)['words']));
    expect($words)->toContain('Glaze firing, opens Saturday', '4.25 €', 'Maren Oake', 'Brought on Thursday 26 November', 'Fired the day after: 27 November')
        // The first number of the generator after 1 is 48271 (Park and Miller’s minimal standard, with that multiplier).
        ->toContain('KS-148271');
});
