<?php

declare(strict_types=1);

namespace Kindred\Check;

/** What mends a finding in one step: commands as they are sent, and what they do, as a button says it. */
final readonly class Fix
{
    /** @param  non-empty-list<array<string, mixed>>  $commands */
    public function __construct(public string $label, public array $commands)
    {
    }
}
