<?php

declare(strict_types=1);

namespace Kindred\Check;

/** What a look at one screen has brought. */
final readonly class Report
{
    /**
     * @param  list<Finding>  $findings
     * @param  array<string, list<Fact>>  $facts  by the rules that compare them
     * @param  list<Way>  $ways  from the screen
     */
    public function __construct(public array $findings, public array $facts, public array $ways = [])
    {
    }
}
