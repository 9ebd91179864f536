<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Scene;
use Kindred\Document\Address;
use Kindred\Document\Cue\Action\SetValue;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer\Widget;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;
use Kindred\Signal\Template;

/** What a cue sets, and what words show, is a value that some widget holds. */
final class NeverSet implements Across
{
    private const GIVES = 'gives';

    private const SETS = 'sets';

    private const SHOWS = 'shows';

    public static function key(): string
    {
        return 'never-set';
    }

    public static function label(): string
    {
        return 'values that nothing holds';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'Words that wait for a value stay as they are written, and a value without a place is lost';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function facts(Scene $scene): array
    {
        $facts = self::set($scene, new Address(''), $scene->screen->name, $scene->screen->id, $scene->screen->cues);
        foreach ([...$scene->seen, ...$scene->away] as $one) {
            $content = $one->layer->content;
            if ($content instanceof Widget && Kit::find($content->widget) instanceof Interactive) {
                $facts[] = self::fact($scene, $one->address, self::GIVES, $one->layer->name, ['name' => $content->signal === '' ? Kit::made($one->layer) : $content->signal]);
            }
            foreach (array_unique(array_merge([], ...array_map(Template::reads(...), Kit::wordsOf($content)))) as $name) {
                $facts[] = self::fact($scene, $one->address, self::SHOWS, $one->called(), ['name' => $name]);
            }
            $kept = ($scene->tree->layers[$one->address->layer] ?? null)->screen ?? $scene->screen->id;
            array_push($facts, ...self::set($scene, $one->address, $one->called(), $kept, $one->layer->cues));
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        $given = Template::BUILT_IN;
        foreach ($facts as $fact) {
            $given += $fact->about === self::GIVES ? [$fact->text('name') => true] : [];
        }
        foreach ($facts as $fact) {
            $name = $fact->text('name');
            // Of several that would be called the same all but the first are counted.
            if ($fact->about === self::GIVES || isset($given[$name]) || isset($given[preg_replace('/_\d+$/D', '', $name)])) {
                continue;
            }
            $says = $name === '' ? 'a value that is not chosen yet' : "“{$name}”";
            $reason = $fact->about === self::SETS ? "{$fact->called} sets {$says}, which no widget holds." : "{$fact->called} waits for {$says}, which no widget holds: it is shown as it is written.";
            $fix = $fact->about === self::SETS ? new Fix('Remove that', [['type' => 'set-cue-field', 'screen' => $fact->text('kept'), 'layer' => $fact->place->layer === '' ? null : $fact->place->layer, 'cue' => $fact->text('cue'), 'field' => $fact->text('path'), 'value' => '']]) : null;
            yield $fact->place->layer === '' ? Finding::ofScreen(self::class, $fact->screen, "{$fact->screen} {$fact->text('cue')}", $reason, $fix) : Finding::of(self::class, $fact->screen, $reason, [$fact->place], $fix);
        }
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<Fact>
     */
    private static function set(Scene $scene, Address $place, string $called, string $kept, array $cues): array
    {
        $facts = [];
        foreach ($cues as $cue) {
            foreach (['actions' => $cue->actions, 'otherwise' => $cue->otherwise] as $list => $acts) {
                foreach ($acts as $i => $act) {
                    if ($act->action instanceof SetValue) {
                        $facts[] = self::fact($scene, $place, self::SETS, $called, ['name' => $act->action->signal, 'cue' => $cue->id, 'path' => "{$list}.{$i}.kind", 'kept' => $kept]);
                    }
                }
            }
        }

        return $facts;
    }

    /** @param  array<string, string>  $says */
    private static function fact(Scene $scene, Address $place, string $about, string $called, array $says): Fact
    {
        return new Fact($scene->screen->id, $scene->screen->name, $place, $about, '', $called, $says);
    }
}
