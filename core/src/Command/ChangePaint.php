<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\ConicGradient;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\PicturePaint;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Property\OneOf;

/**
 * Makes another kind of paint of one, as like it as that can be (`to`); puts a picture in its place, laid as the one before it (`asset`); or
 * arranges the stops of a gradient (`stops`): the other way round, equally far apart, turned by 90°, one more (`at` a place), one less (`stop`).
 */
final readonly class ChangePaint implements Command
{
    use OnPaint;

    private const WAYS = ['reverse', 'even', 'turn', 'add', 'remove'];

    public static function type(): string
    {
        return 'change-paint';
    }

    public function label(Tree $before): string
    {
        return 'Change the paint of '.$this->naming($before, $this->layers);
    }

    private function check(): void
    {
        match (true) {
            $this->in->has('asset') => $this->in->hash('asset'),
            $this->in->has('to') => OneOf::kind($this->in, 'to', Paint::ALL),
            in_array($this->in->string('stops', 20), self::WAYS, true) => [$this->stop(), $this->at()],
            default => $this->in->fail('stops', 'one of these is expected: '.implode(', ', self::WAYS)),
        };
    }

    private function made(Layer $layer, ?Paint $paint): ?Paint
    {
        if ($this->in->has('asset')) {
            $asset = $this->in->hash('asset');

            return $paint instanceof PicturePaint ? $paint->with(asset: $asset) : new PicturePaint($asset);
        }

        return match (true) {
            $paint === null => null,
            $this->in->has('to') => $this->as(OneOf::kind($this->in, 'to', Paint::ALL), $paint),
            default => $paint instanceof Gradient ? $this->arranged($paint) : null,
        };
    }

    /** @param  class-string<Paint>  $kind */
    private function as(string $kind, Paint $paint): Paint
    {
        return $paint instanceof $kind ? $paint : ($kind::instead($paint) ?? throw new InvalidInput('value', 'Choose a picture first.'));
    }

    private function arranged(Gradient $gradient): Gradient
    {
        return match ($this->in->string('stops')) {
            'turn' => $gradient instanceof LinearGradient || $gradient instanceof ConicGradient ? $gradient->with(angle: fmod($gradient->angle + 90, 360)) : $gradient,
            'reverse' => $gradient->reversed(),
            'even' => $gradient->evened(),
            'add' => $gradient->withMore($this->at()),
            default => $gradient->without($this->stop()),
        };
    }

    private function stop(): int
    {
        return $this->in->has('stop') ? $this->in->whole('stop', 0, Gradient::MAX) : 0;
    }

    private function at(): ?float
    {
        return $this->in->has('at') ? $this->in->number('at', -Stop::FURTHEST, Stop::FURTHEST) : null;
    }
}
