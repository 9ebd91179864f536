<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\WidgetField;

/** One kind of control. A new one is a class here and a line in Kit. */
interface WidgetKind
{
    /** Its name in files: lower-case letters and hyphens. */
    public static function key(): string;

    public function name(): string;

    /** Words under which it is found, beside its name. */
    public function tags(): string;

    /** @return array{float, float} width and height that it is placed with, px */
    public function size(): array;

    /** What it holds when it is placed. */
    public function content(): Widget;

    /** @return list<WidgetField> */
    public function fields(): array;

    public function draw(Sketch $sketch, Widget $content): void;
}
