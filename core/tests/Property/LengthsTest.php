<?php

declare(strict_types=1);

use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** A box with an outline, after its dashes were typed. */
function dashed(string $typed): Tree
{
    $file = Sample::file();
    $file['screens'][0]['layers'] = [['id' => 'ticket', 'kind' => 'box', 'name' => 'Ticket', 'x' => 0, 'y' => 0, 'width' => 80, 'height' => 40, 'strokes' => [['colour' => '#000000', 'width' => 1]]]];

    return Sample::after(ProjectFile::read((string) json_encode($file))->tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['ticket'], 'field' => 'strokes.0.dash', 'value' => $typed]);
}

it('takes dashes as they are typed, and comes back from a file', function (string $typed, array $dashes): void {
    $tree = dashed($typed);
    expect($tree->layer('ticket')->strokes[0]->dash)->toBe($dashes)
        ->and(ProjectFile::read(Sample::written(new ProjectFile($tree, [])))->tree->layer('ticket')->strokes[0]->dash)->toBe($dashes);
})->with([['4 2', [4.0, 2.0]], ['4, 2', [4.0, 2.0]], ['  6.5  ', [6.5]], ['1 2 3 4 5 6 7 8', [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0]], ['', []]]);

it('refuses what are no lengths, and says what is', function (string $typed, string $said): void {
    expect(fn () => dashed($typed))->toThrow(InvalidInput::class, $said);
})->with([
    'words' => ['long short', 'Dashes are lengths in px with spaces between them, like 4 2'], 'one word among numbers' => ['4 x', 'Dashes are lengths'],
    'less than nothing' => ['4 -2', 'lengths lie between 0 and'], 'nine of them' => ['1 2 3 4 5 6 7 8 9', '8'],
]);
