<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Beyond;
use Kindred\Check\Elsewhere;
use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Prominence;
use Kindred\Check\Reading;
use Kindred\Check\Scene;
use Kindred\Check\Weighed;
use Kindred\Document\Screen;

/** What the eye meets first is what is set to be read first: nothing else shouts. And nothing that is to be read, or that a requirement asks for, is lost. */
final class ReadingOrder implements Beyond, OnScreen
{
    /** So many times as prominent as what comes before it, something is met first. */
    private const USUAL = 1.25;

    /** Below this share of the most prominent, something is lost. */
    private const LOST = 0.2;

    /** Of a heading that nobody has asked for it is said that it is lost from so many things before it on. */
    private const MANY = 4;

    public static function key(): string
    {
        return 'reading-order';
    }

    public static function label(): string
    {
        return 'what shouts, and what is lost';
    }

    public static function group(): Group
    {
        return Group::Eye;
    }

    public static function source(): string
    {
        return 'Prominence by size, weight, contrast, colour and area (Itti, Koch and Niebur 1998; Cheng et al. 2011), against the order that is set, and what requirements are tied to';
    }

    public static function limit(): Limit
    {
        return new Limit('How many times as prominent something is before it is said', self::USUAL, 1.05, 10, ' times');
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->requirements();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        if (! Reading::isSaid($scene)) {
            return;
        }
        $weighed = Prominence::of($scene);
        $reading = Reading::of($scene, $weighed);
        $order = $reading->order;
        $times = $limit ?? self::USUAL;
        // That something is asked for does not say that it is to be met first.
        foreach ($reading->byHand && $order !== [] ? $weighed : [] as $one) {
            $place = array_search($one, $order, true);
            foreach ($place === false ? [$order[0]] : array_slice($order, 0, $place) as $before) {
                if ($one->prominence() > $before->prominence() * $times) {
                    $shouts = $place === false ? 'shouts: it' : '';
                    yield Finding::of(self::class, $scene->screen->id, trim("{$one->thing->called()} {$shouts}")." catches the eye before {$before->thing->called()}, which is to be read first: {$one->by($before)}.", [$one->thing->address, $before->thing->address]);
                    break;
                }
            }
        }
        // Of headings the largest says what the screen is; smaller ones may stand back.
        foreach ($reading->isAsked ? $order : array_slice($order, 0, 1) as $one) {
            $before = count(array_filter($weighed, fn (Weighed $other): bool => $other->prominence() > $one->prominence()));
            if ($one->prominence() < $weighed[0]->prominence() * self::LOST && $before >= ($reading->isAsked ? 1 : self::MANY)) {
                yield Finding::of(self::class, $scene->screen->id, "{$one->thing->called()} is lost".($reading->isAsked ? '' : ', though it is the largest heading').": {$before} things catch the eye before it, {$weighed[0]->thing->called()} most of all: {$weighed[0]->by($one)}.", [$one->thing->address]);
            }
        }
    }
}
