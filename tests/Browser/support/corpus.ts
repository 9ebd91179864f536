/** Lines of made-up text with what makes type hard: kerning pairs, ligatures, figures, accents, punctuation. */
const words = `AVATAR Wafer office baffle fjord Töpfer kiln Yield Tomato firefly waffle difficult offline flux Kaolin To. “quoted” don’t
shelf—dash 1,174 20:00 €14.00 50% Łódź façade naïve Øresund glaze GLAZE Ty. Ve. P. LT AY fi ff ffi fl r. f) (f 7/8 a/b x² Ça señor über
We’ll Ta Te Vo Wy rn m. Kiln-shelf coöperate Átta Žluť ŵ stoneware earthenware porcelain celadon tenmoku shino raku slip wheel bisque greenware`.split(/\s+/);

export function corpus(count: number): string[] {
    let seed = 42;
    const next = (below: number): number => {
        seed = (seed * 1103515245 + 12345) % 2147483648;
        return seed % below;
    };
    return Array.from({ length: count }, () => Array.from({ length: 1 + next(9) }, () => words[next(words.length)]!).join(' '));
}
