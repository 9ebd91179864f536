<?php

declare(strict_types=1);

use Kindred\Document\Entity;
use Kindred\Document\Style\Paint\CssPaint;
use Kindred\Document\Token\Aliases;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\GradientToken;
use Kindred\Document\Token\Value\NumberToken;
use Kindred\Exchange\Tokens\TokenCss;
use Kindred\Exchange\Tokens\TokenFile;
use Kindred\Input\InvalidInput;
use Kindred\Property\Typing;
use Kindred\Tests\Sample;

/**
 * @param  array<string, mixed>  $data
 * @return array<string, Token> by name
 */
function tokensIn(array $data): array
{
    return array_column(TokenFile::read((string) json_encode($data))['tokens'], null, 'name');
}

/**
 * What comes out of what went in.
 *
 * @param  array<string, mixed>  $data
 */
function tokensOut(array $data): mixed
{
    ['tokens' => $tokens, 'groups' => $groups] = TokenFile::read((string) json_encode($data));

    return json_decode(TokenFile::write(array_column($tokens, null, 'id'), $groups), true);
}

/** Examples after the sections of the Design Tokens Format Module 2025.10: values of every type, groups, aliases, what is unknown. */
const TOKEN_FILE = [
    '$description' => 'Everything', '$schema' => 'https://www.designtokens.org/schemas/2025.10/format.json',
    'colour' => [
        '$type' => 'color', '$extensions' => ['org.example.tool' => ['order' => 2]],
        'clay' => ['$value' => ['colorSpace' => 'srgb', 'components' => [0.7059, 0.2784, 0.1804], 'hex' => '#b4472e'], '$description' => 'Actions', '$deprecated' => 'Use accent', '$extensions' => ['org.example.tool' => ['key' => [1, 2]]]],
        'mist' => ['$value' => ['colorSpace' => 'oklch', 'components' => [0.9, 0.02, 'none'], 'alpha' => 0.5]],
        'deep' => ['$value' => ['colorSpace' => 'hsl', 'components' => [330, 100, 50]]],
        'accent' => ['$value' => '{colour.clay}'],
    ],
    'space' => ['m' => ['$type' => 'dimension', '$value' => ['value' => 0.5, 'unit' => 'rem']], 's' => ['$type' => 'dimension', '$value' => ['value' => 4, 'unit' => 'px']]],
    'face' => ['text' => ['$type' => 'fontFamily', '$value' => ['Hanken Grotesk', 'sans-serif']], 'one' => ['$type' => 'fontFamily', '$value' => 'Lora']],
    'weight' => ['strong' => ['$type' => 'fontWeight', '$value' => 'extra-bold'], 'thin' => ['$type' => 'fontWeight', '$value' => 350]],
    'quick' => ['$type' => 'duration', '$value' => ['value' => 100, 'unit' => 'ms']], 'slow' => ['$type' => 'duration', '$value' => ['value' => 1.5, 'unit' => 's']],
    'accelerate' => ['$type' => 'cubicBezier', '$value' => [0.5, 0, 1, 1]],
    'ratio' => ['$type' => 'number', '$value' => 1.25],
    'focus' => ['$type' => 'strokeStyle', '$value' => 'dashed'], 'dashes' => ['$type' => 'strokeStyle', '$value' => ['dashArray' => [['value' => 0.5, 'unit' => 'rem'], '{space.s}'], 'lineCap' => 'round']],
    'edge' => ['$type' => 'border', '$value' => ['color' => '{colour.clay}', 'width' => ['value' => 3, 'unit' => 'px'], 'style' => '{focus}']],
    'emphasis' => ['$type' => 'transition', '$value' => ['duration' => '{quick}', 'delay' => ['value' => 0, 'unit' => 'ms'], 'timingFunction' => [0.5, 0, 1, 1]]],
    'lift' => ['$type' => 'shadow', '$value' => ['color' => '{colour.accent}', 'offsetX' => '{space.s}', 'offsetY' => ['value' => 0.5, 'unit' => 'rem'], 'blur' => ['value' => 1.5, 'unit' => 'rem'], 'spread' => ['value' => 0, 'unit' => 'px']]],
    'layered' => ['$type' => 'shadow', '$value' => [['color' => ['colorSpace' => 'srgb', 'components' => [0, 0, 0], 'alpha' => 0.1], 'offsetX' => ['value' => 0, 'unit' => 'px'], 'offsetY' => ['value' => 24, 'unit' => 'px'], 'blur' => ['value' => 22, 'unit' => 'px'], 'spread' => ['value' => 0, 'unit' => 'px'], 'inset' => true], ['color' => '{colour.mist}', 'offsetX' => ['value' => 0, 'unit' => 'px'], 'offsetY' => ['value' => 2, 'unit' => 'px'], 'blur' => ['value' => 2, 'unit' => 'px'], 'spread' => ['value' => 1, 'unit' => 'px']]]],
    'glow' => ['$type' => 'gradient', '$value' => [['color' => '{colour.clay}', 'position' => 0], ['color' => ['colorSpace' => 'srgb', 'components' => [1, 0.8, 0]], 'position' => 0.5], ['color' => '{colour.mist}', 'position' => 1]]],
    'heading' => ['$type' => 'typography', '$value' => ['fontFamily' => '{face.text}', 'fontSize' => ['value' => 42, 'unit' => 'px'], 'fontWeight' => '{weight.strong}', 'letterSpacing' => ['value' => 0.1, 'unit' => 'px'], 'lineHeight' => '{ratio}']],
];

