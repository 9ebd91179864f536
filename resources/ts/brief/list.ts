/** The lines of a list that was copied elsewhere: without bullets and numbers, what stands behind a tab apart. */
export function listed(text: string): { title: string; words: string }[] {
    return text.split(/\r?\n/)
        .map((line) => line.replace(/^\s*(?:[-*•–]|\d+[.)]|\[[ x]\])\s+/i, ''))
        .filter((line) => line.trim() !== '')
        .map((line) => {
            const [title = '', ...rest] = line.split('\t').map((cell) => cell.trim());
            return { title: title.slice(0, 200), words: rest.filter(Boolean).join(', ') };
        });
}
