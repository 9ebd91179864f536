<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Computed;
use Kindred\Tests\Sample;

/** @param  array<string, mixed>  ...$tokens */
function withTokens(array ...$tokens): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'put-tokens', 'tokens' => $tokens === [] ? [['id' => 'clay', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#b4472e']] : $tokens]);
}

/** @param  list<string>  $layers */
function boundTo(Tree $tree, array $layers, string $field, ?string $token): Tree
{
    return Sample::after($tree, ['type' => 'bind-token', 'screen' => 'home', 'layers' => $layers, 'field' => $field, 'token' => $token]);
}

function colourOf(Tree $tree, string $layer): string
{
    return (string) $tree->layer($layer)->colour()?->toHex();
}

/** @return array<string, string> */
function bindingsOf(Tree $tree, string $layer): array
{
    return Bindings::of($tree->layer($layer));
}

it('gives layers the value of a token they are bound to, and each later one', function (): void {
    $tree = boundTo(withTokens(), ['boxa', 'words'], 'fills.0.colour', 'clay');
    expect(colourOf($tree, 'boxa'))->toBe('#b4472e')->and(colourOf($tree, 'words'))->toBe('#b4472e')->and(bindingsOf($tree, 'boxa'))->toBe(['fills.0.colour' => 'clay']);

    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'value' => 'teal']]]);
    expect(colourOf($later, 'boxa'))->toBe('#008080')->and(colourOf($later, 'words'))->toBe('#008080')->and(colourOf($later, 'left'))->toBe('#17594f');

    // Only the token is somebody's edit, and taking it back takes all back.
    $step = Difference::between($tree, $later);
    expect(count($step->changes))->toBe(3)->and(Computed::touched($step, $tree, $later))->toBe(['clay items']);
    $back = Sample::consequences()->replayed($later, Computed::without($step, $tree, $later)->inverse());
    expect(Sample::plain($back))->toEqual(Sample::plain($tree));
});

it('keeps the value when a layer is detached, and lets it be when a raw one is set by hand', function (): void {
    $tree = boundTo(withTokens(), ['boxa', 'left'], 'fills.0.colour', 'clay');
    $detached = boundTo($tree, ['boxa'], 'fills.0.colour', null);
    expect(bindingsOf($detached, 'boxa'))->toBe([])->and(colourOf($detached, 'boxa'))->toBe('#b4472e')->and(bindingsOf($detached, 'left'))->toBe(['fills.0.colour' => 'clay']);

    $raw = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills.0.colour', 'value' => '#000']);
    expect(bindingsOf($raw, 'boxa'))->toBe([]);
    $other = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fills.0.opacity', 'value' => '50%']);
    expect(bindingsOf($other, 'boxa'))->toBe(['fills.0.colour' => 'clay']);
    // It stays with its fill, wherever that lies.
    $above = Sample::after($tree, ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['boxa'], 'list' => 'fills', 'entry' => ['colour' => '#ffffff']]);
    expect(array_values(bindingsOf($above, 'boxa')))->toBe(['clay'])->and(count($above->layer('boxa')->fills))->toBe(2);
    $later = Sample::after($above, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'value' => '#112233']]]);
    expect(array_map(fn ($fill): string => $fill->colour()->toHex(), $later->layer('boxa')->fills))->toContain('#112233');
});

it('binds lengths, type, gradients and shadows, and lays out what follows', function (): void {
    $tree = withTokens(
        ['id' => 'radius', 'name' => 'radius.card', 'kind' => 'dimension', 'value' => 12],
        ['id' => 'heading', 'name' => 'type.heading', 'kind' => 'typography', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 700, 'size' => 32, 'lineHeight' => 1.2]],
        ['id' => 'glow', 'name' => 'gradient.glow', 'kind' => 'gradient', 'paint' => ['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#a94c31', 'at' => 0], ['colour' => '#d9a441', 'at' => 1]]]],
        ['id' => 'lift', 'name' => 'shadow.lift', 'kind' => 'shadow', 'shadows' => [['colour' => '#00000033', 'offsetY' => 4, 'blur' => 16]]],
        ['id' => 'half', 'name' => 'half', 'kind' => 'number', 'value' => 0.5],
        ['id' => 'space', 'name' => 'space.m', 'kind' => 'dimension', 'value' => 1, 'unit' => 'rem'],
    );
    foreach (['corners' => 'radius', 'fills.0.paint' => 'glow', 'effects.0.effect' => 'lift', 'opacity' => 'half'] as $field => $token) {
        $tree = boundTo($tree, ['boxa'], $field, $token);
    }
    $box = $tree->layer('boxa');
    expect($box->corners->same())->toBe(12.0)->and($box->fills[0]->paint::kind())->toBe('linear')->and(count($box->effects))->toBe(1)->and($box->opacity)->toBe(0.5)->and(count(Bindings::of($box)))->toBe(4);

    $tall = $tree->layer('words')->box->height;
    $tree = boundTo($tree, ['words'], 'style', 'heading');
    expect($tree->layer('words')->box->height)->toBeGreaterThan($tall);
    $tree = Sample::after($tree, ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['group'], 'seed' => 'stacked']);
    $stack = array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->kind() === 'stack'))[0];
    $tree = boundTo($tree, [$stack->id], 'columnGap', 'space');
    $right = $tree->layer('right')->box->x;
    expect($right)->toBe(116.0);
    $wide = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'space', 'value' => 3], ['id' => 'heading', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 12, 'lineHeight' => 1.2]]]]);
    expect($wide->layer('right')->box->x)->toBe(100.0 + 48)->and($wide->layer('words')->box->height)->toBeLessThan($tall);
    // How words are aligned is each text's own; their size is the token's.
    $set = fn (string $field, string $value): Tree => Sample::after($wide, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => $field, 'value' => $value]);
    expect(bindingsOf($set('style.align', 'center'), 'words'))->toBe(['style' => 'heading'])->and(bindingsOf($set('style.size', '40'), 'words'))->toBe([]);
    $content = $wide->layer('words')->content;
    expect($content instanceof Text ? $content->style->weight : 0)->toBe(400);
});

