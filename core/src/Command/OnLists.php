<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Input\Reader;

/** What commands on the lists of layers share: fills, strokes and the like, front to back, counted from 0. */
trait OnLists
{
    use OnField;

    private static function field(Reader $in): Field
    {
        $list = Field::wholes()[$in->string('list', 40)] ?? null;

        return $list !== null && $list->isList() ? $list : $in->fail('list', 'layers have no such list');
    }

    private function value(Layer $layer): mixed
    {
        $has = $this->field->plain($layer);

        return $this->changed(is_array($has) ? array_values($has) : []);
    }

    /** A place in a list, as it was sent. */
    private function place(string $key): int
    {
        return $this->in->whole($key, 0, 1000);
    }

    /**
     * @param  list<mixed>  $list  as it is written
     * @return list<mixed>
     */
    abstract private function changed(array $list): array;
}
