/** What the server refuses is said where it was entered, and not elsewhere. */

/** Why an edit was refused; null where it was made. */
export async function refusal(edit: () => Promise<unknown>): Promise<string | null> {
    let refused: string | null = null;
    const heard = (event: Event): void => {
        refused = (event as CustomEvent<string>).detail;
        event.preventDefault();
    };
    document.addEventListener('kindred:refused', heard);
    try {
        // Another one may be refused meanwhile.
        if ((await edit()) !== null) refused = null;
    } finally {
        document.removeEventListener('kindred:refused', heard);
    }
    return refused;
}
