<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Scene;
use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxShaped;

/** The same bar, card or ground is painted otherwise on one screen, or casts another shadow. */
final class Painted implements Across
{
    use Siblings;

    /** With fewer screens nobody can say which is the exception. */
    private const MIN = 3;

    /** What is compared, and how it is called. */
    private const LISTS = ['fills' => 'fill', 'strokes' => 'stroke', 'effects' => 'shadow or glow', 'corners' => 'corners'];

    public static function key(): string
    {
        return 'painted';
    }

    public static function label(): string
    {
        return 'another fill or glow from screen to screen';
    }

    public static function source(): string
    {
        return 'ISO 9241-110: what is the same looks the same';
    }

    public static function facts(Scene $scene): array
    {
        $facts = [];
        foreach (self::known($scene, 1) as $key => $one) {
            $content = $one->layer->content;
            if ($content instanceof BoxShaped) {
                $facts[] = self::fact($scene, $one, "{$scene->device->family} {$key}", self::look($one->layer) + ['theme' => $scene->screen->theme ?? '']);
            }
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        foreach (self::groups($facts) as $group) {
            foreach (count($group) >= self::MIN ? self::LISTS : [] as $list => $called) {
                $usual = self::most($group, fn (Fact $fact): string => "{$fact->text('theme')} {$fact->text($list)}");
                foreach ($usual === [] ? [] : $group as $fact) {
                    if ($fact->text($list) !== $usual[0]->text($list) && $fact->text('theme') === $usual[0]->text('theme')) {
                        yield Finding::of(self::class, $fact->screen, "“{$fact->called}” has another {$called} than on “{$usual[0]->on}” and others.", [$fact->place],
                            new Fix('Take theirs', [['type' => 'put-field', 'screen' => $fact->screen, 'layers' => [(string) $fact->place], 'field' => $list, 'value' => json_decode($usual[0]->text($list), true)]]));
                        break;
                    }
                }
            }
        }
    }

    /** @return array<string, string> */
    private static function look(Layer $layer): array
    {
        $written = $layer->toArray();

        return array_map(fn (string $list): string => json_encode($written[$list] ?? [], JSON_THROW_ON_ERROR), array_combine(array_keys(self::LISTS), array_keys(self::LISTS)));
    }
}
