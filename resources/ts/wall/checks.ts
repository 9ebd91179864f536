/** What rules have found: in the facets, on the cards of the reel, and as flags on the wall; mended, looked at beforehand, or put aside. */
import { ask } from '../dialogs.ts';
import { refusal } from '../refused.ts';
import { Fragment } from './fragments.ts';
import type { Box } from './geometry.ts';
import type { Command } from './messages.ts';
import type { Parts } from './parts.ts';
import { Preview } from './preview.ts';
import { anew } from './server.ts';

interface Mark { screen: string; layer: string; says: string[] }

interface Told { counts: Record<string, number>; marks: Mark[]; left: number; open: number }

/** After an edit screens are looked at once the hand rests, ms. */
const REST = 350;

/** The same where nobody sees what is found: a hand that works on is not followed at every step, ms. */
const UNSEEN = 1500;

/** A wall that has just opened shows itself first, ms. */
const OPENED = 800;

/** So many screens are to be looked at before two do it at once. */
const MANY = 16;

/** So long a fix is pointed at before the wall shows it, ms. */
const POINTED = 120;

/** Commands that one edit may have. */
const TOGETHER = 50;

/** Below this scale the layers are too small to be told apart: each screen has one flag. */
const FAR = 0.3;

/** Flags that are drawn at once. */
const FLAGS = 300;

const found = (count: number): string => (count === 1 ? 'One thing was found on this screen' : `${count} things were found on this screen`);

export class Checks {
    private readonly fragment: Fragment;
    private readonly preview: Preview;
    private readonly aside = document.getElementById('check-aside') as HTMLDialogElement;
    private readonly rules = document.getElementById('check-rules') as HTMLDialogElement;
    private told: Told = { counts: {}, marks: [], left: 0, open: 0 };
    private timer = 0;
    private helping = false;
    private pointed = 0;
    private theme = '';
    private lens = false;
    /** What the list is about, and what was selected when it was asked for. */
    private subject = '';
    private screen = '';
    /** What the list shows. */
    private asked = '';
    /** What was selected by a press on a finding, and whether it is just being selected: the list stays as it is. */
    private gone = '';
    private going = false;
    /** Where on the window the finding was that is gone through. */
    private anchor: { id: string; top: number } | null = null;
    /** Which finding of the list was dealt with: the next one gets the focus. */
    private dealt = -1;
    /** The finding that is being put aside. */
    private putting: HTMLElement | null = null;

    constructor(private readonly on: Parts, private readonly flags: HTMLElement, private readonly goTo: (screen: string, layer?: string) => void) {
        this.preview = new Preview(on);
        on.camera.moved.add(() => this.draw());
        on.selection.changed.add(() => this.follow());
        on.facets.renewed.add(() => this.drawn());
        this.fragment = new Fragment(this.place, () => `${on.urls['checks']!}?${this.subject}${this.theme === '' ? '' : `&theme=${this.theme}`}`, () => on.server.sequence, () => this.shown(), document.getElementById('facets')!);
        const facets = document.getElementById('facets')!;
        facets.addEventListener('click', (event) => {
            const button = (event.target as Element).closest<HTMLElement>('[data-check]');
            if (button && button.tagName === 'BUTTON') this.pressed(button);
        });
        facets.addEventListener('change', (event) => {
            const field = event.target as HTMLSelectElement;
            if (field.dataset['check'] !== 'theme') return;
            event.stopPropagation();
            this.theme = field.value;
            void this.fragment.ask();
        });
        for (const kind of ['pointerover', 'focusin'] as const) facets.addEventListener(kind, (event) => this.point((event.target as Element).closest<HTMLElement>('[data-check=fix]')));
        for (const kind of ['pointerleave', 'focusout'] as const) facets.addEventListener(kind, () => this.point(null));
        document.getElementById('reel')!.addEventListener('click', (event) => {
            const badge = (event.target as Element).closest<HTMLElement>('[data-found]');
            if (badge) this.open(badge.dataset['found']!);
        });
        flags.addEventListener('click', (event) => {
            const flag = (event.target as Element).closest<HTMLElement>('[data-flag]');
            if (flag) this.open(flag.dataset['screen']!, flag.dataset['flag'] || undefined);
        });
        facets.addEventListener('toggle', (event) => {
            if ((event.target as Element).id === 'facet-checks' && this.isOpen && this.asked !== this.subject) this.later(0);
        }, true);
        this.aside.addEventListener('close', () => void this.putAside());
        this.rules.addEventListener('click', (event) => {
            const convention = (event.target as Element).closest<HTMLElement>('[data-convention]')?.dataset['convention'];
            if (convention) void this.on.server.edit(...JSON.parse(convention) as Command[]).then(() => this.showRules());
        });
        this.rules.addEventListener('change', (event) => void this.setRule(event.target as HTMLInputElement));
    }

    /** The wall is about to change: it shows itself again. */
    settle(): void {
        this.preview.end();
    }

