/** What keys and pasted words do to the paragraphs of the editor. */
import { baseKeymap, chainCommands, deleteSelection, joinBackward, selectNodeBackward, splitBlockAs } from 'prosemirror-commands';
import { closeHistory, redo, undo } from 'prosemirror-history';
import { keymap } from 'prosemirror-keymap';
import { Fragment, Slice, type Node } from 'prosemirror-model';
import { Selection, TextSelection, type Command } from 'prosemirror-state';
import type { EditorView } from 'prosemirror-view';
import { schema, type Paragraph } from './rich.ts';

/** Sets how the selected paragraphs stand. */
export const paragraphsBy = (by: (paragraph: Required<Paragraph>) => Paragraph): Command => (state, dispatch) => {
    const change = state.tr;
    state.doc.nodesBetween(state.selection.from, state.selection.to, (node, at) => {
        if (node.type.name === 'paragraph') change.setNodeMarkup(at, null, { ...node.attrs, ...by(node.attrs as Required<Paragraph>) });
    });
    // What is typed next is set as it would have been.
    dispatch?.(change.setStoredMarks(state.storedMarks));
    return true;
};

const outOfList = paragraphsBy(() => ({ list: 'none', level: 0 }));

/** At the beginning of a paragraph of a list, with nothing selected. */
const first = (where: (paragraph: Node) => boolean): Command => (state, dispatch) => {
    const { $from, empty } = state.selection;
    return empty && $from.parentOffset === 0 && $from.parent.attrs['list'] !== 'none' && where($from.parent) && outOfList(state, dispatch);
};

const parted = splitBlockAs((node) => ({ type: node.type, attrs: { ...node.attrs } }));

/** A new paragraph stands as the one before it, its words are set as those, and it is a step of its own with what is typed in it. */
const split: Command = (state, dispatch) => parted(state, dispatch && ((change) => {
    const { $from, $to } = state.selection;
    const marks = state.storedMarks ?? ($to.parentOffset > 0 ? $from.marks() : null);
    dispatch(closeHistory(marks ? change.ensureMarks(marks) : change));
}));

/** To the first or after the last letter. Left to the browser, the editor would take the first one for what a browser makes of coming back. */
const goTo = (end: boolean, on: boolean): Command => (state, dispatch) => {
    const to = (end ? Selection.atEnd(state.doc) : Selection.atStart(state.doc)).head;
    dispatch?.(state.tr.setSelection(TextSelection.create(state.doc, on ? state.selection.anchor : to, to)).scrollIntoView());
    return true;
};

export const keys = [
    keymap({
        'Mod-Home': goTo(false, false), 'Mod-End': goTo(true, false), 'Mod-Shift-Home': goTo(false, true), 'Mod-Shift-End': goTo(true, true),
        'Mod-z': undo, 'Mod-y': redo, 'Mod-Shift-z': redo, 'Shift-Enter': split,
        // An empty paragraph of a list is its end; Backspace before the first letter takes the marker away first.
        'Enter': chainCommands(first((paragraph) => paragraph.content.size === 0), split),
        'Backspace': chainCommands(deleteSelection, first(() => true), joinBackward, selectNodeBackward),
    }),
    keymap(baseKeymap),
];

/** A dash, or a number with a dot, and a space at the beginning of a paragraph begin a list; undo gives back what was typed. */
export function beginsList(view: EditorView, at: number): boolean {
    const place = view.state.doc.resolve(at);
    const before = place.parent.textBetween(0, place.parentOffset);
    if (place.parent.attrs['list'] !== 'none' || !/^(-|\*|•|1[.)])$/.test(before)) return false;
    view.dispatch(view.state.tr.insertText(' ', at));
    const start = place.start();
    const marks = view.state.doc.resolve(at).marks();
    view.dispatch(view.state.tr.delete(start, start + before.length + 1).setNodeMarkup(place.before(), null, { ...place.parent.attrs, list: before.startsWith('1') ? 'number' : 'bullet' }).setStoredMarks(marks));
    return true;
}

/** What is pasted, with a paragraph for each line. */
export function broken(slice: Slice): Slice {
    const paragraphs: Node[] = [];
    slice.content.forEach((node) => {
        let line: Node[] = [];
        node.forEach((piece) => {
            if (piece.type.name !== 'break') return void line.push(piece);
            paragraphs.push(node.copy(Fragment.from(line)));
            line = [];
        });
        paragraphs.push(node.type.name === 'paragraph' ? node.copy(Fragment.from(line)) : node);
    });
    return paragraphs.length === slice.content.childCount ? slice : new Slice(Fragment.from(paragraphs), slice.openStart, slice.openEnd);
}

/** The same without anything that is set in its own way. */
export function plain(slice: Slice): Slice {
    const bare = (fragment: Fragment): Fragment => {
        const nodes: Node[] = [];
        fragment.forEach((node) => nodes.push(node.isText ? node.mark([]) : node.type.name === 'paragraph' ? schema.node('paragraph', null, bare(node.content)) : node));
        return Fragment.from(nodes);
    };
    return new Slice(bare(slice.content), slice.openStart, slice.openEnd);
}
