/** Takes of a screen side by side, in a dialog: kept, carried from, judged, deleted. */
import { ask, toast } from '../dialogs.ts';
import type { Answer, Command } from './messages.ts';
import { fresh, type Server } from './server.ts';

export class Takes {
    private screen = '';
    /** The takes that are shown; none for those that are shown of themselves. */
    private shown: string[] = [];

    constructor(private readonly dialog: HTMLDialogElement, private readonly url: string, private readonly server: Server) {
        dialog.addEventListener('click', (event) => this.pressed(event.target as Element));
        dialog.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement));
        dialog.addEventListener('submit', (event) => {
            event.preventDefault();
            this.addCriterion((event.target as HTMLFormElement).querySelector('input')!.value.trim());
        });
        dialog.addEventListener('keydown', (event) => {
            const piece = (event.target as Element).closest<SVGElement>('[data-piece]');
            if (!piece || (event.key !== 'Enter' && event.key !== ' ')) return;
            event.preventDefault();
            this.pick(piece);
        });
        for (const [name, on] of [['pointerover', true], ['pointerout', false], ['focusin', true], ['focusout', false]] as const) {
            dialog.addEventListener(name, (event) => this.point((event.target as Element).closest?.<HTMLElement>('.remarks li') ?? null, on));
        }
    }

    async open(screen: string): Promise<void> {
        if (screen === '') return;
        if (screen !== this.screen) this.shown = [];
        this.screen = screen;
        await this.load();
    }

    /** Keeps the screen as it is, and goes on with the next take of it. */
    make(screen: string, reason = ''): void {
        if (screen === '') return;
        void this.server.edit({ type: 'make-take', screen, seed: fresh(), reason }).then((answer) => {
            if (!answer) return;
            this.dialog.close();
            toast('What was there is kept as a take. What you change now is the next.');
        });
    }

    private async load(): Promise<void> {
        const wanted = ask(this.dialog);
        await this.server.rest();
        const answer = await fetch(`${this.url.replace('SCREEN', this.screen)}?with=${this.shown.join(',')}`, { headers: { Accept: 'text/html' } });
        if (!answer.ok) return toast('The takes could not be shown; try it again in a moment.', true);
        const text = await answer.text();
        if (!wanted()) return;
        const { scrollTop } = this.dialog;
        this.dialog.innerHTML = text;
        if (!this.dialog.open) this.dialog.showModal();
        this.dialog.scrollTop = scrollTop;
        this.fit();
        this.mark();
    }

    private edit(command: Command): Promise<Answer | null> {
        return this.server.edit(command).then(async (answer) => {
            if (this.dialog.open) await this.load();
            return answer;
        });
    }

    /** All pictures at one scale, so that they can be compared. */
    private fit(): void {
        const pictures = [...this.dialog.querySelectorAll<SVGSVGElement>('.take-picture > svg')];
        const size = (svg: SVGSVGElement): [number, number] => [Number(svg.dataset['width']), Number(svg.dataset['height'])];
        const room = (this.dialog.querySelector('.takes')?.clientWidth ?? 0) / Math.max(1, pictures.length) - 32;
        const scale = Math.min(1, ...pictures.map((svg) => Math.min(room / size(svg)[0], 420 / size(svg)[1])));
        for (const svg of pictures) {
            svg.setAttribute('width', String(size(svg)[0] * scale));
            svg.setAttribute('height', String(size(svg)[1] * scale));
        }
    }

    /** The number of each difference, on both pictures that it is about. */
    private mark(): void {
        const sections = [...this.dialog.querySelectorAll<HTMLElement>('.take')];
        const write = (section: HTMLElement | undefined, ids: string, number: number): void => {
            for (const id of ids.split(' ').filter(Boolean)) {
                const piece = section?.querySelector<SVGRectElement>(`[data-piece="${id}"]`);
                if (!piece) continue;
                piece.classList.add('differs');
                if (section === sections[0]) continue;
                const text = document.createElementNS('http://www.w3.org/2000/svg', 'text');
                text.setAttribute('class', 'difference');
                const scale = Number(piece.ownerSVGElement!.dataset['width']) / piece.ownerSVGElement!.clientWidth;
                // Beside the piece, or in it where there is no room.
                const beside = piece.x.baseVal.value > 10 * scale;
                text.setAttribute('x', String(piece.x.baseVal.value + (beside ? -3 : 3) * scale));
                text.setAttribute('text-anchor', beside ? 'end' : 'start');
                text.setAttribute('y', String(piece.y.baseVal.value + 12 * scale));
                text.setAttribute('font-size', String(12 * scale));
                text.setAttribute('stroke-width', String(3 * scale));
                text.textContent = String(number);
                piece.ownerSVGElement!.append(text);
            }
        };
        for (const section of sections) {
            section.querySelectorAll<HTMLElement>('.remarks li').forEach((remark, i) => {
                write(sections[0], remark.dataset['from'] ?? '', i + 1);
                write(section, remark.dataset['to'] ?? '', i + 1);
            });
        }
    }

    /** Lights up what a difference is about. */
    private point(remark: HTMLElement | null, on: boolean): void {
        if (!remark) return;
        const sections = [this.dialog.querySelector<HTMLElement>('.take'), remark.closest<HTMLElement>('.take')];
        [remark.dataset['from'], remark.dataset['to']].forEach((ids, i) => {
            for (const id of (ids ?? '').split(' ').filter(Boolean)) sections[i]?.querySelector(`[data-piece="${id}"]`)?.classList.toggle('lit', on);
        });
    }

    private pressed(target: Element): void {
        const button = target.closest<HTMLElement>('[data-take-do]');
        const piece = target.closest<SVGElement>('[data-piece]');
        const to = target.closest<HTMLElement>('[data-carry-to]')?.dataset['carryTo'];
        const take = target.closest<HTMLElement>('[data-take]')?.dataset['take'] ?? '';
        if (piece) return this.pick(piece);
        if (to) return this.carry(to);
        switch (button?.dataset['takeDo']) {
            case 'make': return this.make(this.screen, button.dataset['reason'] ?? '');
            case 'keep': return void this.edit({ type: 'switch-take', screen: this.screen, take });
            case 'delete': return void this.edit({ type: 'delete-take', screen: this.screen, take });
            case 'drop-criterion': return void this.edit({ type: 'set-criteria', screen: this.screen, criteria: this.criteria().filter((one) => one !== button.closest<HTMLElement>('[data-criterion]')!.dataset['criterion']) });
            case 'unpick':
                this.unpick();
                return this.tell();
            default:
        }
    }

    private changed(input: HTMLInputElement): void {
        const take = input.closest<HTMLElement>('[data-take]')?.dataset['take'];
        if (input.dataset['with']) {
            this.shown = [...this.dialog.querySelectorAll<HTMLInputElement>('[data-with]')].filter((one) => one.checked).map((one) => one.dataset['with']!);
            if (this.shown.length < 2 || this.shown.length > 4) toast(this.shown.length < 2 ? 'Two takes at least are shown side by side.' : 'At most four takes are shown side by side.');
            return void this.load();
        }
        if (input.dataset['judge']) return void this.server.edit({ type: 'set-take', take: input.dataset['judge'], field: 'judgement', criterion: input.closest<HTMLElement>('[data-criterion]')!.dataset['criterion'], value: input.value });
        if (input.dataset['set'] === 'reason') return void this.server.edit({ type: 'set-take', take, field: 'reason', value: input.value });
        if (input.dataset['set']) void this.edit({ type: 'set-take', take, field: input.dataset['set'], value: input.value });
    }

    private criteria(): string[] {
        return [...this.dialog.querySelectorAll<HTMLElement>('[data-criterion]')].map((row) => row.dataset['criterion']!);
    }

    private addCriterion(name: string): void {
        if (name !== '') void this.edit({ type: 'set-criteria', screen: this.screen, criteria: [...this.criteria(), name] });
    }

    /** What lies outermost at a place is picked first; with each press on what is picked, the next deeper. */
    private pick(piece: SVGElement): void {
        const svg = piece.ownerSVGElement!;
        if (this.picked().some((one) => one.ownerSVGElement !== svg)) this.unpick();
        const under = this.chain(piece, svg);
        const at = under.findIndex((one) => one.classList.contains('picked'));
        if (at >= 0) under[at]!.classList.remove('picked');
        const next = under[at + 1];
        next?.classList.add('picked');
        for (const one of under) if (one.hasAttribute('aria-pressed')) one.setAttribute('aria-pressed', String(one.classList.contains('picked')));
        this.tell();
    }

    /** From the outermost piece that a piece lies in to the piece itself. Pieces stand in the order of their layers, each after what holds it. */
    private chain(piece: SVGElement, svg: SVGSVGElement): SVGElement[] {
        const all = [...svg.querySelectorAll<SVGElement>('[data-piece]')];
        const end = all.indexOf(piece);
        let start = end;
        while (start > 0 && all[start]!.dataset['outer'] !== 'true') start--;
        const inside = (outer: SVGElement): boolean => {
            const [a, b] = [outer.getBoundingClientRect(), piece.getBoundingClientRect()];
            return a.left <= b.left + 1 && a.top <= b.top + 1 && a.right >= b.right - 1 && a.bottom >= b.bottom - 1;
        };
        return all.slice(start, end + 1).filter((one) => one === piece || one === all[start] || inside(one));
    }

    private picked(): SVGElement[] {
        return [...this.dialog.querySelectorAll<SVGElement>('.picked')];
    }

    private unpick(): void {
        for (const one of this.picked()) {
            one.classList.remove('picked');
            if (one.hasAttribute('aria-pressed')) one.setAttribute('aria-pressed', 'false');
        }
    }

    private tell(): void {
        const picked = this.picked();
        const from = picked[0]?.closest<HTMLElement>('[data-take]')?.dataset['take'];
        const carry = this.dialog.querySelector<HTMLElement>('#take-carry');
        if (!carry) return;
        carry.hidden = picked.length === 0;
        carry.querySelector('[data-carry-what]')!.textContent = `Carry ${picked.length === 1 ? 'this piece' : `${picked.length} pieces`}`;
        for (const button of carry.querySelectorAll<HTMLElement>('[data-carry-to]')) button.hidden = button.dataset['carryTo'] === from;
    }

    private carry(to: string): void {
        const picked = this.picked();
        const from = picked[0]?.closest<HTMLElement>('[data-take]')?.dataset['take'];
        if (from) void this.edit({ type: 'carry-layers', from, to, layers: picked.map((one) => one.dataset['piece']!), seed: fresh() });
    }
}
