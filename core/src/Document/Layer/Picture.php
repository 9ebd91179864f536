<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Withers;
use Kindred\Input\Reader;

/** A picture, named by the SHA-256 of its bytes. */
final readonly class Picture implements LayerContent
{
    use Withers;

    public function __construct(public string $asset, public PictureFit $fit = PictureFit::Cover)
    {
    }

    public static function kind(): string
    {
        return 'picture';
    }

    public static function read(Reader $in): self
    {
        return new self($in->hash('asset'), $in->has('fit') ? $in->enum('fit', PictureFit::class) : PictureFit::Cover);
    }

    public function toArray(): array
    {
        return ['asset' => $this->asset, 'fit' => $this->fit->value];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
