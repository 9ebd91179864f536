<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * How what lies in a container is scrolled in a rehearsal: what reaches beyond its box is cut there (CSS Overflow 3). `momentum` lets it go on
 * when it is let go in motion. `pages` names the value that tells at which of the layers it stands, and that scrolls it there: that of page
 * dots or tabs; empty for none.
 */
final readonly class Scroll implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Choice(label: 'scrolling', overridable: false, sparse: true)] public ScrollAxes $axes = ScrollAxes::None,
        #[Is\Choice(label: 'snapping', overridable: false, sparse: true)] public ScrollSnap $snap = ScrollSnap::None,
        #[Is\Choice(label: 'ends of the scrolling', overridable: false, sparse: true)] public Overscroll $overscroll = Overscroll::Bounce,
        #[Is\Flag(label: 'momentum', overridable: false, sparse: true)] public bool $momentum = true,
        #[Is\Words(60, label: 'pages', overridable: false, sparse: true)] public string $pages = '',
    ) {
    }

    public function isOn(): bool
    {
        return $this->axes !== ScrollAxes::None;
    }
}
