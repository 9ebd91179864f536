<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Computed;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Paint\Opposite;
use Kindred\Tests\Sample;

/** Home with a background, a box, and words bound to tokens; a dark theme that says otherwise of some of them. */
function themedTree(): Tree
{
    $token = fn (string $id, string $kind, string $text): array => ['id' => $id, 'name' => "t.{$id}", 'kind' => $kind, 'text' => $text];
    $bind = fn (string $layer, string $field, string $token): array => ['type' => 'bind-token', 'screen' => 'home', 'layers' => [$layer], 'field' => $field, 'token' => $token];

    return Sample::after(Sample::tree(),
        ['type' => 'put-tokens', 'tokens' => [$token('paper', 'color', '#ffffff'), $token('clay', 'color', '#b4472e'), $token('round', 'dimension', '4'), $token('large', 'typography', '400 20px/1.5 Hanken Grotesk')]],
        ['type' => 'put-tokens', 'tokens' => [$token('accent', 'color', '{t.clay}')]],
        ['type' => 'bind-screens', 'screens' => ['home', 'next'], 'token' => 'paper'],
        $bind('boxa', 'fills.0.colour', 'accent'), $bind('boxa', 'corners', 'round'), $bind('words', 'style', 'large'),
        ['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark'],
        ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'paper', 'text' => '#101112'], ['token' => 'clay', 'text' => '#e08a6f'], ['token' => 'large', 'text' => '400 40px/1.5 Hanken Grotesk']]],
    );
}

/** @return list<mixed> what is seen of home */
function seenOfHome(Tree $tree): array
{
    return [$tree->screen('home')->ground->toHex(), $tree->layer('boxa')->colour()?->toHex(), $tree->layer('boxa')->corners->same(), $tree->layer('words')->box->height];
}

const IN_LIGHT = ['#ffffff', '#b4472e', 4.0, 30.0];
const IN_DARK = ['#101112', '#e08a6f', 4.0, 60.0];

it('shows the project in a theme: what is bound has its values, aliases lead within it, and words are laid out anew', function (): void {
    $tree = themedTree();
    expect(seenOfHome($tree))->toBe(IN_LIGHT);
    $dark = Sample::after($tree, ['type' => 'show-theme', 'theme' => 'dark']);
    expect(seenOfHome($dark))->toBe(IN_DARK)->and($dark->screen('next')->ground->toHex())->toBe('#101112')->and($dark->layer('left')->colour()?->toHex())->toBe('#17594f');

    // Only the theme is somebody's edit; taking it back takes all back.
    $step = Difference::between($tree, $dark);
    expect(array_map(fn ($change): Entity => $change->entity, Computed::without($step, $tree, $dark)->changes))->toBe([Entity::Project]);
    expect(Sample::plain(Sample::consequences()->replayed($dark, Computed::without($step, $tree, $dark)->inverse())))->toEqual(Sample::plain($tree));
});

it('shows one screen in a theme of its own, or in none', function (): void {
    $home = Sample::after(themedTree(), ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['home']]);
    expect(seenOfHome($home))->toBe(IN_DARK)->and($home->screen('next')->ground->toHex())->toBe('#ffffff');
    $but = Sample::after($home, ['type' => 'show-theme', 'theme' => 'dark'], ['type' => 'show-theme', 'theme' => 'base', 'screens' => ['home']]);
    expect(seenOfHome($but))->toBe(IN_LIGHT)->and($but->screen('next')->ground->toHex())->toBe('#101112');
    $again = Sample::after($but, ['type' => 'show-theme', 'theme' => null, 'screens' => ['home']]);
    expect(seenOfHome($again))->toBe(IN_DARK);
});

it('follows a token where its theme does not say otherwise, and a theme where it does', function (): void {
    $dark = Sample::after(themedTree(), ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['home']]);
    $base = Sample::after($dark, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => '#000'], ['id' => 'round', 'text' => '9']]]);
    expect(seenOfHome($base))->toBe(['#101112', '#e08a6f', 9.0, 60.0]);
    $own = Sample::after($base, ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'clay', 'text' => '#123456'], ['token' => 'accent', 'text' => '{t.paper}']]]);
    expect(seenOfHome($own)[1])->toBe('#101112');
    $reset = Sample::after($own, ['type' => 'remove-theme-values', 'theme' => 'dark', 'tokens' => ['accent', 'large']]);
    expect(seenOfHome($reset))->toBe(['#101112', '#123456', 9.0, 30.0]);
    // A value by hand is bound no longer there, either.
    $raw = Sample::after($reset, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills.0.colour', 'value' => '#b4472e']);
    expect(array_keys($raw->layer('boxa')->bound + $raw->layer('boxa')->fills[0]->bound))->toBe(['corners']);
});

