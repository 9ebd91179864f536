/** Takes what is typed while the place for it is still on its way: letters are not to be taken for commands meanwhile. */
export function ahead(): { into(field: HTMLElement | null): void } {
    const taker = document.createElement('textarea');
    taker.className = 'sr-only';
    taker.setAttribute('aria-label', 'What is typed');
    document.body.append(taker);
    taker.focus({ preventScroll: true });

    return {
        /** Gives it to the field that was waited for; whoever has gone elsewhere meanwhile is left there. */
        into(field) {
            const [words, waiting] = [taker.value, document.activeElement === taker];
            taker.remove();
            if (!waiting) return;
            field?.focus();
            // As if it were typed: it can be taken back there, and is heard of.
            if (field && words !== '') document.execCommand('insertText', false, words);
        },
    };
}