    /** What is selected now is what the list is about. */
    follow(): void {
        const { screen, layers, screens } = this.on.selection;
        const subject = new URLSearchParams({ screen: screens.length > 1 ? '' : screens[0] ?? screen, layers: layers.join(','), screens: screens.join(',') }).toString();
        if (this.going) this.gone = subject;
        if (subject === this.gone || subject === this.subject) return;
        this.gone = '';
        this.subject = subject;
        this.screen = screens[0] ?? screen;
        // What stands there is about something else.
        this.place.ariaBusy = 'true';
        // A list that nobody sees is not asked for; what is said of it beside its name is known.
        if (this.isOpen) this.later(0);
        else if (this.asked === '') this.later(OPENED);
        else this.say();
    }

    /** After an edit, once the hand rests. */
    again(): void {
        this.later(this.isOpen || this.lens ? REST : UNSEEN);
    }

    /** The facets have been drawn anew. */
    drawn(): void {
        this.say();
        if (!this.anchor) return;
        const facets = document.getElementById('facets')!;
        const now = document.getElementById(this.anchor.id)?.getBoundingClientRect().top;
        if (now !== undefined) facets.scrollTop += now - this.anchor.top;
        this.anchor = null;
    }

    /** The cards of the reel have been drawn anew. */
    badges(): void {
        for (const badge of document.querySelectorAll<HTMLElement>('#reel [data-found]')) {
            const count = this.told.counts[badge.dataset['found']!] ?? 0;
            badge.hidden = count === 0;
            badge.textContent = String(count);
            badge.title = found(count);
            badge.setAttribute('aria-label', badge.title);
        }
    }

    /** Shows or hides the flags. */
    toggle(): boolean {
        this.lens = !this.lens;
        this.draw();
        return this.lens;
    }

    /** Flags where they belong now: after every step of the camera and every edit. */
    draw(): void {
        if (!this.lens) return this.flags.replaceChildren();
        const { picture, camera } = this.on;
        const view = camera.window();
        const flags: HTMLElement[] = [];
        const add = (bounds: Box, screen: string, layer: string, says: string[], count: number): void => {
            if (flags.length >= FLAGS || bounds.x > view.x + view.width || bounds.y > view.y + view.height || bounds.x + bounds.width < view.x || bounds.y + bounds.height < view.y) return;
            const { x, y } = camera.toView({ x: bounds.x + bounds.width, y: bounds.y });
            const flag = document.createElement('button');
            Object.assign(flag, { type: 'button', tabIndex: -1, title: says.join('\n'), textContent: count > 1 ? String(count) : '' });
            Object.assign(flag.dataset, { flag: layer, screen });
            flag.setAttribute('aria-label', says.join(' '));
            flag.style.transform = `translate(${Math.round(x)}px, ${Math.round(y)}px)`;
            flags.push(flag);
        };
        if (camera.scale < FAR) {
            for (const [screen, count] of Object.entries(this.told.counts)) {
                if (count > 0 && picture.screen(screen)) add(picture.screenBox(screen), screen, '', [found(count)], count);
            }
        } else {
            for (const { screen, layer, says } of this.told.marks) {
                const drawn = flags.length < FLAGS ? picture.layer(layer) : null;
                if (drawn) add(picture.bounds(drawn), screen, layer, says, says.length);
            }
        }
        this.flags.replaceChildren(...flags);
    }

    private get isOpen(): boolean {
        return this.place.closest('details')!.open;
    }

    private get place(): HTMLElement {
        return document.getElementById('checks')!;
    }

    private later(pause: number): void {
        clearTimeout(this.timer);
        this.timer = window.setTimeout(() => void this.fragment.ask(), pause);
    }

    private shown(): void {
        const told = this.place.querySelector<HTMLElement>('[data-checks]')?.dataset['checks'];
        if (!told) return;
        this.told = JSON.parse(told) as Told;
        this.asked = this.subject;
        this.place.ariaBusy = null;
        this.say();
        this.badges();
        this.draw();
        this.refocus();
        if (this.told.left === 0) return;
        this.later(0);
        this.help();
    }

    /** Of many screens a second worker looks at the last ones, while the first answers. */
    private help(): void {
        if (this.helping || this.told.left < MANY) return;
        this.helping = true;
        void fetch(`${this.on.urls['checks']!}/ahead${this.theme === '' ? '' : `?theme=${this.theme}`}`).catch(() => null).then(() => (this.helping = false));
    }

    /** Whoever deals with one finding after another by keys goes on with the next. */
    private refocus(): void {
        const at = this.dealt;
        this.dealt = -1;
        if (at < 0 || document.activeElement !== document.body) return;
        const left = [...this.place.querySelectorAll<HTMLElement>('.check-rule .says')];
        (left[Math.min(at, left.length - 1)] ?? this.place.querySelector<HTMLElement>('[data-check=rules]'))?.focus();
    }

