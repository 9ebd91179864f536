<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Token\Bindings;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * What a document may hold. Whatever a change leads to is read as strictly as what comes from outside before it is
 * written: what is written can always be read, exported, brought in again and undone.
 */
final class Limits
{
    /** Screens of a project, takes among them. */
    public const MAX_SCREENS = 500;

    /** Layers of a project. */
    public const MAX_LAYERS = 100_000;

    /** Up to this many layers a project is loaded whole: to rehearse it, for its page, to find copies. */
    public const MAX_AT_ONCE = 30_000;

    /** Layers of a screen, or loose on the wall. */
    public const MAX_LAYERS_OF_SCREEN = 20_000;

    /** Entries of a brief. */
    public const MAX_ENTRIES = 2_000;

    /** How deep containers lie in each other. */
    public const MAX_DEPTH = 32;

    /** Cells of an array that lies in the cells of others, in all of them. */
    public const MAX_COPIES = 10_000;

    /**
     * The tree after a change, within its limits. What was at a limit before stays there, so that it can still be worked on.
     *
     * @throws InvalidInput with what would be too large
     */
    public static function held(Tree $before, Tree $after): Tree
    {
        $clamped = [];
        foreach ($after->layers as $id => $layer) {
            $old = $before->layers[$id] ?? null;
            if ($old === $layer) {
                continue;
            }
            if ($old === null || $old->parent !== $layer->parent || $old->screen !== $layer->screen || $old->kind() !== $layer->kind()) {
                self::mustLieRight($after, $layer, $old === null);
            } elseif ($layer->content instanceof Expanding && $old->content !== $layer->content) {
                self::mustShowSoMany($after, $layer);
            }
            // Tokens have been read, and what they are bound to takes only what it can have.
            if ($old !== null && Bindings::follows($layer, $old)) {
                continue;
            }
            try {
                self::mustBeReadable($old, $layer);
            } catch (InvalidInput $problem) {
                if ($old === null || ! self::isAtLimit($old->box)) {
                    throw new InvalidInput('', self::ofLayer($layer, $problem));
                }
                $clamped[] = Layer::kept($layer->parts());
            }
        }
        foreach (Entity::cases() as $entity) {
            if ($entity !== Entity::Layer) {
                self::eachReadable($entity->of($before), $entity->of($after));
            }
        }

        return $clamped === [] ? $after : $after->withLayers(...$clamped);
    }

    /**
     * @param  array<string, Thing>  $before
     * @param  array<string, Thing>  $after
     */
    private static function eachReadable(array $before, array $after): void
    {
        foreach ($after as $id => $one) {
            if (($before[$id] ?? null) === $one) {
                continue;
            }
            try {
                $one::read(Reader::of($one->toArray()));
            } catch (InvalidInput $problem) {
                throw new InvalidInput('', $one instanceof Screen ? self::ofScreen($one, $problem) : self::otherwise($one->called(), $problem));
            }
        }
    }

    /** Only the changed content of a layer is checked, because content may be long. */
    private static function mustBeReadable(?Layer $before, Layer $layer): void
    {
        $content = $layer->content;
        $plain = $layer;
        if ($before !== null && $before->content === $content) {
            $plain = $layer->with(content: new Layer\BoxLayer);
        } elseif ($content instanceof HasSheet) {
            $plain = $layer->with(content: $content->holding($content->sheet()->with(rows: [])));
            self::mustHoldRows($before?->content instanceof HasSheet ? $before->content->sheet()->rows : [], $content->sheet()->rows);
        }
        Layer::read(Reader::of($plain->toArray()));
    }

    /**
     * @param  list<Row>  $before
     * @param  list<Row>  $rows
     */
    private static function mustHoldRows(array $before, array $rows): void
    {
        if (count($rows) > Sheet\Sheet::MAX_ROWS) {
            throw new InvalidInput('rows', 'a data sheet holds at most '.number_format(Sheet\Sheet::MAX_ROWS).' rows');
        }
        foreach ($rows as $i => $row) {
            if (($before[$i] ?? null) !== $row) {
                Row::read(Reader::of($row->toArray()));
            }
        }
    }

