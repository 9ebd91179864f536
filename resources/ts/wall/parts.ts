/** What most parts of the wall are built on. */
import type { Camera } from './camera.ts';
import type { Facets } from './facets.ts';
import type { Gestures } from './gestures.ts';
import type { Overlay } from './overlay.ts';
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';
import type { Server } from './server.ts';

export interface Parts {
    urls: Record<string, string>;
    camera: Camera;
    picture: Picture;
    selection: Selection;
    overlay: Overlay;
    server: Server;
    facets: Facets;
    gestures: Gestures;
    /** Says what did not work. */
    problem: (problem: unknown) => void;
}

/** The layers that are selected, as commands name them. */
export const chosen = ({ selection }: Parts): { screen: string | null; layers: string[] } => ({ screen: selection.screen || null, layers: selection.layers });
