/** The first minute: tells a beginner what to do next, one line at a time. */
import type { Picture } from './picture.ts';

/** From this many layers on, a project is past its beginning. */
const BEGUN = 60;
const PLAYED = 'kindred.rehearsed';

export function nextStep(picture: Picture): string {
    const screens = picture.screens();
    const layers = picture.stage.querySelectorAll('.screen [data-layer]').length;
    if (screens.length === 0 || layers > BEGUN || screens.some((screen) => picture.isAbsent(screen.dataset['screen']!))) return '';
    if (layers === 0) return 'Draw a shape (S), write text (T), or take a widget from the kit (K).';
    if (screens.length === 1) return 'Shift A hangs a copy of the screen beside it, to be changed.';
    if (picture.withCues().length === 0) return 'Drag the knot beside a layer to the screen that it leads to.';
    return localStorage.getItem(PLAYED) === null ? 'R rehearses from here.' : '';
}

/** From then on nobody needs to be told. */
export function rehearsed(): void {
    localStorage.setItem(PLAYED, 'yes');
}
