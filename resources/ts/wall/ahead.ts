export interface Ahead {
    hold(): void;
    into(field: HTMLElement | null): void;
    /** Whether Escape was pressed, or Enter has ended it already. */
    readonly givenUp: boolean;
    /** Whether Ctrl Enter has ended what may have several lines. */
    readonly ended: boolean;
}

/**
 * Takes what is typed while the place for it is still on its way: letters are not to be taken for commands meanwhile.
 *
 * @param entered what is written in one line, where Enter ends it before its place is there
 * @param further where Tab leads from a field, for places that have several
 */
export function ahead(entered?: (words: string) => void, further?: (field: HTMLElement) => HTMLElement | null): Ahead {
    const taker = document.createElement('textarea');
    taker.className = 'sr-only';
    taker.setAttribute('aria-label', 'What is typed');
    let [givenUp, ended] = [false, false];
    taker.addEventListener('keydown', (event) => {
        if (entered && event.key === 'Enter') {
            event.preventDefault();
            givenUp = true;
            taker.remove();
            return entered(taker.value);
        }
        if (further && (event.key === 'Tab' || event.key === 'Enter')) {
            event.preventDefault();
            if (event.key === 'Tab' && !event.shiftKey) taker.setRangeText('\t', taker.selectionStart, taker.selectionEnd, 'end');
        }
        if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
            event.preventDefault();
            ended = true;
            taker.blur();
        }
        if (event.key !== 'Escape') return;
        givenUp = true;
        taker.blur();
    });
    document.body.append(taker);
    const hold = (): void => taker.focus({ preventScroll: true });
    hold();

    return {
        hold,
        get givenUp() {
            return givenUp;
        },
        get ended() {
            return ended;
        },
        /** Gives it to the field that was waited for; whoever has gone elsewhere meanwhile is left there. */
        into(field) {
            const [words, waiting] = [taker.value, document.activeElement === taker || ended];
            taker.remove();
            if (!waiting) return;
            for (const [i, part] of (further ? words.split('\t') : [words]).entries()) {
                if (i > 0) field = field && further!(field);
                field?.focus();
                // As if it were typed: it can be taken back there, and is heard of.
                if (field && part !== '') document.execCommand('insertText', false, part);
            }
        },
    };
}
