<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Property\AsClass;

/** Whether what lies in a layer is mixed only with what else lies in it (Compositing and Blending 1, section 5.3.1). */
enum Isolation: string implements AsClass
{
    case Auto = 'auto';
    case Isolate = 'isolate';

    public function className(): ?string
    {
        return $this === self::Auto ? null : 'isolated';
    }

    public static function css(): string
    {
        return '.isolated { isolation: isolate; }';
    }
}
