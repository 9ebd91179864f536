/** What choosing a hit of Find does: jumps to it, takes it in hand, or runs it. */
import type { Commands } from './commands.ts';
import type { Hit } from './find.ts';
import type { Looking } from './looking.ts';
import type { Making } from './making.ts';
import type { Panels } from './panels.ts';
import type { Tools } from './tools.ts';

export function goTo(hit: Hit, { looking, commands, panels, making, tools, brief }: { looking: Looking; commands: Commands; panels: Panels; making: Making; tools: Tools; brief: string }): void {
    const go: Record<Hit['kind'], () => void> = {
        layer: () => looking.goTo(hit.screen ?? '', hit.id),
        screen: () => looking.goTo(hit.id),
        command: () => void commands.run(hit.id),
        widget: () => void panels.kit.show(hit.id),
        icon: () => {
            Object.assign(making.icons, { inHand: hit.id, line: 2 });
            tools.take('icon');
        },
        requirement: () => location.assign(`${brief}?q=${encodeURIComponent(hit.title)}`),
        note: () => void panels.notes.go(hit.id),
    };
    go[hit.kind]();
}
