<?php

declare(strict_types=1);

use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Exchange\Tokens\ThemeFile;
use Kindred\Exchange\Tokens\TokenCss;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

function inThemes(): Themes
{
    $token = fn (string $id, string $kind, string $text): array => ['id' => $id, 'name' => "a.{$id}", 'kind' => $kind, 'text' => $text];

    return Themes::of(Sample::after(Sample::tree(),
        ['type' => 'put-tokens', 'tokens' => [$token('paper', 'color', '#ffffff'), $token('clay', 'color', '#b4472e'), $token('space', 'dimension', '8px'), $token('ease', 'cubicBezier', 'ease-out')]],
        ['type' => 'put-tokens', 'tokens' => [$token('accent', 'color', '{a.clay}')]],
        ['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark & calm'], ['type' => 'put-theme', 'id' => 'plain', 'name' => 'Without theme'],
        ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'paper', 'text' => '#101112'], ['token' => 'clay', 'text' => '{a.paper}'], ['token' => 'ease', 'text' => 'linear']]],
    ));
}

/** @param  array<string, mixed>  $change */
function themeFile(array $change = []): string
{
    $colour = fn (string $hex): array => ['$type' => 'color', '$value' => $hex];

    return (string) json_encode($change + [
        'version' => '2025.10',
        'sets' => ['base' => ['sources' => [['paper' => $colour('#fff'), 'clay' => $colour('#b4472e')], ['clay' => ['$value' => '#a94c31', '$description' => 'Fired']]]]],
        'modifiers' => ['theme' => ['contexts' => ['light' => [], 'dark' => [['paper' => $colour('#111'), 'glow' => $colour('#fc0')]], 'brand' => [['clay' => ['$value' => '{paper}']]]], 'default' => 'light']],
        'resolutionOrder' => [['$ref' => '#/sets/base'], ['$ref' => '#/modifiers/theme']],
    ]);
}

it('writes themes as contexts of a modifier, and reads them again', function (): void {
    $themes = inThemes();
    $json = ThemeFile::write($themes, []);
    $file = json_decode($json, true);
    expect(ThemeFile::isOne($json))->toBeTrue()->and($file['modifiers']['theme']['default'])->toBe('Without theme-')
        ->and(array_keys($file['modifiers']['theme']['contexts']))->toBe(['Without theme-', 'Dark & calm', 'Without theme'])
        ->and($file['modifiers']['theme']['contexts']['Dark & calm'][0]['a']['clay']['$value'])->toBe('{a.paper}');

    $known = array_map(fn (Token $token): string => $token->id, array_column($themes->tokens(), null, 'name'));
    $read = ThemeFile::read($json, $known, ['Dark & calm' => 'dark', 'Without theme' => 'plain']);
    $shown = fn (array $values): array => array_map(fn (ThemeValue $one): array => [$one->theme, $one->token, $one->value->css(), $one->bound], $values);
    expect(array_map(fn (Theme $one): array => [$one->id, $one->name], $read['themes']))->toBe([['dark', 'Dark & calm'], ['plain', 'Without theme']])
        ->and($shown($read['values']))->toEqualCanonicalizing($shown(array_values($themes->values('dark'))))
        ->and(array_map(fn (Token $one): string => $one->name, $read['tokens']))->toBe(['a.paper', 'a.clay', 'a.space', 'a.ease', 'a.accent']);
});

it('reads what others write: of what is said several times the last holds, and what only a theme has is there everywhere', function (): void {
    $read = ThemeFile::read(themeFile());
    $tokens = array_column($read['tokens'], null, 'name');
    $value = fn (string $name, string $theme): ?string => (array_values(array_filter($read['values'], fn (ThemeValue $one): bool => $one->token === $tokens[$name]->id && $one->theme === (array_column($read['themes'], 'id', 'name')[$theme] ?? '')))[0] ?? null)?->value->css();
    expect(array_map(fn (Token $one): string => $one->value->css(), $tokens))->toBe(['paper' => '#ffffff', 'clay' => '#a94c31', 'glow' => '#ffcc00'])
        ->and($tokens['clay']->description)->toBe('Fired')
        ->and([$value('paper', 'dark'), $value('clay', 'dark'), $value('clay', 'brand'), $value('paper', 'brand')])->toBe(['#111111', null, '#ffffff', null]);
});

it('says where a file cannot be read', function (array $change, string $said): void {
    expect(fn () => ThemeFile::read(themeFile($change)))->toThrow(InvalidInput::class, $said);
})->with([
    [['version' => '1'], 'version: this reads version 2025.10'],
    [['resolutionOrder' => 'x'], 'resolutionOrder: a list is expected'],
    [['resolutionOrder' => [['$ref' => 'tokens.json']]], 'resolutionOrder[0]: a reference to a set or a modifier of this file is expected'],
    [['sets' => ['base' => ['sources' => [['$ref' => 'base.json']]]]], 'sets.base.sources[0]: only tokens that stand in the file itself can be read'],
    [['sets' => []], 'sets.base.sources: a list of sources is expected'],
    [['modifiers' => ['theme' => ['contexts' => ['dark' => []], 'default' => 'light']]], 'modifiers.theme.default: the name of a context is expected'],
    [['modifiers' => ['theme' => []]], 'modifiers.theme.contexts: an object of contexts is expected'],
    [['resolutionOrder' => [['$ref' => '#/modifiers/theme'], ['$ref' => '#/modifiers/size']]], 'resolutionOrder[1]: files with several modifiers cannot be read yet'],
    [['modifiers' => ['theme' => ['contexts' => ['dark' => [['paper' => ['$type' => 'color', '$value' => 'no colour']]]]]]], 'paper.$value'],
    [['modifiers' => ['theme' => ['contexts' => array_fill_keys(array_map(fn (int $i): string => "t{$i}", range(1, 13)), [])]]], 'at most 12 themes'],
]);

it('writes what a theme says as custom properties inside what has its name, with what stands for it', function (): void {
    $css = TokenCss::write(inThemes());
    expect($css)->toContain("}\n\n[data-theme=\"dark-calm\"] {\n    --a-paper: #101112;\n    --a-clay: var(--a-paper);\n    --a-ease: linear;\n    --a-accent: var(--a-clay);\n}\n")->not->toContain('without-theme')
        ->and(substr_count($css, '--a-space'))->toBe(1);
});
