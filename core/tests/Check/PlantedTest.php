<?php

declare(strict_types=1);

use Kindred\Check\Convention;
use Kindred\Check\Finding;
use Kindred\Check\Rules;
use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Check\Faults;
use Kindred\Tests\Check\FlowFaults;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;

it('finds each fault that was put there, and nothing else', function (Planted $planted, string ...$more): void {
    $tree = $planted->tree();
    expect(Planted::told($tree))->toEqualCanonicalizing([...Planted::planted($tree), ...$more]);
})->with([
    'words and icons' => [Faults::reading(new Planted)],
    'targets, room and what is left over' => [Faults::touching(Faults::reading(new Planted)), 'tap-name > Box 3'],
    'near misses' => [Faults::nearly(new Planted)],
    'sister screens' => [Faults::sisters(new Planted), 'reordered > Tabs'],
    'values of tokens' => [Faults::houseStyle(new Planted)],
    'what is met first' => [Faults::met(new Planted)],
    'headings' => [Faults::headed(new Planted)],
    'what is settled' => [Faults::settled(new Planted)],
    'a plan' => [Faults::planned(new Planted)],
    'ways between screens, sixty of them' => [FlowFaults::all()],
    'all together' => [Faults::all(), 'tap-name > Box 3', 'reordered > Tabs'],
]);

it('finds all of them in one project, by every rule that there is', function (): void {
    $findings = Planted::findings(Faults::all()->tree());
    $further = [...Planted::findings(Faults::settled(new Planted)->tree()), ...Planted::findings(FlowFaults::all()->tree())];
    expect($findings)->toHaveCount(47)->and(Planted::findings(FlowFaults::all()->tree()))->toHaveCount(62)
        ->and(array_values(array_unique(array_map(fn (Finding $one): string => $one->rule, [...$findings, ...$further]))))->toEqualCanonicalizing(Rules::ALL);
});

it('finds them no more where they are mended as it offers', function (Planted $planted, int $many): void {
    $tree = $planted->tree();
    $offered = array_values(array_filter(Planted::findings($tree), fn (Finding $one): bool => $one->fix !== null));
    expect(count($offered))->toBeGreaterThan($many);
    foreach ($offered as $one) {
        $mended = Sample::after($tree, ...$one->fix->commands ?? []);
        $told = array_map(fn (Finding $left): string => "{$left->id()} {$left->screen}", Planted::findings($mended));
        expect($told)->not->toContain("{$one->id()} {$one->screen}", "{$one->reason} {$one->fix?->label}");
    }
})->with([[Faults::all(), 25], [FlowFaults::all(), 6]]);

it('puts what alone is out of its place back there, and leaves what comes after it', function (): void {
    $row = array_map(fn (int $i): array => Planted::box("Box {$i}", 20 + $i * 42 + ($i === 3 ? 2 : 0), 100, 36, 36), range(0, 6));
    $tree = (new Planted)->screen('shelf', $row)->tree();
    $gap = array_values(array_filter(Planted::findings($tree), fn (Finding $one): bool => $one->rule::key() === 'uneven-gap'))[0];
    $mended = Sample::after($tree, ...$gap->fix->commands ?? []);
    expect(Planted::told($mended))->toBe([])
        ->and(array_map(fn (Layer $one): float => $one->box->x, array_values($mended->layers)))->toBe([20.0, 62.0, 104.0, 146.0, 188.0, 230.0, 272.0]);
});

it('mends in a theme what is too faint there, and leaves the others as they are', function (float $opacity, string $night): void {
    $tree = (new Planted)->screen('evening', [Planted::text('Hours', 'Open until nine', 24, 40, more: ['opacity' => $opacity, 'fills' => [['colour' => '#333333', 'bound' => ['paint' => 'words']]]])], ['ground' => '#ffffff', 'bound' => ['ground' => 'paper']])
        ->with(['tokens' => [['id' => 'words', 'name' => 'words', 'kind' => 'color', 'value' => '#333333'], ['id' => 'paper', 'name' => 'paper', 'kind' => 'color', 'value' => '#ffffff'], ['id' => 'other', 'name' => 'other', 'kind' => 'color', 'value' => '#4a4a4a']]])->tree();
    $tree = Sample::after($tree, ['type' => 'put-theme', 'id' => 'night', 'name' => 'Night'], ['type' => 'put-theme-values', 'theme' => 'night', 'values' => [['token' => 'paper', 'text' => $night]]]);
    expect(Planted::told($tree))->toBe([]);
    $dark = Themes::shown($tree, 'night');
    $found = Planted::findings($dark);
    expect(Planted::told($dark))->toBe(['contrast > Hours'])->and($found[0]->fix?->label)->toMatch('/^Make words #[0-9a-f]{6} in Night$/');
    $mended = Sample::after($tree, ...$found[0]->fix->commands ?? []);
    expect(Planted::told($mended))->toBe([])->and(Planted::told(Themes::shown($mended, 'night')))->toBe([])
        ->and($mended->layer($found[0]->places[0]->layer)->toArray())->toEqual($tree->layer($found[0]->places[0]->layer)->toArray());
})->with(['in full' => [1.0, '#101010'], 'seen through' => [0.8, '#101010']]);