    private say(): void {
        const gist = document.getElementById('checks-gist');
        if (!gist) return;
        const { left, counts } = this.told;
        const all = Object.values(counts).reduce((sum, count) => sum + count, 0);
        const open = this.asked === this.subject ? this.told.open : this.screen === '' ? all : counts[this.screen] ?? 0;
        gist.textContent = left > 0 && open === 0 ? 'looking…' : open === 0 ? 'nothing found' : `${open} found`;
        gist.classList.toggle('some', open > 0);
    }

    private pressed(button: HTMLElement): void {
        const finding = button.closest<HTMLElement>('.finding');
        this.dealt = finding && button.dataset['check'] !== 'go' ? [...this.place.querySelectorAll('.check-rule .finding')].indexOf(finding) : -1;
        switch (button.dataset['check']) {
            case 'go': return this.go(finding!);
            case 'fix': return void this.mend(finding!.closest<HTMLElement>('section') ?? finding!, [finding!]);
            case 'fix-all': {
                const section = button.closest<HTMLElement>('section')!;
                return void this.mend(section, [...section.querySelectorAll<HTMLElement>('[data-fix]')]);
            }
            case 'aside': return this.ask(finding!);
            case 'take-up': return void this.on.server.edit({ type: 'take-up', findings: [finding!.dataset['finding']] });
            case 'rules': return void this.showRules();
            case 'stress': return void document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'stress' }));
        }
    }

    /** The places of a finding, one after another; the list stays as it is. */
    private go(finding: HTMLElement): void {
        const places = JSON.parse(finding.dataset['places']!) as string[];
        const at = Number(finding.dataset['at'] ?? -1) + 1;
        finding.dataset['at'] = String(at);
        const screen = finding.dataset['screen']!;
        this.anchor = { id: finding.id, top: finding.getBoundingClientRect().top };
        this.going = true;
        this.goTo(screen, places[at % Math.max(1, places.length)]);
        this.going = false;
    }

    /** What the fixes of some findings do, as one step; of very many as several. */
    private async mend(around: HTMLElement, findings: HTMLElement[]): Promise<void> {
        this.point(null);
        this.preview.end();
        const commands = findings.flatMap((finding) => anew(finding.dataset['fix'] ?? '[]'));
        around.ariaBusy = 'true';
        for (let i = 0; i < commands.length; i += TOGETHER) await this.on.server.edit(...commands.slice(i, i + TOGETHER));
        around.ariaBusy = null;
        this.later(0);
    }

    private point(button: HTMLElement | null): void {
        clearTimeout(this.pointed);
        const fix = button?.closest<HTMLElement>('[data-fix]')?.dataset['fix'];
        const screen = button?.closest<HTMLElement>('[data-fix]')?.dataset['screen'];
        if (!fix || !screen) return this.preview.end();
        this.pointed = window.setTimeout(() => void this.preview.show(JSON.parse(fix) as Command[], screen), POINTED);
    }

    private ask(finding: HTMLElement): void {
        this.putting = finding;
        this.aside.returnValue = '';
        this.aside.querySelector('.said')!.textContent = finding.querySelector('.says')!.textContent;
        const reason = this.aside.querySelector('input')!;
        reason.value = '';
        this.aside.showModal();
        reason.focus();
    }

    private async putAside(): Promise<void> {
        const finding = this.putting;
        this.putting = null;
        const reason = this.aside.querySelector('input')!.value.trim();
        if (!finding || this.aside.returnValue !== 'aside' || reason === '') return;
        const rule = finding.closest<HTMLElement>('[data-rule]')!.dataset['rule'];
        await this.on.server.edit({ type: 'put-aside', findings: [{ rule, about: finding.dataset['about'] }], reason });
    }

    private async showRules(): Promise<void> {
        const wanted = ask(this.rules);
        const answer = await fetch(this.on.urls['check-rules']!, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (!answer?.ok) return this.on.problem(new Error('The rules could not be asked for.'));
        const text = await answer.text();
        if (!wanted()) return;
        this.rules.querySelector('.body')!.innerHTML = text;
        this.rules.querySelector<HTMLElement>('.field-problem')!.hidden = true;
        if (!this.rules.open) this.rules.showModal();
    }

    private async setRule(field: HTMLInputElement): Promise<void> {
        const row = field.closest<HTMLElement>('[data-rule]');
        if (!row) return;
        const limit = row.querySelector<HTMLInputElement>('[data-rule-part=limit]')?.value.trim().replace(',', '.') ?? '';
        const note = this.rules.querySelector<HTMLElement>('.field-problem')!;
        const problem = await refusal(() => this.on.server.edit({ type: 'set-rule', rule: row.dataset['rule'], on: row.querySelector<HTMLInputElement>('[data-rule-part=on]')!.checked, limit: limit === '' ? null : Number.isFinite(Number(limit)) ? Number(limit) : limit }));
        note.hidden = problem === null;
        note.textContent = problem;
        field.toggleAttribute('aria-invalid', problem !== null);
    }

    /** The list of a screen, or of a layer, opened in the facets. */
    private open(screen: string, layer?: string): void {
        this.gone = '';
        this.goTo(screen, layer);
        this.on.facets.reveal('checks');
    }
}

