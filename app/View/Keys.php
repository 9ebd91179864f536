<?php

declare(strict_types=1);

namespace App\View;

/** The keys of the wall, as its list shows them. */
final class Keys
{
    public const ALL = [
        'Q' => 'pick (select)',
        'A, Shift A' => 'add a screen; the current one once more, beside itself',
        'S, Shift S' => 'shapes: box, ellipse, line in turn; backwards',
        'W' => 'words: click for free text, drag for wrapped text',
        'P, I' => 'picture, icon',
        'K' => 'kit: widgets to place',
        'N' => 'note: press on a layer, or on a place',
        'G' => 'go: draw a thread',
        'M held' => 'distances from the selection to what is under the pointer',
        'Ctrl held' => 'no snapping while dragging',
        'Tab, Shift Tab' => 'next, previous layer',
        'Enter' => 'write in the selected text or widget',
        '1 to 5' => 'open a facet',
        'F' => 'fit: once the selection, again the wall',
        'R' => 'rehearse from here',
        '+, −' => 'zoom in, out',
        'Space drag, wheel' => 'pan, scroll',
        'Ctrl wheel' => 'zoom to the pointer',
        'Arrows' => 'move by 1; with Shift by 10',
        'Ctrl Z, Ctrl Shift Z' => 'undo, redo',
        'Ctrl C, X, V' => 'copy, cut, paste',
        'Ctrl D, Alt drag' => 'duplicate; Ctrl D again at the same distance',
        'B held' => 'moving takes along what lies below',
        'Ctrl A' => 'select all on the screen',
        'Ctrl G, Ctrl Shift G' => 'group, ungroup',
        'L, Shift L' => 'lay out as a stack; repeat as an array',
        'Delete' => 'delete',
        'Esc' => 'out of the group, then nothing selected',
    ];
}
