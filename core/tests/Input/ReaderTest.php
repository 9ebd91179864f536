<?php

declare(strict_types=1);

use Kindred\Document\Style\StrokePosition;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

it('gives typed values and names the place of whatever is wrong', function (callable $read, mixed $value, mixed $expected, ?string $problem): void {
    $in = Reader::of(['layers' => [['fill' => $value]]])->list('layers', fn (Reader $layer): Reader => $layer)[0];
    if ($problem === null) {
        expect($read($in))->toBe($expected);
    } else {
        expect(fn () => $read($in))->toThrow(InvalidInput::class, "layers[0].fill: {$problem}");
    }
})->with([
    'text' => [fn (Reader $in) => $in->string('fill', 5), 'clay', 'clay', null],
    'text at its limit, counted in characters' => [fn (Reader $in) => $in->string('fill', 5), 'éàüßñ', 'éàüßñ', null],
    'text one past its limit' => [fn (Reader $in) => $in->string('fill', 5), 'éàüßñx', null, 'the text is longer than 5 characters'],
    'text that is a number' => [fn (Reader $in) => $in->string('fill'), 5, null, 'text is expected here'],
    'text that is no UTF-8' => [fn (Reader $in) => $in->string('fill'), "cl\xFFay", null, 'the text is not valid UTF-8'],
    'text of spaces where some is needed' => [fn (Reader $in) => $in->string('fill', 9, false), "  \n", null, 'this cannot be empty'],
    'a name' => [fn (Reader $in) => $in->name('fill'), "  Big\t\tkiln\u{0007} two ", 'Big kiln two', null],
    'a name that is nothing' => [fn (Reader $in) => $in->name('fill'), '', null, 'this cannot be empty'],
    'a number' => [fn (Reader $in) => $in->number('fill'), 12, 12.0, null],
    'a number at its limit' => [fn (Reader $in) => $in->number('fill', 0, 4), 4.0, 4.0, null],
    'a number past its limit' => [fn (Reader $in) => $in->number('fill', 0.5, 4), 4.001, null, 'the number must lie between 0.5 and 4'],
    'a number in words' => [fn (Reader $in) => $in->number('fill'), '12', null, 'a number is expected here'],
    'no number at all' => [fn (Reader $in) => $in->number('fill'), NAN, null, 'a number is expected here'],
    'a number without end' => [fn (Reader $in) => $in->number('fill'), INF, null, 'a number is expected here'],
    'a number that may be missing' => [fn (Reader $in) => $in->numberOr('width', 7), 1, 7.0, null],
    'a whole number' => [fn (Reader $in) => $in->whole('fill', 0, 9), 3.0, 3, null],
    'a part of one' => [fn (Reader $in) => $in->whole('fill', 0, 9), 3.5, null, 'a whole number is expected here'],
    'yes' => [fn (Reader $in) => $in->boolean('fill'), true, true, null],
    'yes in words' => [fn (Reader $in) => $in->boolean('fill'), 'true', null, 'true or false is expected here'],
    'yes or no that may be missing' => [fn (Reader $in) => $in->boolean('locked', false), 1, false, null],
    'a choice' => [fn (Reader $in) => $in->enum('fill', StrokePosition::class), 'outside', StrokePosition::Outside, null],
    'no choice' => [fn (Reader $in) => $in->enum('fill', StrokePosition::class), 'beside', null, 'one of these is expected: inside, centre, outside'],
    'an id' => [fn (Reader $in) => $in->id('fill'), 'n1ab', 'n1ab', null],
    'an id of 26' => [fn (Reader $in) => $in->id('fill'), 'a'.str_repeat('1', 25), 'a'.str_repeat('1', 25), null],
    'an id of 27' => [fn (Reader $in) => $in->id('fill'), 'a'.str_repeat('1', 26), null, 'an id is 4 to 26 letters'],
    'an id that begins with a digit' => [fn (Reader $in) => $in->id('fill'), '1abc', null, 'an id is 4 to 26 letters'],
    'an id with a line break after it' => [fn (Reader $in) => $in->id('fill'), "abcd\n", null, 'an id is 4 to 26 letters'],
    'ids, each once' => [fn (Reader $in) => $in->ids('fill'), ['abcd', 'efgh', 'abcd'], ['abcd', 'efgh'], null],
    'too few ids' => [fn (Reader $in) => $in->ids('fill', 1, 3), [], null, 'between 1 and 3 entries are expected'],
    'too many ids' => [fn (Reader $in) => $in->ids('fill', 1, 1), ['abcd', 'efgh'], null, 'between 1 and 1 entries are expected'],
    'a list with names in it' => [fn (Reader $in) => $in->ids('fill'), ['a' => 'abcd'], null, 'a list is expected here'],
    'an object that is a list of nothing' => [fn (Reader $in) => $in->object('fill')->raw(), [], [], null],
    'an object that is text' => [fn (Reader $in) => $in->object('fill'), 'x', null, 'an object is expected here'],
    'an object that is not there' => [fn (Reader $in) => $in->optional('stroke'), 1, null, null],
]);

it('names places at every depth', function (): void {
    $in = Reader::of(['screens' => [['layers' => []], ['layers' => [['corners' => ['topLeft' => 'round']]]]]]);
    $read = fn () => $in->list('screens', fn (Reader $screen) => $screen->list('layers', fn (Reader $layer) => $layer->object('corners')->number('topLeft')));
    expect($read)->toThrow(InvalidInput::class, 'screens[1].layers[0].corners.topLeft: a number is expected here');
});

it('says where and what apart, for the field that it is about', function (): void {
    try {
        Reader::of(['x' => 'far'])->number('x');
    } catch (InvalidInput $problem) {
        expect([$problem->place, $problem->problem])->toBe(['x', 'a number is expected here']);
    }
});
