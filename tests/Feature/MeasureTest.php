<?php

declare(strict_types=1);

/**
 * What `kindred:measure` prints for a file, decoded, or the exit code with what it says.
 *
 * @param  array<string, mixed>|string  $file
 * @return array{int, mixed, string}
 */
function measured(array|string $file, string ...$options): array
{
    $path = tempnam(sys_get_temp_dir(), 'kindred');
    file_put_contents($path, is_string($file) ? $file : json_encode($file));
    $run = proc_open([PHP_BINARY, base_path('artisan'), 'kindred:measure', $path, ...$options], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
    [$out, $err] = [stream_get_contents($pipes[1]), stream_get_contents($pipes[2])];
    $code = proc_close($run);
    unlink($path);

    return [$code, json_decode($out, true), $err];
}

/** A file as a person writes it by hand, with nothing that follows from the rest. */
function handWritten(): array
{
    $style = ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.5];

    return ['format' => 'kindred-canvas', 'version' => 2, 'name' => 'By hand', 'screens' => [['id' => 'form', 'name' => 'Form', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'layers' => [
        ['id' => 'page', 'kind' => 'stack', 'name' => 'Page', 'x' => 0, 'y' => 60, 'width' => 390, 'direction' => 'column', 'rowGap' => 12, 'padding' => ['left' => 24, 'right' => 24],
            'sizing' => ['height' => 'content'], 'pins' => ['left' => true, 'right' => true, 'top' => true], 'children' => [
                ['id' => 'label', 'kind' => 'text', 'words' => 'Which shelf of the kiln do the pieces of this firing go on, and whose are they?', 'wrapped' => true, 'style' => $style, 'sizing' => ['width' => 'stretch']],
                ['id' => 'field', 'kind' => 'box', 'height' => 48, 'sizing' => ['width' => 'stretch']],
            ]],
    ]]]];
}

it('prints the computed box of every layer', function (): void {
    [$code, $boxes] = measured(handWritten());
    expect($code)->toBe(0)->and(array_column($boxes, null, 'id'))->toMatchArray([
        'page' => ['screen' => 'form', 'id' => 'page', 'name' => 'Page', 'x' => 0, 'y' => 60, 'width' => 390, 'height' => 108],
        'label' => ['screen' => 'form', 'id' => 'label', 'name' => 'Which shelf of the kiln do the …', 'x' => 24, 'y' => 60, 'width' => 342, 'height' => 48, 'lines' => ['Which shelf of the kiln do the pieces of this', 'firing go on, and whose are they?']],
        'field' => ['screen' => 'form', 'id' => 'field', 'name' => 'Box', 'x' => 24, 'y' => 120, 'width' => 342, 'height' => 48],
    ]);
});

it('lays a screen out on another device', function (): void {
    [, $boxes] = measured(handWritten(), '--screen=Form', '--device=Tablet');
    expect(array_column($boxes, null, 'id'))->toMatchArray([
        'label' => ['screen' => 'form', 'id' => 'label', 'name' => 'Which shelf of the kiln do the …', 'x' => 24, 'y' => 60, 'width' => 772, 'height' => 24, 'lines' => ['Which shelf of the kiln do the pieces of this firing go on, and whose are they?']],
        'field' => ['screen' => 'form', 'id' => 'field', 'name' => 'Box', 'x' => 24, 'y' => 96, 'width' => 772, 'height' => 48],
    ]);
});

it('says what is wrong on the error stream and prints nothing else', function (array|string $file, array $options, int $code, string $problem): void {
    expect(measured($file, ...$options))->toMatchArray([0 => $code, 1 => null])->and(measured($file, ...$options)[2])->toContain($problem);
})->with([
    ['not JSON', [], 1, 'The file is not JSON'],
    [fn (): array => array_replace_recursive(handWritten(), ['screens' => [['layers' => [['children' => [1 => ['height' => null]]]]]]]), [], 1, 'screens[0].layers[0].children[1].height: a number is expected here'],
    [fn (): array => handWritten(), ['--screen=cellar'], 2, 'There is no such screen in the file; it holds form (Form).'],
    [fn (): array => handWritten(), ['--device=abacus'], 2, 'There is no such device; known are phone-small, phone'],
]);
