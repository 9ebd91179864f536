/** The table of a rehearsal programme, as docs/format.md documents it. */

export type Value = boolean | number | string | number[] | null;
export interface Pattern { as: string; whole?: number; minFraction?: number; maxFraction?: number; group?: boolean; before?: string; after?: string; parts?: { field?: string; text?: string }[] }
export interface Step { do: string; number?: number; signal?: string; part?: string }
export type Piece = string | { steps: Step[]; pattern: Pattern | null };
export interface Rule { kind: string; says: string; pattern?: string; min?: number; max?: number; to?: string }
export interface SignalRow { kind: string; start: Value; month: number | null; min: number; max: number; step: number; labels: string[]; parts: Record<string, string[]> }
export interface WidgetRow { signal: string; rules: Rule[] }

export interface Track { subject: 'arriving' | 'leaving'; property: string; times: number[]; values: number[] }
export interface Plan { duration: number; delay: number; easing: string; above: 'arriving' | 'leaving'; tracks: Track[]; match?: string; backward?: boolean }
/** Middle x and y, turn, scale across and down, width and height of the box. */
export type Pose = [number, number, number, number, number, number, number];
export interface Taken { at: string; whole: boolean; poses: [Pose, Pose]; opacity: [number, number] }
export interface Flight { ground: string[]; late: number; parts: { delay: number; of?: [string, string]; markup?: string; poses?: [Pose, Pose]; changes?: { part: number; attribute: string; values: (string | null)[] }[]; leaving?: Taken; arriving?: Taken }[] }
export interface Test { kind: string; not?: boolean; signal?: string; part?: string; compare?: string; value?: string | number; to?: string; axis?: string; state?: string; instance?: string }
export interface Deed { kind: string; screen?: string; to?: string; first?: boolean; axis?: string; state?: string | null; instance?: string; signal?: string; value?: Value; by?: number; steps?: Step[]; layer?: string; address?: string; plan?: Plan | null; inverse?: Plan | null }
export interface Trigger { kind: string; delay?: number; press?: number; direction?: string; distance?: number; key?: string; phrase?: string; reaches?: Test }
export interface CueRow { id: string; trigger: Trigger; conditions: Test[][]; actions: Deed[]; otherwise: Deed[]; turns?: string[] }
export interface Over { place: string; x: number; y: number; across: string; down: string; margin: number; scrim: string; blur: number; outside: boolean; dragged: boolean; away: string; reach: number; plan: Plan; inverse: Plan }
export interface State { id: string; name: string; width: number; height: number; view: number; corner: number; pointing: string; cues: Record<string, number[]>; waits: number[]; widgets: string[]; over: Over }
/** px right, down, wider, higher. */
export type Shift = [number, number, number, number];
export interface Table { programme: number; entry: string | null; states: State[]; cues: CueRow[]; signals: Record<string, SignalRow>; widgets: Record<string, WidgetRow>; words: Record<string, Piece[]>; axes: Record<string, string[]>; turns: Record<string, Record<string, string>>; shifts: Record<string, Record<string, Record<string, Shift>>>; pressing: Record<string, number>; matches: Record<string, Record<string, Flight>>; becomes: { flights: Flight[]; of: Record<string, Record<string, number>>; widgets: Record<string, [number, number, number][]>; plan: Plan | null }; patterns: { number: string; day: Pattern; month: Pattern } }
