<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Input\Reader;
use Kindred\Render\Drawing\Ribbon;
use Kindred\Tests\Sample;

function gradientOf(string $from, string $to): LinearGradient
{
    return LinearGradient::read(Reader::of(['stops' => [['colour' => $from, 'at' => 0], ['colour' => $to, 'at' => 1]]]));
}

/** @return list<array{d: string, colour: string, cap: string}> what a ribbon is put together of */
function piecesOf(string $drawn): array
{
    preg_match_all('/<path d="([^"]+)"([^>]*)\/>/', $drawn, $found, PREG_SET_ORDER);

    return array_map(fn (array $one): array => ['d' => $one[1], 'colour' => preg_match('/stroke="([^"]+)"/', $one[2], $match) === 1 ? $match[1] : '', 'cap' => preg_match('/stroke-linecap="([^"]+)"/', $one[2], $match) === 1 ? $match[1] : ''], $found);
}

it('is made of pieces that follow each other along the whole line, from the first colour to the last', function (): void {
    $pieces = piecesOf((new Ribbon(gradientOf('#ff0000', '#0000ff')))->painted($path = Curves::of(PathData::parse('M0 0L100 0C150 0 150 80 100 80')), 6, [], 1.0));
    $length = $path->subpaths[0]->curve(0)->length() + $path->subpaths[0]->curve(1)->length(256);
    $all = 0.0;
    $before = null;
    foreach ($pieces as $i => ['d' => $d]) {
        [$one] = Curves::of(PathData::parse($d))->subpaths;
        $own = 0.0;
        for ($at = 0; $at < $one->count(); $at++) {
            $own += $one->curve($at)->length(64);
        }
        // Each reaches a little under the next.
        $all += $own - ($i < count($pieces) - 1 ? 0.6 : 0.0);
        expect($before === null ? 0.0 : $one->nodes[0]->at->minus($before)->length())->toBeLessThan(0.65);
        $before = $one->nodes[count($one->nodes) - 1]->at;
    }
    expect($all)->toEqualWithDelta($length, 0.3)->and(count($pieces))->toBeGreaterThan(100)->toBeLessThan(400)
        ->and($pieces[0]['colour'])->toStartWith('#fe00')->and($pieces[count($pieces) - 1]['colour'])->toEndWith('fe');
});

it('has ends of the colours that are there, and one opacity where its colours have', function (): void {
    $line = Curves::of(PathData::parse('M0 0L40 0'));
    $round = piecesOf((new Ribbon(gradientOf('#ff0000', '#0000ff')))->painted($line, 6, ['stroke-linecap' => 'round'], 1.0));
    expect(array_column(array_slice($round, 0, 3), 'cap'))->toBe(['round', 'round', ''])->and(array_column(array_slice($round, 0, 2), 'colour'))->toBe(['#ff0000', '#0000ff']);
    expect((new Ribbon(gradientOf('#ff000080', '#0000ff80')))->painted($line, 6, [], 0.5))->toContain('opacity="0.251"')
        ->and((new Ribbon(gradientOf('#ff0000', '#0000ff00')))->painted($line, 6, [], 1.0))->toContain('crispEdges')
        ->and((new Ribbon(gradientOf('#ff0000', '#ff0000')))->painted($line, 6, [], 1.0))->toContain('M0 0L40 0')
        ->and((new Ribbon(gradientOf('#ff0000', '#0000ff')))->painted(Curves::of(PathData::parse('M5 5')), 6, [], 1.0))->toBe('');
});

it('is drawn where a stroke says so, and its marks take the colours of its ends', function (): void {
    $layer = fn (array $more): Layer => Layer::read(Reader::of(['kind' => 'path', 'd' => 'M0 0L90 40', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 40, 'strokes' => [$more + ['kind' => 'linear', 'stops' => [['colour' => '#ff0000', 'at' => 0], ['colour' => '#0000ff', 'at' => 1]], 'width' => 4, 'start' => 'dot', 'end' => 'arrow']]]), id: 'route', rank: 'm');
    $svg = fn (array $more): string => Sample::renderer()->layer(Sample::tree(), $layer($more), Sample::rendering());
    expect($svg(['along' => true]))->not->toContain('linearGradient')->toContain('fill="#ff0000"')->toContain('fill="#0000ff"')
        ->and($svg([]))->toContain('linearGradient')
        ->and($layer(['along' => true])->toArray()['strokes'][0]['along'])->toBeTrue()->and($layer([])->toArray()['strokes'][0])->not->toHaveKey('along');
});
