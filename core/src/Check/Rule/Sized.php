<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Size;

/** The same thing is a few px larger or smaller on a sibling screen. */
final class Sized implements Across
{
    use Siblings;

    private const MAX = 8.0;

    public static function key(): string
    {
        return 'sized';
    }

    public static function label(): string
    {
        return 'things of another size from screen to screen';
    }

    public static function source(): string
    {
        return 'ISO 9241-110: what is the same looks the same';
    }

    public static function facts(Scene $scene): array
    {
        $facts = [];
        foreach (self::known($scene) as $key => $one) {
            $layer = $one->layer;
            if (! $one->isLaidOut() && ! $layer->fitsContent() && ! $layer->content instanceof Text && $layer->widthFrom() === Size::Length && $layer->heightFrom() === Size::Length) {
                $facts[] = self::fact($scene, $one, "{$scene->device->key} {$scene->screen->box->width} {$key}", ['width' => round($layer->box->width, 2), 'height' => round($layer->box->height, 2)]);
            }
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        foreach (self::groups($facts) as $group) {
            $usual = self::most($group, fn (Fact $fact): string => "{$fact->number('width')} {$fact->number('height')}");
            foreach ($usual === [] ? [] : $group as $fact) {
                $commands = $said = [];
                foreach (['width' => 'wide', 'height' => 'high'] as $side => $word) {
                    $by = $usual[0]->number($side) - $fact->number($side);
                    if (abs($by) > self::MAX) {
                        continue 2;
                    }
                    if (abs($by) > 0.5) {
                        $said[] = "{$fact->number($side)} px {$word} instead of {$usual[0]->number($side)} px";
                        $commands[] = ['type' => 'set-field', 'screen' => $fact->screen, 'layers' => [(string) $fact->place], 'field' => $side, 'value' => (string) $usual[0]->number($side)];
                    }
                }
                if ($commands !== []) {
                    yield Finding::of(self::class, $fact->screen, "“{$fact->called}” is ".implode(', and ', $said).", as on “{$usual[0]->on}”.", [$fact->place], new Fix('Make it as large', $commands));
                }
            }
        }
    }
}
