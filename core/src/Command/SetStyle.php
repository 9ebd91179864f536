<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\Look;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/** Gives layers the look of another: those of its properties that they have too. */
final readonly class SetStyle implements Command
{
    use OnLayers;

    /**
     * @param  list<string>  $layers
     * @param  array<string, string>  $look  see `Look::of`
     */
    private function __construct(private ?string $screen, private array $layers, private array $look, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'set-style';
    }

    public static function read(Reader $in): self
    {
        $style = $in->object('style');
        $look = [];
        foreach (Look::fields() as $field) {
            if ($style->has($field->path)) {
                $look[$field->path] = $style->string($field->path, 200);
            }
        }
        foreach (array_diff(array_map(strval(...), array_keys($style->raw())), array_keys($look)) as $unknown) {
            $style->fail($unknown, 'no layer looks by this. Copy the look again');
        }

        return new self($in->optionalId('screen'), Address::layers($in), $look, InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            foreach ($this->look as $path => $value) {
                $field = Field::find($path);
                $layer = $tree->layer($layer->id);
                $has = $field?->of($layer);
                if ($field === null || $has === null || $has === $value || $this->withoutStroke($field)) {
                    continue;
                }
                $set = $field->set($tree, $layer, $value, new Box(0, 0, 0, 0));
                $tree = $this->copies->instead($tree, $layer, $field, $set->layer($layer->id)) ?? $set;
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Give '.$this->naming($before, $this->layers).' the copied look';
    }

    /** Without a stroke its width and position are left out: setting them would add one. */
    private function withoutStroke(Field $field): bool
    {
        return ($this->look['stroke.colour'] ?? '') === '' && $field->root() === 'stroke' && $field->path !== 'stroke.colour';
    }
}