    /** A layer lies in a container of its own screen, and not too deep. */
    private static function mustLieRight(Tree $tree, Layer $layer, bool $isNew): void
    {
        $parent = $layer->parent === null ? null : $tree->layer($layer->parent);
        if ($parent !== null && ! $parent->isContainer()) {
            throw new InvalidInput('parent', "“{$parent->name}” is neither a group, a stack nor an array; nothing can lie in it. Nothing was changed.");
        }
        if ($parent !== null && $parent->screen !== $layer->screen) {
            throw new InvalidInput('parent', "“{$layer->name}” cannot lie in something on another screen. Nothing was changed.");
        }
        // A new layer comes with its children, each of which is checked by itself.
        foreach ($isNew || ! $layer->isContainer() ? [$layer] : $tree->subtree($layer->id) as $one) {
            $around = $tree->ancestors($one);
            if (count($around) > self::MAX_DEPTH) {
                throw new InvalidInput('', "“{$one->name}” would lie more than ".self::MAX_DEPTH.' groups deep. Nothing was changed.');
            }
        }
        self::mustShowSoMany($tree, $layer);
    }

    /** Copies in copies are many soon: those in a layer are counted, in all that it lies in. */
    private static function mustShowSoMany(Tree $tree, Layer $layer): void
    {
        foreach ($tree->subtree($layer->id) as $one) {
            $around = $tree->expanding($one);
            $copies = $around === [] || ! $one->content instanceof Expanding ? 0 : array_product(array_map(fn (Layer $two): int => $two->content instanceof Expanding ? count($two->content->copies($two->id)) : 1, [$one, ...$around]));
            if ($copies > self::MAX_COPIES) {
                throw new InvalidInput('layers', "“{$one->name}” would show ".number_format($copies).' cells, in all the cells that it lies in; at most '.number_format(self::MAX_COPIES).' can be shown. Nothing was changed.');
            }
        }
    }

    private static function isAtLimit(Box $box): bool
    {
        return max(abs($box->x), abs($box->y), $box->width, $box->height) >= Reader::LIMIT;
    }

    private static function ofLayer(Layer $layer, InvalidInput $problem): string
    {
        [$box, $limit] = [$layer->box, number_format(Reader::LIMIT)];

        return match (true) {
            $problem->place === 'width' && $box->width > 0 => "“{$layer->name}” would be ".self::px($box->width)." px wide; a layer can be at most {$limit} px. Nothing was changed.",
            $problem->place === 'height' && $box->height > 0 => "“{$layer->name}” would be ".self::px($box->height)." px high; a layer can be at most {$limit} px. Nothing was changed.",
            in_array($problem->place, ['x', 'y'], true) => "“{$layer->name}” would lie at ".self::px($problem->place === 'x' ? $box->x : $box->y)." px; places go from -{$limit} to {$limit} px. Nothing was changed.",
            default => self::otherwise($layer->name, $problem),
        };
    }

    private static function ofScreen(Screen $screen, InvalidInput $problem): string
    {
        $limit = number_format(Reader::LIMIT);

        return match ($problem->place) {
            'x', 'y' => "“{$screen->name}” would hang at ".self::px($problem->place === 'x' ? $screen->box->x : $screen->box->y)." px; the wall goes from -{$limit} to {$limit} px. Nothing was changed.",
            'width', 'height' => "“{$screen->name}” would be ".self::px($problem->place === 'width' ? $screen->box->width : $screen->box->height).' px '.($problem->place === 'width' ? 'wide' : 'high').'; a screen measures '.Screen::MIN_SIDE.' to '.number_format(Screen::MAX_SIDE).' px. Nothing was changed.',
            default => self::otherwise($screen->name, $problem),
        };
    }

    private static function otherwise(string $name, InvalidInput $problem): string
    {
        return "“{$name}” cannot be changed so: {$problem->getMessage()}. Nothing was changed.";
    }

    private static function px(float $length): string
    {
        return is_finite($length) ? number_format($length) : 'endlessly many';
    }
}