it('gives what goes to another screen the values of its theme', function (): void {
    $tree = Sample::after(themedTree(), ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['next']],
        ['type' => 'transfer-layers', 'screen' => 'home', 'to' => 'next', 'layers' => ['boxa', 'words'], 'dx' => 0, 'dy' => 0]);
    expect([$tree->layer('boxa')->colour()?->toHex(), $tree->layer('words')->box->height])->toBe(['#e08a6f', 60.0]);
    $loose = Sample::after($tree, ['type' => 'transfer-layers', 'screen' => 'next', 'to' => null, 'layers' => ['boxa'], 'dx' => 0, 'dy' => 0]);
    expect($loose->layer('boxa')->colour()?->toHex())->toBe('#b4472e');
});

it('gives what is pasted the values of where it comes to, and lets go what no token has', function (): void {
    $fill = fn (string $token): array => ['fills' => [['colour' => '#ffffff', 'bound' => ['paint' => $token]]]];
    $paste = ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'pasted', 'layers' => [
        ['kind' => 'group', 'name' => 'Pasted', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10, 'children' => [['kind' => 'box', 'name' => 'In', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10] + $fill('clay')]],
        ['kind' => 'box', 'name' => 'Other', 'x' => 0, 'y' => 0, 'width' => 10, 'height' => 10] + $fill('elsewhere'),
    ]];
    expect(Sample::command($paste)->workingSet()->things)->toBe(Themes::HOUSE);
    $tree = Sample::after(themedTree(), ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['next']], $paste);
    $of = fn (string $name): Layer => array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->name === $name))[0];
    expect($of('In')->colour()?->toHex())->toBe('#e08a6f')->and($of('Other')->fills[0]->bound)->toBe([])->and($of('Other')->colour()?->toHex())->toBe('#ffffff');
});

it('leaves no trace of a theme that is removed', function (): void {
    $dark = Sample::after(themedTree(), ['type' => 'show-theme', 'theme' => 'dark'], ['type' => 'show-theme', 'theme' => 'dark', 'screens' => ['home']]);
    $gone = Sample::after($dark, ['type' => 'remove-theme', 'theme' => 'dark']);
    expect(seenOfHome($gone))->toBe(IN_LIGHT)->and($gone->things(Entity::ThemeValue))->toBe([])->and([$gone->project->theme, $gone->screen('home')->theme])->toBe([null, null]);
    $back = Sample::consequences()->replayed($gone, Computed::without(Difference::between($dark, $gone), $dark, $gone)->inverse());
    expect(Sample::plain($back))->toEqual(Sample::plain($dark));
});

it('removes with a token what themes say of it, and with its type what does not fit any more', function (): void {
    $tree = Sample::after(themedTree(), ['type' => 'remove-token', 'token' => 'clay', 'by' => 'paper']);
    expect(array_keys(Themes::of($tree)->values('dark')))->toBe(['paper', 'large'])->and(seenOfHome($tree)[1])->toBe('#ffffff');
    $other = Sample::after(themedTree(), ['type' => 'put-tokens', 'tokens' => [['id' => 'large', 'kind' => 'dimension', 'text' => '12']]]);
    expect(array_keys(Themes::of($other)->values('dark')))->toBe(['paper', 'clay']);
});

