/** Fields of the page, and what is written in them. */

export type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

/** A field in which something is written, and is selected when it is entered. */
export const WRITTEN = 'input:not([type=checkbox], [type=color], [type=number])';

export const isField = (element: Element | null): element is Field => element instanceof HTMLInputElement || element instanceof HTMLSelectElement || element instanceof HTMLTextAreaElement;

/** Whether what stands in a field is all selected, as it is when it was entered just now. */
export function isWhole(field: Field): boolean {
    if (!(field instanceof HTMLInputElement) || !['text', 'search', 'number'].includes(field.type)) return false;
    // A number field does not tell its selection.
    return field.value !== '' && (field.type === 'number' || (field.selectionStart === 0 && field.selectionEnd === field.value.length));
}

/** Whether something is written in a field, not chosen. */
export const isWritten = (field: Field): field is HTMLInputElement | HTMLTextAreaElement => /^(text|number|textarea|search)$/.test(field.type);

/** What a field held when the server heard of it last: what was sent and not refused, before what it was drawn with. */
export const told = (field: HTMLInputElement | HTMLTextAreaElement): string => field.dataset['sent'] ?? field.defaultValue;
