<?php

declare(strict_types=1);

/* Times the rules about the ways between 500 screens with 3,000 cues: and the map of them: prints milliseconds as JSON, beside what it takes to store and read these ways. */

use Kindred\Check\Checker;
use Kindred\Check\OnFlow;
use Kindred\Check\Report;
use Kindred\Check\Rules;
use Kindred\Check\Ways;
use Kindred\Document\Screen;
use Kindred\Flow\Map\Drawing;
use Kindred\Flow\Map\Graph;
use Kindred\Layout\Expansion;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;

require __DIR__.'/../../vendor/autoload.php';

const SCREENS = 500;
const CUES = 6;

mt_srand(3);
$planted = (new Planted)->flowing();
for ($screen = 0; $screen < SCREENS; $screen++) {
    $layers = [];
    for ($cue = 0; $cue < CUES; $cue++) {
        $action = $cue === CUES - 1 ? ['kind' => 'return'] : ['kind' => 'show', 'screen' => sprintf('screen%03d', mt_rand(0, SCREENS - 1))];
        $layers[] = Planted::box("Go {$cue}", 24, 24 + 56 * $cue, 160, 48, '#555555', ['cues' => [['id' => "cue{$screen}x{$cue}", 'trigger' => ['kind' => 'tap'], 'actions' => [$action]]]]);
    }
    $planted = $planted->screen(sprintf('screen%03d', $screen), $layers, ['x' => 480 * ($screen % 100), 'y' => 900 * intdiv($screen, 100)]);
}
$tree = $planted->tree();
$checker = new Checker(Planted::eyes());
$ways = array_merge([], ...array_map(fn (Report $report): array => $report->ways, array_map(fn (Screen $screen): Report => $checker->screen($tree, $screen->id), $tree->hung())));
$took = function (Closure $work): float {
    $times = [];
    for ($i = 0; $i < 9; $i++) {
        $begun = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $begun) / 1e6;
    }
    sort($times);

    return $times[intdiv(count($times), 2)];
};
$found = 0;
$median = $took(function () use ($tree, $ways, &$found): void {
    $all = new Ways($tree, $ways);
    foreach (Rules::ALL as $rule) {
        $found += is_a($rule, OnFlow::class, true) ? count([...$rule::in($all)]) : 0;
    }
});
$expansion = new Expansion(Sample::cells());
$map = $took(fn (): string => (new Drawing(Graph::of($tree, $expansion, Sample::kit())))->svg(fn (): string => ''));
echo json_encode(['median' => $median, 'map' => $map, 'reference' => $took(fn (): mixed => unserialize(serialize($ways))), 'ways' => count($ways), 'screens' => SCREENS, 'found' => $found], JSON_THROW_ON_ERROR);
