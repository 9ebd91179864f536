<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

/** In which order what is read is seen (UAX #9, rule L2). */
final class Order
{
    /**
     * @param  list<int>  $levels  of what is read one after another
     * @return list<int> their numbers, from left to right
     */
    public static function seen(array $levels): array
    {
        $order = array_keys($levels);
        $odd = array_filter($levels, fn (int $level): bool => $level % 2 === 1);
        for ($level = $levels === [] ? 0 : max($levels), $min = $odd === [] ? PHP_INT_MAX : min($odd); $level >= $min; $level--) {
            for ($i = 0, $count = count($order); $i < $count; $i++) {
                $from = $i;
                while ($i < $count && $levels[$order[$i]] >= $level) {
                    $i++;
                }
                if ($i - $from > 1) {
                    array_splice($order, $from, $i - $from, array_reverse(array_slice($order, $from, $i - $from)));
                }
            }
        }

        return $order;
    }
}
