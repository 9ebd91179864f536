<?php

declare(strict_types=1);

namespace Kindred\Check;

/** Something that is looked for on every screen. A further one is a class in `Rule` and a line in `Rules`: it is `OnScreen`, `Across` or `OnFlow`. */
interface Rule
{
    /** Its name in requests and files. */
    public static function key(): string;

    /** As people call it, in lower case: "contrast of text". */
    public static function label(): string;

    public static function group(): Group;

    /** Where it comes from: a standard with its section, a paper, or a reason in a sentence. */
    public static function source(): string;

    /** What a project can set of it; null for nothing. */
    public static function limit(): ?Limit;
}