it('writes a file as it was read, with what it knows nothing of', function (): void {
    expect(tokensOut(TOKEN_FILE))->toEqual(TOKEN_FILE);
});

it('reads values of every type', function (string $name, string $css): void {
    expect(tokensIn(TOKEN_FILE)[$name]->value->css())->toBe($css);
})->with([
    ['colour.clay', '#b4472e'], ['colour.accent', '#b4472e'], ['colour.deep', '#ff0080'], ['space.m', '0.5rem'], ['face.text', '"Hanken Grotesk", sans-serif'], ['weight.strong', '800'], ['slow', '1500ms'],
    ['accelerate', 'cubic-bezier(0.5, 0, 1, 1)'], ['ratio', '1.25'], ['lift', '4px 8px 24px #b4472e'], ['glow', 'linear-gradient(#b4472e 0%, #ffcc00 50%, #ead9dd80 100%)'], ['heading', '800 42px/1.25 "Hanken Grotesk"'],
]);

it('reads lengths, durations and colours as earlier drafts wrote them', function (): void {
    $tokens = tokensIn(['a' => ['$type' => 'color', '$value' => '#ff000080'], 'b' => ['$type' => 'dimension', '$value' => '1.5rem'], 'c' => ['$type' => 'duration', '$value' => '0.2s']]);
    expect(array_map(fn (Token $token): string => $token->value->css(), array_values($tokens)))->toBe(['#ff000080', '1.5rem', '200ms']);
});

it('keeps the direction and the kind of a gradient, which the format has no place for', function (): void {
    $css = 'radial-gradient(circle at 20% 30%, #ffcc00 0%, #b4472e 100%)';
    $gradient = new GradientToken(CssPaint::read($css, Typing::alone()));
    $token = new Token('glow', 'a', 'glow', $gradient);
    $written = TokenFile::write(['glow' => $token]);
    expect(TokenFile::read($written)['tokens'][0]->value->css())->toBe($gradient->css())->and(json_decode($written, true)['glow']['$value'])->toHaveCount(2);
});

it('ties what stands for another to it, in parts too', function (): void {
    $tokens = tokensIn(TOKEN_FILE);
    expect(Bindings::of($tokens['lift']))->toBe(['shadows.0.colour' => $tokens['colour.accent']->id, 'shadows.0.offsetX' => $tokens['space.s']->id])
        ->and(Bindings::of($tokens['glow']))->toBe(['paint.stops.0.colour' => $tokens['colour.clay']->id, 'paint.stops.2.colour' => $tokens['colour.mist']->id])
        ->and(array_keys(Bindings::of($tokens['heading'])))->toBe(['style.family', 'style.lineHeight', 'style.weight']);
    // Once one of them changes, the others say it.
    $all = array_column($tokens, null, 'id');
    $clay = $tokens['colour.clay'];
    $all[$clay->id] = $clay->with(value: $tokens['colour.deep']->value, source: '');
    expect(Aliases::settled($all)[$tokens['glow']->id]->value->css())->toBe('linear-gradient(#ff0080 0%, #ffcc00 50%, #ead9dd80 100%)');
});

