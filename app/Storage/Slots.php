<?php

declare(strict_types=1);

namespace App\Storage;

/** A few at a time, on this machine: work that takes much memory waits for its turn. */
final class Slots
{
    /**
     * @template T
     *
     * @param  int  $many  how many may be at it at once
     * @param  float  $patience  seconds to wait for a turn
     * @param  callable(): T  $work
     * @return T
     *
     * @throws Busy when no turn came
     */
    public static function take(string $name, int $many, float $patience, callable $work): mixed
    {
        $until = microtime(true) + $patience;
        do {
            for ($i = 0; $i < $many; $i++) {
                $slot = @fopen(storage_path("framework/cache/slot-{$name}-{$i}"), 'c');
                if ($slot === false) {
                    // Where the mark cannot be written, work goes on without it.
                    return $work();
                }
                if (flock($slot, LOCK_EX | LOCK_NB)) {
                    try {
                        return $work();
                    } finally {
                        fclose($slot);
                    }
                }
                fclose($slot);
            }
            usleep(20_000);
        } while (microtime(true) < $until);

        throw new Busy('The server has much to do at the moment. Nothing was changed; try it again.');
    }
}