it('refuses what a property cannot be', function (string $field, string $token): void {
    $tree = withTokens(['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'space', 'name' => 'space', 'kind' => 'dimension', 'value' => 16]);
    expect(fn () => boundTo($tree, ['boxa'], $field, $token))->toThrow(InvalidInput::class, 'is no value of');
})->with([['corners', 'clay'], ['fills.0.colour', 'space'], ['opacity', 'space'], ['rotation', 'space'], ['name', 'space'], ['box', 'space'], ['style.size', 'space'], ['nothing.at.all', 'clay'], ['id', 'clay']]);

it('lets tokens stand for each other, in parts too, but not in a circle', function (): void {
    $tree = withTokens(
        ['id' => 'clay', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#b4472e'],
        ['id' => 'accent', 'name' => 'colour.accent', 'kind' => 'color', 'value' => '#000000', 'bound' => ['value' => 'clay']],
        ['id' => 'action', 'name' => 'button.ground', 'kind' => 'color', 'value' => '#000000', 'bound' => ['value' => 'accent']],
        ['id' => 'lift', 'name' => 'lift', 'kind' => 'shadow', 'shadows' => [['colour' => '#000000', 'blur' => 4]], 'bound' => ['shadows.0.colour' => 'action']],
    );
    $tree = boundTo($tree, ['boxa'], 'fills.0.colour', 'action');
    expect(colourOf($tree, 'boxa'))->toBe('#b4472e');
    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'value' => '#17594f']]]);
    expect(colourOf($later, 'boxa'))->toBe('#17594f')->and(Bindings::tokens($later)['lift']->value->css())->toContain('#17594f');
    expect(Computed::touched(Difference::between($tree, $later), $tree, $later))->toBe(['clay items']);
    expect(fn () => Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'bound' => ['value' => 'action']]]]))
        ->toThrow(InvalidInput::class, '“colour.clay” → “button.ground” → “colour.accent” → “colour.clay”');
    // What gets a value of its own stands for no other any more.
    $own = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'accent', 'value' => '#ffffff']]]);
    expect(colourOf($own, 'boxa'))->toBe('#ffffff')->and(Bindings::tokens($own)['accent']->bound)->toBe([]);
});

