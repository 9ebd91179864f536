/** What follows an answer of the server: all that shows the document shows it as it is now. */
import { toast } from '../dialogs.ts';
import { redrawn, refilled } from './anew.ts';
import type { Answer } from './messages.ts';
import type { Panels } from './panels.ts';
import type { Parts } from './parts.ts';
import type { Reel } from './reel.ts';
import { isHeard, Problem } from './server.ts';
import type { Stills } from './stills.ts';
import { showEmpty, showFinish } from './surroundings.ts';
import type { Tools } from './tools.ts';

export interface Following {
    panels: Panels;
    reel: Reel;
    stills: Stills;
    tools: Tools;
    /** Tells rehearsals in other windows of this browser. */
    edited: BroadcastChannel;
}

export function follow(answer: Answer, on: Parts, { panels, reel, stills, tools, edited }: Following): void {
    const { picture, selection, facets, overlay } = on;
    const { checks, fonts, house, kit, needs, notes, sheet } = panels;
    checks.settle();
    const { reel: arranged, screens, redraw } = picture.patch(answer.patches);
    for (const id of redraw) screens.add(id);
    for (const { project: changed } of answer.patches) if (changed) showFinish(changed.finish);
    selection.prune();
    reel.mark();
    stills.changed(screens, answer.sequence);
    void redrawn(on, [...redraw]);
    if (answer.patches.some((patch) => (patch.project && patch.redraw) || patch.library)) void kit.again();
    if (answer.patches.some((patch) => patch.fonts)) void fonts.changed(answer.sequence);
    void house.again();
    if (answer.patches.some((patch) => patch.samples)) void refilled(on, picture.withPlaceholders().filter((id) => !redraw.has(id)));
    overlay.show();
    facets.again();
    // Whether a requirement is covered may hang on anything.
    if (arranged || document.querySelector('#reel [data-coverage]') || answer.patches.some((patch) => patch.brief)) reel.again();
    else {
        for (const screen of screens) reel.thumbnail(screen, answer.sequence);
        reel.outlined();
    }
    sheet.follow(answer.patches);
    void needs.load();
    notes.draw();
    needs.draw();
    checks.draw();
    checks.again();
    showEmpty(picture);
    tools.hint();
    document.dispatchEvent(new Event('kindred:edited'));
    edited.postMessage(answer.sequence);
}

/** Says what did not work: at the field that it is about, where there is one. */
export function explain(problem: unknown, { facets, overlay }: Pick<Parts, 'facets' | 'overlay'>): void {
    const said = problem instanceof Problem ? problem : new Problem('That did not work; nothing was changed.', 0, '');
    if (!isHeard(said) && !facets.explain(said)) toast(said.message, said.isWrong);
    overlay.show();
}
