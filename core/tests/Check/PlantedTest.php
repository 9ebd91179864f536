<?php

declare(strict_types=1);

use Kindred\Check\Convention;
use Kindred\Check\Finding;
use Kindred\Check\Rules;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Check\Faults;
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
    'what is settled' => [Faults::settled(new Planted)],
    'a plan' => [Faults::planned(new Planted)],
    'all together' => [Faults::all(), 'tap-name > Box 3', 'reordered > Tabs'],
]);

it('finds all of them in one project, by every rule that there is', function (): void {
    $findings = Planted::findings(Faults::all()->tree());
    $settled = Planted::findings(Faults::settled(new Planted)->tree());
    expect($findings)->toHaveCount(45)
        ->and(array_values(array_unique(array_map(fn (Finding $one): string => $one->rule, [...$findings, ...$settled]))))->toEqualCanonicalizing(Rules::ALL);
});

it('finds them no more where they are mended as it offers', function (): void {
    $tree = Faults::all()->tree();
    $offered = array_values(array_filter(Planted::findings($tree), fn (Finding $one): bool => $one->fix !== null));
    expect(count($offered))->toBeGreaterThan(25);
    foreach ($offered as $one) {
        $mended = Sample::after($tree, ...$one->fix->commands ?? []);
        $told = array_map(fn (Finding $left): string => "{$left->id()} {$left->screen}", Planted::findings($mended));
        expect($told)->not->toContain("{$one->id()} {$one->screen}", "{$one->reason} {$one->fix?->label}");
    }
});

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
        expect($own)->not->toBeNull()->and($limit)->toBeGreaterThanOrEqual($own->least)->toBeLessThanOrEqual($own->most);
    }
    expect($convention::label())->not->toBe('')->and($convention::source())->not->toBe('');
})->with(Convention::ALL);

it('says each finding in a sentence, with where it comes from', function (): void {
    foreach (Planted::findings(Faults::all()->tree()) as $one) {
        expect($one->reason)->toMatch('/^\S.*[.]$/u')->and($one->rule::source())->not->toBe('')->and(mb_strlen($one->reason))->toBeLessThan(220);
    }
});
