/** Files that are chosen, or dropped onto the wall: pictures and fonts. */
import { isFont, type Fonts } from './fonts.ts';
import type { Making } from './making.ts';
import type { Parts } from './parts.ts';

export function takeFiles(wall: HTMLElement, { camera, overlay }: Parts, making: Making, fonts: Fonts): void {
    const chosen = document.getElementById('picture-file') as HTMLInputElement;
    chosen.addEventListener('change', () => {
        void making.files([...chosen.files ?? []], null);
        chosen.value = '';
    });
    // With Alt a picture is placed on a shape, not in it.
    const shapes = (event: DragEvent): SVGElement[] => (event.altKey ? [] : making.shapesAt(event));
    wall.addEventListener('dragover', (event) => {
        if (!event.dataTransfer?.types.includes('Files')) return;
        event.preventDefault();
        overlay.lights(shapes(event));
    });
    wall.addEventListener('dragleave', () => overlay.lights([]));
    wall.addEventListener('drop', (event) => {
        if (!event.dataTransfer?.files.length) return;
        event.preventDefault();
        overlay.lights([]);
        const files = [...event.dataTransfer.files];
        const typefaces = files.filter(isFont);
        if (typefaces.length > 0) void fonts.take(typefaces);
        if (typefaces.length < files.length) void making.files(files.filter((one) => !isFont(one)), camera.toWall(event), shapes(event));
    });
}
