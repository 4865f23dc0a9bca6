/** An edge of a block under a finger, a pen or the arrow keys: by how many minutes it is moved, in steps of five. */
import { along, runsLeft } from '../lib/way';

export type Side = 'from' | 'until';

const STEP = 5;
const KEYS: Record<string, number> = { ArrowRight: STEP, ArrowDown: STEP, ArrowLeft: -STEP, ArrowUp: -STEP };

export class Pull {
    #pulled = $state<{ side: Side; by: number } | null>(null);

    constructor(
        /** How many minutes the whole scale is long. */
        private readonly length: () => number,
        private readonly done: (side: Side, minutes: number) => void,
    ) {}

    /** By how many minutes an edge stands elsewhere while it is pulled. */
    by(side: Side): number {
        return this.#pulled?.side === side ? this.#pulled.by : 0;
    }

    begin(event: PointerEvent, side: Side): void {
        const edge = event.currentTarget as HTMLElement;
        const upright = getComputedStyle(edge).cursor === 'ns-resize';
        const at = (one: PointerEvent) => (upright ? one.clientY : runsLeft() ? -one.clientX : one.clientX);
        const box = edge.parentElement!.getBoundingClientRect();
        const start = at(event);
        edge.setPointerCapture(event.pointerId);
        this.#pulled = { side, by: 0 };
        edge.onpointermove = (move) => {
            const share = (at(move) - start) / (upright ? box.height : box.width);
            if (this.#pulled) this.#pulled.by = Math.round((share * this.length()) / STEP) * STEP;
        };
        edge.onpointerup = edge.onpointercancel = () => {
            edge.onpointermove = edge.onpointerup = edge.onpointercancel = null;
            const by = this.by(side);
            this.#pulled = null;
            if (by !== 0) this.done(side, by);
        };
    }

    nudge(event: KeyboardEvent, side: Side): void {
        const by = KEYS[along(event.key)];
        if (!by) return;
        event.preventDefault();
        this.done(side, by);
    }
}
