<?php

declare(strict_types=1);

namespace Kindred\Kit;

/** Words of a widget that follow its value in a rehearsal. */
enum Live: string
{
    /** The value as it is written. */
    case Value = 'value';
    /** A field that is typed into, and one of several lines. */
    case Entry = 'entry';
    case Lines = 'lines';
    /** What is wrong with the value. */
    case Message = 'message';
    /** The month that a calendar shows. */
    case Month = 'month';
    /** The day that a cell of the calendar stands for. */
    case Day = 'day';
    /** The same while it is the chosen one. */
    case ChosenDay = 'chosen-day';
}
