<?php

declare(strict_types=1);

namespace Kindred\Document\Brief;

/** The parts of a brief, in the order in which people work. */
enum Part: string
{
    case Goal = 'goal';
    case Person = 'person';
    case Finding = 'finding';
    case Wording = 'wording';
    case Reference = 'reference';
    case Requirement = 'requirement';
    case Plan = 'plan';

    public function heading(): string
    {
        return match ($this) {
            self::Goal => 'Goals',
            self::Person => 'People',
            self::Finding => 'Findings',
            self::Wording => 'Wording',
            self::Reference => 'References',
            self::Requirement => 'Requirements',
            self::Plan => 'Screen plan',
        };
    }

    /** One of them, as an edit names it. */
    public function one(): string
    {
        return match ($this) {
            self::Wording => 'wording',
            self::Plan => 'planned screen',
            default => $this->value,
        };
    }
}
