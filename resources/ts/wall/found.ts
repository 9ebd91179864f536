/** What choosing a hit of Find does: jumps to it, takes it in hand, or runs it. */
import type { Commands } from './commands.ts';
import type { Hit } from './find.ts';
import type { Looking } from './looking.ts';
import type { Panels } from './panels.ts';

export interface Going {
    looking: Looking;
    commands: Commands;
    panels: Panels;
    /** Takes an icon in hand, to be placed. */
    hold: (icon: string) => void;
    /** Where the brief is. */
    brief: string;
}

export function goTo(hit: Hit, { looking, commands, panels, hold, brief }: Going): void {
    const go: Record<Hit['kind'], () => void> = {
        layer: () => looking.goTo(hit.screen ?? '', hit.id),
        screen: () => looking.goTo(hit.id),
        command: () => void commands.run(hit.id),
        widget: () => void panels.kit.show(hit.id),
        icon: () => hold(hit.id),
        requirement: () => location.assign(`${brief}?q=${encodeURIComponent(hit.title)}`),
        note: () => void panels.notes.go(hit.id),
    };
    go[hit.kind]();
}