it('follows a token that is called otherwise', function (): void {
    $all = array_column(tokensIn(TOKEN_FILE), null, 'id');
    $clay = array_column($all, null, 'name')['colour.clay'];
    $all[$clay->id] = $clay->with(name: 'colour.terracotta');
    $out = json_decode(TokenFile::write($all), true);
    expect($out['colour']['accent']['$value'])->toBe('{colour.terracotta}')->and($out['glow']['$value'][0]['color'])->toBe('{colour.terracotta}')->and($out['colour']['terracotta']['$value']['hex'])->toBe('#b4472e');
});

it('keeps what an array of PHP cannot: objects without anything in them, names that are numbers in a row', function (): void {
    $json = '{"grey":{"$type":"number","0":{"$value":1},"1":{"$value":2}},"7":{"$type":"number","$value":3,"$extensions":{"org.example.tool":{}}}}';
    ['tokens' => $tokens, 'groups' => $groups] = TokenFile::read($json);
    expect(json_decode(TokenFile::write(array_column($tokens, null, 'id'), $groups)))->toEqual(json_decode($json));
});

it('lets a border follow the names of its parts, though nothing else is known of it', function (): void {
    $all = array_column(tokensIn(TOKEN_FILE), null, 'id');
    $names = array_column($all, null, 'name');
    expect(Bindings::of($names['edge']))->toBe(['value.color' => $names['colour.clay']->id, 'value.style' => $names['focus']->id])->and(Bindings::of($names['dashes']))->toBe(['value.dashArray.1' => $names['space.s']->id])
        ->and(Aliases::dependents($all, [$names['space.s']->id]))->toContain($names['dashes']->id);
    $all[$names['colour.clay']->id] = $names['colour.clay']->with(name: 'terracotta');
    $all[$names['space.s']->id] = $names['space.s']->with(name: 'space.small');
    $out = json_decode(TokenFile::write(Aliases::settled($all)), true);
    expect($out['edge']['$value'])->toBe(['color' => '{terracotta}'] + TOKEN_FILE['edge']['$value'])->and($out['dashes']['$value']['dashArray'][1])->toBe('{space.small}');
});

it('forgets the direction that a gradient had once it has another', function (): void {
    $read = fn (string $json): Token => TokenFile::read($json)['tokens'][0];
    $turned = $read(TokenFile::write(['glow' => new Token('glow', 'a', 'glow', GradientToken::typed('linear-gradient(90deg, #ffcc00, #b4472e)'))]));
    $straight = $read(TokenFile::write([$turned->id => $turned->with(value: GradientToken::typed('linear-gradient(#ffcc00, #b4472e)'), source: '')]));
    expect($turned->value->css())->toContain('90deg')->and($straight->value->css())->not->toContain('90deg')->and($straight->more)->toBe('');
});

it('takes what is called otherwise by now for another token', function (): void {
    $clay = TokenFile::read('{"clay":{"$type":"number","$value":1}}')['tokens'][0];
    $again = fn (array $known): string => TokenFile::read('{"clay":{"$type":"number","$value":1}}', $known)['tokens'][0]->id;
    expect($again([]))->toBe($clay->id)->and($again(['clay' => 'own1']))->toBe('own1')->and($again(['terracotta' => $clay->id]))->not->toBe($clay->id);
});

it('follows two thousand tokens that stand for each other in a row', function (): void {
    $file = ['t0' => ['$type' => 'number', '$value' => 1]];
    for ($i = 1; $i < 2000; $i++) {
        $file["t{$i}"] = ['$value' => '{t'.($i - 1).'}'];
    }
    $all = array_column(tokensIn($file), null, 'id');
    $first = array_column($all, null, 'name')['t0'];
    expect(Aliases::dependents($all, [$first->id]))->toHaveCount(2000);
    $all[$first->id] = $first->with(value: new NumberToken(5), source: '');
    expect(array_column(Aliases::settled($all), null, 'name')['t1999']->value->css())->toBe('5')
        ->and(fn () => tokensIn($file + ['t2000' => ['$value' => '{t0}']]))->toThrow(InvalidInput::class, 'at most 2,000 tokens');
});