it('removes a token: what was bound keeps its value, or follows another one', function (): void {
    $tree = boundTo(withTokens(['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'moss', 'name' => 'moss', 'kind' => 'color', 'value' => '#3f5d4a'], ['id' => 'space', 'name' => 'space', 'kind' => 'dimension', 'value' => 4]), ['boxa'], 'fills.0.colour', 'clay');
    $gone = Sample::after($tree, ['type' => 'remove-token', 'token' => 'clay']);
    expect(colourOf($gone, 'boxa'))->toBe('#b4472e')->and(bindingsOf($gone, 'boxa'))->toBe([])->and(array_keys(Bindings::tokens($gone)))->not->toContain('clay');
    $moss = Sample::after($tree, ['type' => 'remove-token', 'token' => 'clay', 'by' => 'moss']);
    expect(colourOf($moss, 'boxa'))->toBe('#3f5d4a')->and(bindingsOf($moss, 'boxa'))->toBe(['fills.0.colour' => 'moss']);
    expect(fn () => Sample::after($tree, ['type' => 'remove-token', 'token' => 'clay', 'by' => 'space']))->toThrow(InvalidInput::class, 'cannot take the place');
    $back = Difference::between($tree, $moss)->inverse()->applyTo($moss);
    expect(Sample::plain($back))->toEqual(Sample::plain($tree))->and(Bindings::tokens($back))->toHaveKey('clay');
});

it('binds the background of screens', function (): void {
    $tree = Sample::after(withTokens(), ['type' => 'bind-screens', 'screens' => ['home', 'next'], 'token' => 'clay']);
    expect($tree->screen('home')->ground->toHex())->toBe('#b4472e')->and(Bindings::of($tree->screen('next')))->toBe(['ground' => 'clay']);
    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'text' => 'teal']]]);
    $step = Difference::between($tree, $later);
    expect($later->screen('next')->ground->toHex())->toBe('#008080')->and(Computed::touched($step, $tree, $later))->toBe(['clay items']);
    expect(Sample::plain(Sample::consequences()->replayed($later, Computed::without($step, $tree, $later)->inverse())))->toEqual(Sample::plain($tree));
    $raw = Sample::after($later, ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'ground', 'value' => '#fff']);
    expect(Bindings::of($raw->screen('home')))->toBe([])->and(Bindings::of($raw->screen('next')))->toBe(['ground' => 'clay']);
    $gone = Sample::after($later, ['type' => 'remove-token', 'token' => 'clay']);
    expect($gone->screen('next')->ground->toHex())->toBe('#008080')->and(Bindings::of($gone->screen('next')))->toBe([]);
    expect(fn () => Sample::after(withTokens(['id' => 'space', 'name' => 'space', 'kind' => 'dimension', 'value' => 4]), ['type' => 'bind-screens', 'screens' => ['home'], 'token' => 'space']))->toThrow(InvalidInput::class, '“space” is no value of background of a screen');
});

it('binds all that has the very colour of a token, and nothing that is bound already', function (): void {
    $tree = withTokens(['id' => 'spruce', 'name' => 'spruce', 'kind' => 'color', 'value' => '#17594f'], ['id' => 'same', 'name' => 'same', 'kind' => 'color', 'value' => '#17594f']);
    $tree = boundTo($tree, ['left'], 'fills.0.paint', 'same');
    $tree = Sample::after($tree, ['type' => 'add-to-list', 'screen' => 'home', 'layers' => ['icon'], 'list' => 'fills', 'entry' => ['kind' => 'linear', 'stops' => [['colour' => '#17594f', 'at' => 0], ['colour' => '#ffffff', 'at' => 1]]]]);
    $adopted = Sample::after($tree, ['type' => 'adopt-token', 'token' => 'spruce', 'colour' => '#17594f']);
    expect(bindingsOf($adopted, 'boxa'))->toBe(['fills.0.paint' => 'spruce'])->and(bindingsOf($adopted, 'left'))->toBe(['fills.0.paint' => 'same'])->and(bindingsOf($adopted, 'icon'))->toBe(['fills.0.stops.0.colour' => 'spruce'])
        ->and(bindingsOf($adopted, 'words'))->toBe([])->and(colourOf($adopted, 'boxa'))->toBe('#17594f');
    expect(fn () => Sample::after($adopted, ['type' => 'adopt-token', 'token' => 'spruce', 'colour' => '#17594f']))->toThrow(InvalidInput::class, 'Nothing else has the colour')
        ->and(fn () => Sample::after($tree, ['type' => 'adopt-token', 'token' => 'spruce', 'colour' => '#000000']))->toThrow(InvalidInput::class, 'has another colour by now');
});

it('makes a token of a value once, and binds layers of other screens to the same', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'transfer-layers', 'screen' => 'home', 'to' => 'next', 'layers' => ['icon'], 'dx' => 0, 'dy' => 0]);
    $make = fn (string $screen, string $layer): array => ['type' => 'make-token', 'screen' => $screen, 'layers' => [$layer], 'field' => 'fills.0.paint', 'id' => 'made', 'name' => 'made'];
    $made = Sample::after($tree, $make('home', 'boxa'), $make('next', 'icon'));
    expect(bindingsOf($made, 'icon'))->toBe(['fills.0.paint' => 'made'])->and(colourOf($made, 'icon'))->toBe('#17594f')
        ->and(fn () => Sample::after($made, ['id' => 'twice', 'layers' => ['left']] + $make('home', 'left')))->toThrow(InvalidInput::class, 'There is a token “made” already');
    expect(fn () => Sample::after($tree, ['field' => 'name'] + $make('home', 'boxa')))->toThrow(InvalidInput::class, 'nothing there');
});

