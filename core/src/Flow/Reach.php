<?php

declare(strict_types=1);

namespace Kindred\Flow;

/** Which screens a rehearsal can come to from where it starts, by whatever its cues wait for. */
final class Reach
{
    /**
     * @param  array{entry: string|null, states: list<array{id: string, cues: array<string, list<int>>, waits: list<int>, ...}>, cues: list<array{actions: list<array{kind: string, screen?: string, ...}>, otherwise: list<array{kind: string, screen?: string, ...}>, ...}>, ...}  $table  a programme
     * @return array<string, true> by screen
     */
    public static function of(array $table): array
    {
        $leads = [];
        foreach ($table['states'] as $state) {
            foreach ([...array_merge([], ...array_values($state['cues'])), ...$state['waits']] as $cue) {
                foreach ([...$table['cues'][$cue]['actions'], ...$table['cues'][$cue]['otherwise']] as $action) {
                    if (isset($action['screen'])) {
                        $leads[$state['id']][$action['screen']] = true;
                    }
                }
            }
        }
        $reached = $table['entry'] === null ? [] : [$table['entry'] => true];
        $open = array_keys($reached);
        while ($open !== []) {
            $screen = array_shift($open);
            foreach (array_keys($leads[$screen] ?? []) as $next) {
                if (! isset($reached[$next])) {
                    $reached[$next] = true;
                    $open[] = $next;
                }
            }
        }

        return $reached;
    }
}
