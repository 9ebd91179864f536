<?php

declare(strict_types=1);

use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Style\Draft;
use Kindred\Style\Roles;
use Kindred\Style\Scheme;
use Kindred\Tests\Sample;

/** @param  array<string, string>  $choices */
function schemeOf(array $choices = []): Scheme
{
    return Scheme::read(Reader::of($choices + ['base' => '#b4472e', 'warmth' => 'base', 'energy' => 'calm', 'shape' => 'soft', 'density' => 'even']));
}

/** @return array<string, mixed> plain values by role */
function rolesIn(Tree $tree): array
{
    $roles = new Roles;
    foreach ($tree->layers as $layer) {
        $roles->layer($layer->toArray());
    }
    foreach ($tree->screens as $screen) {
        $roles->screen($screen->toArray());
    }

    return array_map(fn (array $one): mixed => $one['token'] ?? $one['plain'], $roles->found());
}

it('keeps the contrasts that its colours are for, whatever it begins with', function (string $base, string $warmth, string $energy): void {
    $of = schemeOf(['base' => $base, 'warmth' => $warmth, 'energy' => $energy])->colours();
    $white = Colour::parse('#fff');
    expect($of['words']->contrastRatio($of['ground']))->toBeGreaterThan(12.0)->and($of['words']->contrastRatio($of['card']))->toBeGreaterThan(12.0)
        ->and($of['quiet']->contrastRatio($of['ground']))->toBeGreaterThan(4.5)
        ->and($of['accent']->contrastRatio($white))->toBeGreaterThan(4.5)->and($of['second']->contrastRatio($white))->toBeGreaterThan(4.5)
        ->and($of['line']->contrastRatio($of['ground']))->toBeGreaterThan(1.15)->toBeLessThan(1.6)
        ->and($of['card']->luminance())->toBeGreaterThan($of['ground']->luminance());
})->with(['#b4472e', '#17594f', '#ffd400', '#000000', '#ffffff', '#2563eb', '#808080'])->with(['base', 'warm', 'cool'])->with(['calm', 'lively']);

it('is what its choices say', function (): void {
    $hue = fn (Colour $colour): float => Oklab::of($colour)->hue();
    [$calm, $lively] = [schemeOf()->colours(), schemeOf(['energy' => 'lively'])->colours()];
    expect($hue($calm['accent']))->toEqualWithDelta($hue(Colour::parse('#b4472e')), 3.0)
        ->and(Oklab::of($lively['accent'])->chroma())->toBeGreaterThan(Oklab::of($calm['accent'])->chroma())
        ->and(abs(fmod($hue($lively['second']) - $hue($lively['accent']) + 540, 360) - 180))->toBeGreaterThan(abs(fmod($hue($calm['second']) - $hue($calm['accent']) + 540, 360) - 180))
        ->and(abs($hue(schemeOf(['warmth' => 'cool', 'energy' => 'lively'])->colours()['ground']) - 250))->toBeLessThan(12.0)
        ->and(abs($hue(schemeOf(['warmth' => 'warm', 'energy' => 'lively'])->colours()['ground']) - 70))->toBeLessThan(12.0)
        ->and([schemeOf(['shape' => 'sharp'])->corners(), schemeOf(['shape' => 'round'])->corners(), schemeOf(['density' => 'dense'])->gap(), schemeOf(['density' => 'airy'])->gap()])->toBe([2.0, 20.0, 12.0, 20.0]);
});

it('refuses choices that there are not', function (string $key, string $value): void {
    expect(fn () => schemeOf([$key => $value]))->toThrow(InvalidInput::class, $key);
})->with([['base', 'mud'], ['warmth', 'hot'], ['energy', 'wild'], ['shape', 'spiky'], ['density', 'packed']]);

it('tells what colours and lengths are for from where they stand', function (): void {
    $box = fn (string $name, string $colour, array $more = []): array => ['kind' => 'box', 'name' => $name, 'x' => 0, 'y' => 0, 'width' => 100, 'height' => 40, 'fills' => [['colour' => $colour]]] + $more;
    $text = fn (string $colour): array => ['kind' => 'text', 'name' => 'Words', 'x' => 0, 'y' => 0, 'words' => 'Clay', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4], 'fills' => [['colour' => $colour]]];
    $corners = ['corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], 12)];
    $tree = Sample::after(Sample::tree(), ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['boxa', 'words', 'icon', 'group']],
        ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'ground', 'value' => '#f6efe6'], ['type' => 'set-screen-field', 'screen' => 'next', 'field' => 'ground', 'value' => '#f6efe6'],
        ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'roles', 'layers' => [
            $text('#2a2622'), $text('#2a2622'), $text('#6b6259'), $text('#ffffff'), $text('#a94c31'),
            $box('Button', '#a94c31', $corners), $box('Button', '#a94c31'), $box('Other', '#2f4a3c'), $box('Card', '#ffffff', $corners + ['strokes' => [['colour' => '#e2d6c6', 'width' => 1]]]), $box('Card', '#ffffff'), $box('Thin', '#00000010'),
            // Circles and pills have no corners of the house.
            ...array_fill(0, 3, $box('Round', '#00000010', ['corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], 20)])),
        ]]);
    expect(rolesIn($tree))->toEqual(['ground' => '#f6efe6', 'words' => '#2a2622', 'quiet' => '#6b6259', 'accent' => '#a94c31', 'second' => '#2f4a3c', 'card' => '#ffffff', 'line' => '#e2d6c6', 'corners' => 12.0]);
    // What is bound plays its role by its token.
    $bound = Sample::after($tree, ['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#a94c31'], 'to' => '#a94c31', 'token' => 'clay', 'name' => 'clay']);
    expect(rolesIn($bound)['accent'])->toBe('clay')->and(count(Bindings::tokens($bound)))->toBe(1);
    expect((new Roles)->found())->toBe([]);
});

it('gives two roles that come from one token the value of the first, and names new tokens beside those that there are', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'text' => '#a94c31'], ['id' => 'words', 'name' => 'colour.words', 'kind' => 'color', 'text' => '#000']]],
        ['type' => 'put-tokens', 'tokens' => [['id' => 'card', 'name' => 'card', 'kind' => 'color', 'text' => '{clay}']]]);
    $ids = 0;
    $draft = Draft::of(schemeOf(), ['accent' => ['plain' => '#a94c31', 'token' => 'clay'], 'card' => ['plain' => '#a94c31', 'token' => 'card'], 'line' => ['plain' => '#17594f', 'token' => null]], Bindings::tokens($tree), new WidgetLook, function () use (&$ids): string {
        $ids++;

        return "made{$ids}";
    });
    $after = Sample::after($tree, ...$draft->commands);
    $names = array_map(fn ($token): string => $token->name, Bindings::tokens($after));
    expect([$draft->changed, $draft->made])->toBe([1, 7])->and($names)->toContain('colour.words-2')->and(count(array_unique($names)))->toBe(10)
        ->and($after->layer('boxa')->fills[0]->bound)->toBe(['paint' => array_search('colour.line', $names, true)])
        ->and(array_keys($after->project->look->bound))->toBe(['accent', 'edge', 'ground', 'ink', 'paper', 'radius', 'shade', 'soft', 'space']);
});
