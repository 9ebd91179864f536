/** How far a press moves before it is a drag and no longer a click, px of the window. */
export const SLACK = 3;

interface At { clientX: number; clientY: number }

/** Whether a hand that pressed there and is here by now means to drag. */
export function isDrag(from: At, to: At): boolean {
    return Math.hypot(to.clientX - from.clientX, to.clientY - from.clientY) >= SLACK;
}