it('stays in order however many tokens come', function (): void {
    $tree = Sample::tree();
    foreach (range(1, 60) as $i) {
        $tree = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => "token{$i}", 'name' => "t{$i}", 'kind' => 'number', 'value' => $i]]]);
    }
    expect(array_keys(Token::inOrder(Bindings::tokens($tree))))->toBe(array_map(fn (int $i): string => "token{$i}", range(1, 60)));
});

it('wants names of its own, groups that are none, and says what is wrong', function (array $token, string $said): void {
    expect(fn () => Sample::after(withTokens(), ['type' => 'put-tokens', 'tokens' => [$token]]))->toThrow(InvalidInput::class, $said);
})->with([
    'the same name' => [['id' => 'other', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#fff'], 'There is a token “colour.clay” already'],
    'a token as a group' => [['id' => 'other', 'name' => 'colour.clay.dark', 'kind' => 'color', 'value' => '#fff'], '“colour.clay” is a token'],
    'a group as a token' => [['id' => 'other', 'name' => 'colour', 'kind' => 'color', 'value' => '#fff'], '“colour” is a token'],
    'a brace' => [['id' => 'other', 'name' => 'a{b}', 'kind' => 'color', 'value' => '#fff'], 'a token is named'],
    'no colour' => [['id' => 'other', 'name' => 'other', 'kind' => 'color', 'value' => 'claylike'], 'is not a colour'],
    'no kind' => [['id' => 'other', 'name' => 'other', 'kind' => 'sound', 'value' => 1], 'one of these is expected'],
]);

it('keeps tokens, and what is bound, in project files', function (): void {
    $tree = boundTo(withTokens(), ['boxa'], 'fills.0.colour', 'clay');
    $again = ProjectFile::read(Sample::written(new ProjectFile($tree)))->tree;
    expect(bindingsOf($again, 'boxa'))->toBe(['fills.0.colour' => 'clay'])->and(array_map(fn (Token $token): array => array_diff_key($token->toArray(), ['rank' => 1]), Bindings::tokens($again)))->toEqual(array_map(fn (Token $token): array => array_diff_key($token->toArray(), ['rank' => 1]), Bindings::tokens($tree)));
});

it('binds the motion of cues, of layers and of screens, and follows it', function (): void {
    $cue = ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'next'], 'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => 300, 'delay' => 0, 'easing' => 'ease-out']];
    $tree = Sample::after(withTokens(['id' => 'quick', 'name' => 'motion.quick', 'kind' => 'duration', 'text' => '180ms'], ['id' => 'calm', 'name' => 'motion.calm', 'kind' => 'cubicBezier', 'text' => 'ease-in-out'], ['id' => 'slow', 'name' => 'motion.slow', 'kind' => 'duration', 'text' => '20s']),
        ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => $cue], ['type' => 'put-cue', 'screen' => 'home', 'cue' => ['id' => 'cue2', 'trigger' => ['kind' => 'delay', 'delay' => 500]] + $cue]);
    $tree = boundTo(boundTo($tree, ['boxa'], 'cues.0.actions.0.transition.duration', 'quick'), ['boxa'], 'cues.0.actions.0.transition.easing', 'calm');
    $tree = Sample::after($tree, ['type' => 'bind-screens', 'screens' => ['home'], 'field' => 'cues.0.actions.0.transition.duration', 'token' => 'quick']);
    $motion = fn (Tree $of): array => [$of->layer('boxa')->cues[0]->actions[0]->transition?->duration, $of->layer('boxa')->cues[0]->actions[0]->transition?->easing->css(), $of->screen('home')->cues[0]->actions[0]->transition?->duration];
    expect($motion($tree))->toBe([180, 'ease-in-out', 180]);
    $later = Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [['id' => 'quick', 'text' => '0.24s'], ['id' => 'calm', 'text' => 'linear']]]);
    expect($motion($later))->toBe([240, 'linear', 240]);
    $step = Difference::between($tree, $later);
    expect(Sample::plain(Sample::consequences()->replayed($later, Computed::without($step, $tree, $later)->inverse())))->toEqual(Sample::plain($tree));
    $raw = Sample::after($later, ['type' => 'set-cue-field', 'screen' => 'home', 'layer' => 'boxa', 'cue' => 'cue1', 'field' => 'actions.0.transition.duration', 'value' => '500']);
    expect($raw->layer('boxa')->cues[0]->actions[0]->transition?->bound)->toBe(['easing' => 'calm']);
    // Longer than a transition may take.
    expect(fn () => boundTo($tree, ['boxa'], 'cues.0.actions.0.transition.duration', 'slow'))->toThrow(InvalidInput::class, 'is no value of');
    expect(fn () => Sample::after($tree, ['type' => 'bind-screens', 'screens' => ['home'], 'field' => 'name', 'token' => 'quick']))->toThrow(InvalidInput::class, 'cannot be bound');
});
