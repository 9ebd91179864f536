/** Takes what is typed while the place for it is still on its way: letters are not to be taken for commands meanwhile. */
export function ahead(): { hold(): void; into(field: HTMLElement | null): void; readonly givenUp: boolean } {
    const taker = document.createElement('textarea');
    taker.className = 'sr-only';
    taker.setAttribute('aria-label', 'What is typed');
    let [givenUp, left] = [false, false];
    taker.addEventListener('keydown', (event) => {
        // What Enter has ended already is not given up.
        if (event.key !== 'Escape') return;
        if (taker.value.includes('\n')) return void (left = true);
        givenUp = true;
        taker.blur();
    });
    document.body.append(taker);
    const hold = (): void => taker.focus({ preventScroll: true });
    hold();

    return {
        hold,
        /** Whether Escape was pressed. */
        get givenUp() {
            return givenUp;
        },
        /** Gives it to the field that was waited for; whoever has gone elsewhere meanwhile is left there. */
        into(field) {
            const [words, waiting] = [taker.value, document.activeElement === taker];
            taker.remove();
            if (!waiting) return;
            field?.focus();
            // In one line what comes before Enter is all that there is to it.
            const line = field instanceof HTMLInputElement ? words.split('\n')[0]! : words;
            // As if it were typed: it can be taken back there, and is heard of.
            if (field && line !== '') document.execCommand('insertText', false, line);
            if (field && line !== words) field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
            if (left) field?.blur();
        },
    };
}
