<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Elsewhere;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\FixesBeyond;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;

/** What can be tapped has words, or a name that somebody gave it, by which it can be read out. */
final class TapName implements FixesBeyond, OnScreen
{
    public static function key(): string
    {
        return 'tap-name';
    }

    public static function label(): string
    {
        return 'names of what can be tapped';
    }

    public static function group(): Group
    {
        return Group::Wording;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 4.1.2: what can be tapped has a name';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->names();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->seen as $one) {
            if ($one->isTapped() && self::isUnnamed($one)) {
                $name = self::suggested($scene, $one);
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} can be tapped, but has no words and no name of its own: it cannot be read out.", [$one->address],
                    $name === null || ! Scene::isOwn($one) ? null : new Fix("Name it “{$name}”", [['type' => 'rename-layer', 'layer' => $one->address->layer, 'name' => $name]]));
            }
        }
    }

    private static function isUnnamed(Placed $one): bool
    {
        foreach ($one->all() as $in) {
            $content = $in->layer->content;
            if (($content instanceof Text && trim($content->words) !== '') || ($content instanceof Widget && ($content->label !== '' || $content->text !== '' || $content->items !== []))) {
                return false;
            }
        }
        $layer = $one->layer;
        $usual = $layer->content instanceof Icon ? "(icon|{$layer->content->icon}|".str_replace('-', ' ', $layer->content->icon).')' : '(box|rectangle|ellipse|line|path|polygon|star|ring|arc|picture|group|stack|array|icon|compound|instance|widget|shape|'.preg_quote($layer->kind(), '/').')';

        return preg_match("/^{$usual}( \d+)?$/iu", trim($layer->name)) === 1;
    }

    /** By where it leads. */
    private static function suggested(Scene $scene, Placed $one): ?string
    {
        foreach ($one->layer->cues as $cue) {
            if ($cue->returns()) {
                return 'Back';
            }
            $to = $scene->tree->screens[$cue->targets()[0] ?? ''] ?? null;
            if ($to !== null) {
                return mb_strimwidth("Open {$to->name}", 0, 120, '…');
            }
        }

        return null;
    }
}