it('refuses what breaks the format, and says where', function (mixed $file, string $said): void {
    expect(fn () => TokenFile::read(is_string($file) ? $file : (string) json_encode($file)))->toThrow(InvalidInput::class, $said);
})->with([
    'no JSON' => ['{', 'this is no JSON'],
    'a list' => ['[1]', 'an object of groups and tokens'],
    'nothing' => ['{"group": {}}', 'there are no tokens'], 'a group that is a list' => ['{"group": []}', 'group: a group or a token is expected'],
    'no type' => [['a' => ['$value' => 1]], 'a: a token needs a $type'],
    'an unknown type' => [['a' => ['$value' => 1, '$type' => 'sound']], 'a.$type: “sound” is no type'],
    'a colour that is none' => [['a' => ['b' => ['$value' => ['colorSpace' => 'srgb', 'components' => [1, 2]], '$type' => 'color']]], 'a.b.$value.components: three numbers'],
    'a space that is none' => [['a' => ['$value' => ['colorSpace' => 'cmyk', 'components' => [1, 0, 0]], '$type' => 'color']], 'a.$value.colorSpace'],
    'a unit' => [['a' => ['$value' => ['value' => 1, 'unit' => 'em'], '$type' => 'dimension']], 'a.$value.unit: one of these is expected: px, rem'],
    'a weight' => [['a' => ['$value' => 'heavyish', '$type' => 'fontWeight']], 'a.$value: a weight from 1 to 1000'],
    'a curve' => [['a' => ['$value' => [0.1, 0, 2, 1], '$type' => 'cubicBezier']], 'a.$value'],
    'a part that is missing' => [['a' => ['$value' => ['width' => ['value' => 1, 'unit' => 'px'], 'style' => 'solid'], '$type' => 'border']], 'a.$value.color: this part is missing'],
    'an alias to nothing' => [['a' => ['$value' => '{b.c}', '$type' => 'color']], 'a.$value: there is no token “b.c”'],
    'an alias of another type' => [['a' => ['$value' => '{b}', '$type' => 'color'], 'b' => ['$value' => 1, '$type' => 'number']], 'a.$type: “b” is a number, not a color'],
    'a part of another type' => [['a' => ['$value' => [['color' => '{b}', 'position' => 0], ['color' => '#fff', 'position' => 1]], '$type' => 'gradient'], 'b' => ['$value' => 1, '$type' => 'number']], 'a.$value[0].color: “b” is a number, where a color is expected'],
    'a circle' => [['a' => ['$value' => '{b}', '$type' => 'color'], 'b' => ['$value' => '{c}', '$type' => 'color'], 'c' => ['$value' => '{a}', '$type' => 'color']], 'in a circle: a → b → c → a'],
    'a token in a token' => [['a' => ['$value' => 1, '$type' => 'number', 'b' => ['$value' => 1]]], 'a.b: a token holds no other tokens'],
    'a name with a dot' => [['a.b' => ['$value' => 1, '$type' => 'number']], 'a.b: a name has no dots'],
    'a value where a group stands' => [['a' => 1], 'a: a group or a token'],
    'an alpha beyond 1' => [['a' => ['$value' => ['colorSpace' => 'srgb', 'components' => [1, 0, 0], 'alpha' => 1.5], '$type' => 'color']], 'a.$value.alpha: a number from 0 to 1'],
    'a hex of three' => [['a' => ['$value' => ['colorSpace' => 'srgb', 'components' => [1, 0, 0], 'hex' => '#f00'], '$type' => 'color']], 'a.$value.hex: six digits after #'],
    'a length in words' => [['a' => ['$value' => ['value' => 'wide', 'unit' => 'px'], '$type' => 'dimension']], 'a.$value.value: a number is expected'],
    'a length that is too long' => [['a' => ['$value' => ['value' => 100_001, 'unit' => 'px'], '$type' => 'dimension']], 'a.$value.value: a number up to 100,000'],
    'a family without a name' => [['a' => ['$value' => ['Lora', ''], '$type' => 'fontFamily']], 'a.$value: the name of a family is expected, or a list of up to 20'],
    'a curve of three' => [['a' => ['$value' => [0.1, 0, 1], '$type' => 'cubicBezier']], 'a.$value: four numbers are expected'],
    'words of 1,200 px' => [['a' => ['$value' => ['fontFamily' => 'Lora', 'fontSize' => ['value' => 1200, 'unit' => 'px'], 'fontWeight' => 400, 'letterSpacing' => ['value' => 0, 'unit' => 'px'], 'lineHeight' => 1.2], '$type' => 'typography']], 'a.$value.fontSize: a size from 1 to 1,000 px'],
    'lines on each other' => [['a' => ['$value' => ['fontFamily' => 'Lora', 'fontSize' => ['value' => 16, 'unit' => 'px'], 'fontWeight' => 400, 'letterSpacing' => ['value' => 0, 'unit' => 'px'], 'lineHeight' => 0.2], '$type' => 'typography']], 'a.$value.lineHeight: a line height from 0.5 to 5'],
    'a gradient of one colour' => [['a' => ['$value' => [['color' => '#ffffff', 'position' => 0]], '$type' => 'gradient']], 'a.$value: a list of 2 to 32 stops'],
    'a stroke that is none' => [['a' => ['$value' => 'wavy', '$type' => 'strokeStyle']], 'a.$value: one of these is expected: solid'],
    'a stroke without its caps' => [['a' => ['$value' => ['dashArray' => [['value' => 1, 'unit' => 'px']]], '$type' => 'strokeStyle']], 'a.$value: a dashArray and a lineCap'],
    'seventeen shadows' => [['a' => ['$value' => array_fill(0, 17, ['color' => '#000000', 'offsetX' => ['value' => 0, 'unit' => 'px'], 'offsetY' => ['value' => 1, 'unit' => 'px'], 'blur' => ['value' => 2, 'unit' => 'px'], 'spread' => ['value' => 0, 'unit' => 'px']]), '$type' => 'shadow']], 'a.$value: at most 16 shadows'],
    'a description that is none' => [['a' => ['$value' => 1, '$type' => 'number', '$description' => ['for' => 'gaps']]], 'a.$description: text of at most 2,000 characters'],
    'a group that extends another' => [['a' => ['$extends' => '{b}', 'c' => ['$value' => 1, '$type' => 'number']]], 'a.$extends: groups that extend others cannot be read yet'],
    'a token for a whole group' => [['a' => ['$root' => ['$value' => 1, '$type' => 'number']]], 'a token that stands for its whole group cannot be read yet'],
    'a reference by pointer' => [['a' => ['$ref' => '#/b', '$type' => 'number']], 'a.$ref: references by pointer cannot be read yet'],
    'more than 4 MB' => [str_repeat(' ', 4 * 1024 * 1024 + 1), 'a file of design tokens may have up to 4 MB'],
    'groups 13 deep' => [array_reduce(range(1, 14), fn (array $in): array => ['g' => $in], ['$value' => 1, '$type' => 'number']), 'groups lie at most 12 deep'],
    'a name of 201 characters' => [[str_repeat('n', 201) => ['$value' => 1, '$type' => 'number']], 'at most 200 characters together'],
    'more about a token than is kept' => [['a' => ['$value' => 1, '$type' => 'number', '$extensions' => ['long' => str_repeat('x', 20_001)]]], 'a: what a token says may have up to 20,000 characters'],
]);

