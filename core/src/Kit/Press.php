<?php

declare(strict_types=1);

namespace Kindred\Kit;

/** What a press on a part of a widget does to its value. */
enum Press: string
{
    /** Yes becomes no, no becomes yes. */
    case Toggle = 'toggle';
    /** Chooses an item, or ticks it. */
    case Item = 'item';
    case Less = 'less';
    case More = 'more';
    /** The value follows the finger, from the minimum at the left to the maximum at the right. */
    case Slide = 'slide';
    case Clear = 'clear';
    /** Opens what hangs below the widget. */
    case Open = 'open';
    /** The month before, and the one after. */
    case Earlier = 'earlier';
    case Later = 'later';
    /** A key of a drawn keyboard; its label is what it types. */
    case Key = 'key';
}
