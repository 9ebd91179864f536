<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\Look;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Gives layers the look of another: those of its properties that they have too. */
final readonly class SetStyle implements Command
{
    use OnLayers;

    /**
     * @param  list<string>  $layers
     * @param  array<string, mixed>  $look  see `Look::of`
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
            if (array_key_exists($field->path, $style->raw())) {
                $look[$field->path] = $style->raw()[$field->path];
            }
        }
        foreach (array_diff(array_map(strval(...), array_keys($style->raw())), array_keys($look)) as $unknown) {
            $style->fail($unknown, 'no layer looks by this. Copy the look again');
        }

        return new self($in->optionalId('screen'), Address::layers($in), $look, InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            foreach ($this->look as $path => $value) {
                $field = Field::find($path);
                $layer = $tree->layer($layer->id);
                if ($field?->of($layer) !== null) {
                    $tree = $this->copies->change($tree, $layer, $field, fn (Tree $in, Layer $own): ?Tree => $field->plain($own) === $value ? null : $field->put($in, $own, $value));
                }
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Give '.$this->naming($before, $this->layers).' the copied look';
    }
}