it('takes what lies just within its limits', function (array $file): void {
    expect(tokensIn($file))->toHaveCount(1);
})->with([
    'groups 12 deep' => [array_reduce(range(1, 12), fn (array $in): array => ['g' => $in], ['t' => ['$value' => 1, '$type' => 'number']])],
    'a name of 200 characters' => [[str_repeat('n', 200) => ['$value' => 1, '$type' => 'number']]],
    'sixteen shadows' => [['a' => ['$value' => array_fill(0, 16, ['color' => '#000000', 'offsetX' => ['value' => 0, 'unit' => 'px'], 'offsetY' => ['value' => 1, 'unit' => 'px'], 'blur' => ['value' => 2, 'unit' => 'px'], 'spread' => ['value' => 0, 'unit' => 'px']]), '$type' => 'shadow']]],
    'a length of 0 without a unit' => [['a' => ['$value' => 0, '$type' => 'dimension']]],
]);

it('writes custom properties of CSS, with var() for what stands for another', function (): void {
    $css = TokenCss::write(Themes::of(Sample::tree()->put(Entity::Token, ...tokensIn(TOKEN_FILE))));
    expect($css)->toContain("    /* Actions */\n    --colour-clay: #b4472e;")->toContain('--colour-accent: var(--colour-clay);')->toContain('--space-m: 0.5rem;')->toContain('--heading: 800 42px/1.25 "Hanken Grotesk";')
        ->and(substr_count($css, '--heading-letter-spacing'))->toBe(1)->and($css)->not->toContain('data-theme');
});