it('finds what lies nearly right in a component once, on its sheet', function (): void {
    $card = Planted::group('Card', 24, 40, 200, 160, [Planted::box('Ground', 0, 0, 200, 160, '#eeeeee'), Planted::box('A', 20, 10, 100, 30), Planted::box('B', 20, 50, 100, 30), Planted::box('alignment: two to the right', 22, 90, 80, 30), Planted::text('contrast: words', 'Kiln', 20, 130, 100, 16, '#aaaaaa')]);
    $tree = (new Planted)->screen('cards', [$card])->tree();
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'cards', 'layers' => [array_values(array_filter($tree->layers, fn (Layer $one): bool => $one->name === 'Card'))[0]->id], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $tree = Sample::after($tree, ['type' => 'create-layers', 'screen' => 'cards', 'seed' => 'u', 'layers' => [['kind' => 'instance', 'name' => 'Use', 'component' => $sheet->id, 'x' => 24, 'y' => 300]]]);
    $found = array_column(Planted::findings($tree), null, 'screen');
    expect(Planted::told($tree))->toBe(['alignment > alignment: two to the right', 'contrast > contrast: words'])->and(array_keys($found))->toBe(['cards', $sheet->id])
        ->and($found[$sheet->id]->rule::key())->toBe('alignment')->and(array_map(strval(...), $found['cards']->places))->toHaveCount(2);
    $mended = Sample::after($tree, ...$found[$sheet->id]->fix->commands);
    expect(Planted::told($mended))->toBe(['contrast > contrast: words'])->and(Sample::expansion()->at($mended, new Address($found[$sheet->id]->places[0]->layer, [array_values(array_filter($mended->layersOf('cards'), fn (Layer $one): bool => $one->component() !== null))[1]->id]))->box->x)->toBe(20.0);
});

it('mends what one instance, or one state, has for itself just there', function (string $field, array $value, string $rule): void {
    $card = Planted::group('Card', 24, 40, 200, 60, [Planted::box('Ground', 0, 0, 200, 60, '#ffffff'), Planted::text('Words', 'Kiln shelf', 12, 6, 160)]);
    $tree = (new Planted)->screen('cards', [$card])->with(['tokens' => [['id' => 'inky', 'name' => 'ink', 'kind' => 'color', 'value' => '#242424']]])->tree();
    $called = fn (string $name, Tree $of): Layer => array_values(array_filter($of->layers, fn (Layer $one): bool => $one->name === $name))[0];
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'cards', 'layers' => [$called('Card', $tree)->id], 'seed' => 'c']);
    $sheet = $tree->sheets()[0];
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Off', 'seed' => 's'], ['type' => 'create-layers', 'screen' => 'cards', 'seed' => 'u', 'layers' => array_map(fn (int $i): array => ['kind' => 'instance', 'name' => "Use {$i}", 'component' => $sheet->id, 'x' => 24, 'y' => 100 + 80 * $i], [1, 2])]);
    $axis = $tree->component($sheet->id)->axes[0];
    $words = $called('Words', $tree)->id;
    expect(Planted::told($tree))->toBe([]);
    foreach ([true, false] as $apart) {
        $use = $called($apart ? 'Use 1' : 'Use 2', $tree)->id;
        $faulty = Sample::after($tree, ['type' => 'set-states', 'screen' => 'cards', 'layers' => [$called('Use 2', $tree)->id], 'axis' => $axis->id, 'state' => $axis->states[1]->id], ['type' => 'set-field', 'screen' => $sheet->id, 'layers' => ["{$words}.{$use}"], 'field' => $field, 'value' => $value[0], 'apart' => $apart]);
        $found = Planted::findings($faulty);
        expect(Planted::told($faulty))->toBe(["{$rule} > Words"]);
        $mended = Sample::after($faulty, ...$found[0]->fix->commands);
        expect(Planted::told($mended))->toBe([])->and($mended->layer($words)->toArray())->toEqual($faulty->layer($words)->toArray())
            ->and($mended->layer($called('Use 1', $tree)->id)->content->overrides === [])->toBe(! $apart);
    }
})->with([
    'contrast' => ['fills.0.colour', ['#aaaaaa'], 'contrast'],
    'size' => ['style.size', ['9'], 'text-size'],
    'strength' => ['fills.0.colour', ['#888888'], 'contrast'],
]);

it('looks by no rule that is switched off, and by the limit that is set', function (): void {
    $tree = Faults::reading(new Planted)->tree();
    $by = fn (string $rule, Tree $of): int => count(array_filter(Planted::findings($of), fn (Finding $one): bool => $one->rule::key() === $rule));
    expect($by('contrast', $tree))->toBe(5)
        ->and($by('contrast', Sample::after($tree, ['type' => 'set-rule', 'rule' => 'contrast', 'on' => false])))->toBe(0)
        ->and($by('contrast', Sample::after($tree, ['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 7])))->toBe(9)
        ->and($by('contrast', Sample::after($tree, ['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 7], ['type' => 'set-rule', 'rule' => 'contrast'])))->toBe(5)
        ->and(fn () => Sample::after($tree, ['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 40]))->toThrow(InvalidInput::class)
        ->and(fn () => Sample::after($tree, ['type' => 'set-rule', 'rule' => 'collision', 'limit' => 4]))->toThrow(InvalidInput::class, 'no limit')
        ->and(fn () => Sample::after($tree, ['type' => 'set-rule', 'rule' => 'glamour']))->toThrow(InvalidInput::class, 'no such rule');
});

it('follows a convention as a whole', function (string $convention): void {
    foreach ($convention::limits() as $rule => $limit) {
        $own = $rule::limit();
        expect($own)->not->toBeNull()->and($limit)->toBeGreaterThanOrEqual($own->min)->toBeLessThanOrEqual($own->max);
    }
    expect($convention::label())->not->toBe('')->and($convention::source())->not->toBe('');
})->with(Convention::ALL);

it('says each finding in a sentence, with where it comes from', function (): void {
    foreach (Planted::findings(Faults::all()->tree()) as $one) {
        expect($one->reason)->toMatch('/^\S.*[.]$/u')->and($one->rule::source())->not->toBe('')->and(mb_strlen($one->reason))->toBeLessThan(220);
    }
});