it('refuses what a theme cannot be or say', function (array $command, string $said): void {
    expect(fn () => Sample::after(themedTree(), $command))->toThrow(InvalidInput::class, $said);
})->with([
    [['type' => 'put-theme', 'id' => 'other', 'name' => ' dark '], 'There is a theme “Dark” already.'],
    [['type' => 'put-theme', 'id' => 'other', 'name' => ' '], 'this cannot be empty'],
    [['type' => 'put-theme', 'id' => 'base', 'name' => 'Base'], 'this stands for no theme'],
    [['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'paper', 'text' => '{t.round}']]], '“t.paper” is a Colour in every theme.'],
    [['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'paper', 'text' => '{t.none}']]], 'There is no token “t.none”.'],
    [['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'clay', 'text' => '{t.accent}']]], 'in a circle: “t.clay” → “t.accent” → “t.clay”'],
]);

it('holds so many themes, and not one more', function (): void {
    $tree = themedTree();
    foreach (range(1, 11) as $i) {
        $tree = Sample::after($tree, ['type' => 'put-theme', 'id' => "theme{$i}", 'name' => "Theme {$i}", 'like' => 'dark']);
    }
    expect(count(Themes::of($tree)->values('theme11')))->toBe(3);
    expect(fn () => Sample::after($tree, ['type' => 'put-theme', 'id' => 'theme12', 'name' => 'One more']))->toThrow(InvalidInput::class, 'at most 12 themes');
});

it('writes themes into a file and reads them again', function (): void {
    $dark = Sample::after(themedTree(), ['type' => 'show-theme', 'theme' => 'dark'], ['type' => 'show-theme', 'theme' => 'base', 'screens' => ['next']]);
    $read = ProjectFile::read(Sample::written(new ProjectFile($dark)))->tree;
    expect($read->project->theme)->toBe('dark')->and($read->screen('next')->theme)->toBe('base')->and(Themes::of($read)->all()['dark']->name)->toBe('Dark')
        ->and(array_map(fn ($value): string => $value->value->css(), array_values(Themes::of($read)->values('dark'))))->toEqualCanonicalizing(['#101112', '#e08a6f', '400 40px/1.5 "Hanken Grotesk"']);
});

it('makes colours for the opposite ground that stand out as they did, and of the same hue', function (string $ground, string $colour): void {
    $opposite = Opposite::of(Colour::parse($ground));
    [$old, $new] = [Colour::parse($colour), $opposite->colour(Colour::parse($colour))];
    $max = $opposite->ground()->contrastRatio(Colour::parse($opposite->ground()->luminance() < 0.2 ? '#fff' : '#000'));
    $before = min(Colour::parse($ground)->contrastRatio($old), $max);
    $after = $opposite->ground()->contrastRatio($new);
    expect($after)->toBeGreaterThan($before * 0.97);
    if ($new->toHex() !== $old->toHex()) {
        expect($after)->toBeLessThan($before * 1.03);
    }
    if (Oklab::of($old)->chroma() > 0.05 && Oklab::of($new)->chroma() > 0.05) {
        expect(Oklab::of($new)->hue())->toEqualWithDelta(Oklab::of($old)->hue(), 4.0);
    }
})->with(['#ffffff', '#f4efe6', '#14181b'])->with(['#b4472e', '#17594f', '#d9a441', '#5c6263', '#f3e5d8', '#2563eb']);

it('leaves a colour as it is that stands out enough on the other ground', function (): void {
    expect(Opposite::of(Colour::parse('#ffffff'))->colour(Colour::parse('#d9a441'))->toHex())->toBe('#d9a441');
});

it('works out the opposite of all colours and gradients at once, and lets what stands for others follow', function (): void {
    $tree = Sample::after(themedTree(), ['type' => 'put-tokens', 'tokens' => [['id' => 'glow', 'name' => 'glow', 'kind' => 'gradient', 'text' => 'linear-gradient(90deg, #a94c31, #d9a441)']]],
        ['type' => 'put-theme', 'id' => 'night', 'name' => 'Night', 'opposite' => true]);
    $tokens = Themes::of($tree)->tokens('night');
    expect(array_keys(Themes::of($tree)->values('night')))->toBe(['paper', 'clay', 'glow'])
        ->and(Colour::parse($tokens['paper']->value->css())->luminance())->toBeLessThan(0.02)
        ->and($tokens['accent']->value->css())->toBe($tokens['clay']->value->css())
        ->and(Colour::parse($tokens['paper']->value->css())->contrastRatio(Colour::parse($tokens['clay']->value->css())))->toEqualWithDelta(Colour::parse('#fff')->contrastRatio(Colour::parse('#b4472e')), 0.1);
});
