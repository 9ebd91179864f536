<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Style\Paint\ConicGradient;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\PicturePaint;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\OneOf;
use Kindred\Property\Path;

/**
 * Makes another kind of paint of one, as like it as that can be (`to`), puts a picture in its place, laid as the one before it (`asset`), or arranges the stops of a gradient (`stops`): the other way round,
 * equally far apart, turned by 90°, one more, one less. Layers that are not painted so are left as they are.
 */
final readonly class ChangePaint implements Command
{
    use OnLayers;

    private const WAYS = ['reverse', 'even', 'turn', 'add', 'remove'];

    /**
     * @param  list<string>  $layers
     * @param  Field  $field  the paint: `fills.0.paint`
     * @param  class-string<Paint>|null  $to
     */
    private function __construct(private ?string $screen, private array $layers, private Field $field, private ?string $to, private string $way, private int $stop, private ?float $at, private ?string $asset, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'change-paint';
    }

    public static function read(Reader $in): self
    {
        $field = Field::find($in->string('paint', 80).'.paint') ?? $in->fail('paint', 'layers have no such paint');
        $to = $in->has('asset') ? PicturePaint::class : ($in->has('to') ? OneOf::kind($in, 'to', Paint::ALL) : null);
        $way = $to === null ? $in->string('stops', 20) : '';
        if ($to === null && ! in_array($way, self::WAYS, true)) {
            $in->fail('stops', 'one of these is expected: '.implode(', ', self::WAYS));
        }

        return new self($in->optionalId('screen'), Address::layers($in), $field, $to, $way, $in->has('stop') ? $in->whole('stop', 0, Gradient::MOST) : 0, $in->has('at') ? $in->number('at', -Stop::FURTHEST, Stop::FURTHEST) : null, $in->has('asset') ? $in->hash('asset') : null, InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $paint = $this->field->of($layer) === null ? null : Path::of($this->field->path)->value($layer);
            $made = $this->made($paint);
            if ($made === null) {
                continue;
            }
            $set = $this->field->put($tree, $layer, ['kind' => $made::kind()] + $made->toArray());
            $tree = $this->copies->instead($tree, $layer, $this->field, $set->layer($layer->id)) ?? $set;
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Change the paint of '.$this->naming($before, $this->layers);
    }

    private function made(mixed $paint): ?Paint
    {
        if ($this->asset !== null) {
            return $paint instanceof PicturePaint ? $paint->with(asset: $this->asset) : new PicturePaint($this->asset);
        }

        return $paint instanceof Paint ? $this->changed($paint) : null;
    }

    private function changed(Paint $paint): ?Paint
    {
        if ($this->to !== null) {
            return $paint instanceof $this->to ? $paint : ($this->to::instead($paint) ?? throw new InvalidInput('value', 'Choose a picture first.'));
        }

        return match (true) {
            ! $paint instanceof Gradient => null,
            $this->way === 'turn' => $paint instanceof LinearGradient || $paint instanceof ConicGradient ? $paint->with(angle: fmod($paint->angle + 90, 360)) : $paint,
            $this->way === 'reverse' => $paint->reversed(),
            $this->way === 'even' => $paint->evened(),
            $this->way === 'add' => $paint->withMore($this->at),
            default => $paint->without($this->stop),
        };
    }
}
