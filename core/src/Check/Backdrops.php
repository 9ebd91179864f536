<?php

declare(strict_types=1);

namespace Kindred\Check;

/** Says what is really seen behind a layer where that cannot be worked out from the layers alone: pictures, blurs, blend modes, masks. */
interface Backdrops
{
    /** @return list<array{int, int, int, int}> red, green, blue, pixels; none where it cannot say */
    public function behind(Scene $scene, Placed $one): array;
}
