<?php

declare(strict_types=1);

namespace Kindred\Compare;

/** One difference between two takes in a sentence, with the layers of either that it is about. */
final readonly class Remark
{
    /**
     * @param  list<Aspect>  $aspects
     * @param  list<string>  $from  layers of the one
     * @param  list<string>  $to  layers of the other
     */
    public function __construct(public string $sentence, public array $aspects, public array $from = [], public array $to = [])
    {
    }
}
