<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Resize;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** What commands share that edit the points of a path; places are in px from the corner of its box, before it is turned. */
trait OnPath
{
    use OnLayers;

    private function __construct(private readonly ?string $screen, private readonly string $layer, private readonly Reader $in)
    {
    }

    public static function read(Reader $in): self
    {
        $read = new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in);
        $read->check();

        return $read;
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        $layer = $this->selected($tree, $this->screen, [$this->layer])[0];
        if (! $layer->content instanceof PathLayer) {
            throw new InvalidInput('layer', "“{$layer->name}” is no path.");
        }
        $curves = $this->changed(Curves::of(PathData::parse($layer->content->d)));
        if ($curves->subpaths === []) {
            throw new InvalidInput('points', 'Nothing would be left of the path; delete the layer instead.');
        }

        $d = $curves->path()->text();
        if (strlen($d) > PathData::MAX_LENGTH) {
            throw new InvalidInput('points', 'The path would have more points than can be kept.');
        }

        // What is edited by its points is no longer what the hand drew.
        return Resize::drawn($tree, $layer, $layer->content->with(d: $d, samples: []));
    }

    /** @throws InvalidInput where something is missing or wrong in what was sent */
    abstract private function check(): void;

    /** @throws InvalidInput where the path has no such points, or they cannot be changed so */
    abstract private function changed(Curves $path): Curves;

    /**
     * The points that are meant: each the number of its subpath, and its own in that.
     *
     * @param  Curves|null  $path  that must have them
     * @return non-empty-list<array{int, int}>
     */
    private function points(?Curves $path = null, string $key = 'points'): array
    {
        $points = $this->in->list($key, fn (Reader $one): array => [$one->whole('subpath', 0, PathData::MAX_LENGTH), $one->whole('node', 0, PathData::MAX_LENGTH)], 1, PathData::MAX_LENGTH);
        foreach ($path === null ? [] : $points as [$subpath, $node]) {
            if ($path?->node($subpath, $node) === null) {
                throw new InvalidInput($key, 'The path has no such point; it has changed meanwhile.');
            }
        }

        return $points === [] ? $this->in->fail($key, 'a point is missing') : $points;
    }

    /**
     * The curve that is meant, by the point before it.
     *
     * @return array{int, int}
     */
    private function curve(?Curves $path = null): array
    {
        $in = $this->in->object('after');
        [$subpath, $node] = [$in->whole('subpath', 0, PathData::MAX_LENGTH), $in->whole('node', 0, PathData::MAX_LENGTH)];

        return $path === null || $path->hasCurve($subpath, $node) ? [$subpath, $node] : throw new InvalidInput('after', 'The path has no such curve; it has changed meanwhile.');
    }

    private function by(): Point
    {
        return new Point($this->in->number('dx'), $this->in->number('dy'));
    }
}
