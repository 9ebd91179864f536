<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** What commands on one paint of layers share, named by its fill, stroke or mask: `fills.0`. */
trait OnPaint
{
    use OnField;

    private static function field(Reader $in): Field
    {
        return Field::find($in->string('paint', 80).'.paint') ?? $in->fail('paint', 'layers have no such paint');
    }

    private function value(Layer $layer): mixed
    {
        $paint = Path::of($this->field->path)->value($layer);
        $made = $this->made($layer, $paint instanceof Paint ? $paint : null);

        return $made === null || $made === $paint ? null : ['kind' => $made::kind()] + $made->toArray();
    }

    /** @return Paint|null what is in the place of the paint, which may not be there; null where nothing changes */
    abstract private function made(Layer $layer, ?Paint $paint): ?Paint;
}
