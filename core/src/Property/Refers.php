<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A property that names other things of the document. */
interface Refers
{
    /**
     * @param  object  $of  whose property it is
     * @return list<array{string, string}> kind and id of what is named: a class, or what a kind of thing is called
     */
    public function references(mixed $value, object $of): array;
}
