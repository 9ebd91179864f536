<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;

/** What leads to the same place is called the same: not “Sign in” here and “Sign-In” there, not “Back” and “Return”. */
final class Wording implements Across
{
    use Siblings;

    /** Longer words are sentences, which need not be the same. */
    private const LONGEST = 40;

    public static function key(): string
    {
        return 'wording';
    }

    public static function label(): string
    {
        return 'other words for the same thing';
    }

    public static function group(): Group
    {
        return Group::Wording;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 3.2.4: what does the same is named the same';
    }

    public static function facts(Scene $scene): array
    {
        $facts = [];
        foreach ($scene->seen as $one) {
            $to = self::leadsTo($one);
            $words = $to === null ? null : self::words($one);
            if ($to !== null && $words !== null) {
                [$place, $said] = $words;
                $facts[] = new Fact($scene->screen->id, $scene->screen->name, $place->address, $to, $one->layer->descent(), $place->layer->name, [
                    'said' => $said, 'kept' => ($scene->tree->layers[$place->address->layer] ?? null)->screen ?? '', 'widget' => $place->layer->content instanceof Widget ? 'yes' : '',
                ]);
            }
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        $told = [];
        foreach (self::alike($facts) as [$group, $min]) {
            $usual = self::most($group, fn (Fact $fact): string => $fact->text('said'));
            foreach (count($usual) >= $min ? $group : [] as $fact) {
                $at = "{$fact->screen} {$fact->place}";
                if ($fact->text('said') !== $usual[0]->text('said') && ! isset($told[$at])) {
                    $told[$at] = true;
                    $says = $usual[0]->text('said');
                    $where = ['screen' => $fact->text('kept') === '' ? null : $fact->text('kept')];
                    yield Finding::of(self::class, $fact->screen, "“{$fact->text('said')}” does what “{$says}” does on “{$usual[0]->on}”: call both the same.", [$fact->place],
                        new Fix("Call it “{$says}”", [$fact->text('widget') === 'yes'
                            ? ['type' => 'set-widget', ...$where, 'layers' => [(string) $fact->place], 'field' => 'label', 'value' => $says]
                            : ['type' => 'set-words', ...$where, 'layer' => (string) $fact->place, 'words' => $says]]));
                }
            }
        }
    }

    /**
     * What ought to be called the same, and how many have to agree before it is said.
     *
     * @param  list<Fact>  $facts
     * @return iterable<array{non-empty-list<Fact>, int}>
     */
    private static function alike(array $facts): iterable
    {
        $by = [];
        foreach ($facts as $fact) {
            $plain = self::plain($fact->text('said'));
            $by["written {$fact->about} {$plain}"][] = $fact;
            $by["same {$fact->about} {$fact->descent}"][] = $fact;
            if ($fact->about === 'back' && $plain !== '') {
                $by['back'][] = $fact;
            }
        }
        foreach ($by as $key => $group) {
            if (count($group) > 1) {
                yield [$group, $key === 'back' ? 2 : 1];
            }
        }
    }

    /** Where a tap leads; null for nowhere. */
    private static function leadsTo(Placed $one): ?string
    {
        foreach ($one->layer->cues as $cue) {
            $to = $cue->isTap() && $cue->entry === '' ? $cue->targets()[0] ?? ($cue->returns() ? 'back' : null) : null;
            if ($to !== null) {
                return $to;
            }
        }

        return null;
    }

    /** @return array{Placed, string}|null the only words of something, and where they stand; null where it has several, or none */
    private static function words(Placed $one): ?array
    {
        $content = $one->layer->content;
        if ($content instanceof Widget) {
            return $content->label === '' || mb_strlen($content->label) > self::LONGEST ? null : [$one, $content->label];
        }
        $texts = array_values(array_filter($one->all(), fn (Placed $in): bool => $in->layer->content instanceof Text && trim($in->layer->content->words) !== ''));
        $text = count($texts) === 1 ? $texts[0] : null;
        $words = $text?->layer->content instanceof Text ? trim($text->layer->content->words) : '';

        return $text === null || $words === '' || mb_strlen($words) > self::LONGEST || str_contains($words, '{') ? null : [$text, $words];
    }

    /** Without case, hyphens and punctuation: what is left is the same however it is written. */
    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/[^\pL\pN]+/u', '', mb_strtolower($words)));
    }
}
