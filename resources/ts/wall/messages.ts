/** What the browser and the server say to each other about edits. */
import type { Point } from './geometry.ts';

export interface Patch {
    layer?: string;
    screen?: string | null;
    /** The screen that a layer lies on, or lay on before it was removed. */
    at?: string | null;
    parent?: string | null;
    above?: string | null;
    removed?: boolean;
    added?: boolean;
    shell?: boolean;
    svg?: string;
    cells?: CellsPatch;
    name?: string;
    /** Whether it is the sheet of a component. */
    component?: boolean;
    box?: [number, number, number, number];
    view?: number;
    ground?: string;
    cues?: string;
    said?: string;
    /** How it lies over others: the place, px right, px down. */
    over?: string;
    grid?: string;
    guides?: string;
    /** The frame of its device, drawn from the screen's corner, and its radius, place and size. */
    frame?: string;
    framing?: [number, number, number, number, number];
    /** A library from which something was taken. */
    library?: string;
    /** An entry of the brief that changed. */
    brief?: string;
    project?: { name: string; entry: string | null; finish: string; framed: boolean };
    /** The fonts of the project are others now. */
    fonts?: boolean;
    /** What fills the placeholders in words may be something else now. */
    samples?: boolean;
    /** The screen, or every screen of the project, is drawn otherwise: its picture is asked for. */
    redraw?: boolean;
    reload?: boolean;
}

/** What changed in the cells of an array, by row: those drawn anew, where others went, how layers of all are painted now. */
export interface CellsPatch {
    order?: string[];
    drawn: Record<string, string>;
    /** Where the cells lie now, one after another: the left edges of the columns and the tops of the rows, in px. */
    places?: { x: number[]; y: number[] };
    /** Attributes to set or to take away, by layer; an element is named by its place in what the layer itself draws. */
    paint: Record<string, [number, string, string | null][]>;
}

export interface Answer { base: number; sequence: number; label: string; patches: Patch[]; added: string[]; made: number | null }

export type Command = { type: string } & Record<string, unknown>;

export interface GradientStop { colour: string; at: number; hint?: number }

/** The line of a gradient, px of its layer: what `places` are at its ends. */
export interface GradientLine { paint: string; kind: 'linear' | 'radial' | 'conic'; from: Point; to: Point; across: Point | null; places: [number, number]; stops: GradientStop[] }

/** Of the corners of a box, px. */
export interface Radii { topLeft: number; topRight: number; bottomRight: number; bottomLeft: number }
