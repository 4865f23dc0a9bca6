import type { Schema } from './api';

/** For how many seconds the last change can still be taken back. */
export class Undoing {
    left = $state(0);
    #ends = 0;
    #clock: ReturnType<typeof setInterval> | undefined;

    see(change: Schema['Pass']['undo']): void {
        clearInterval(this.#clock);
        this.left = change?.seconds ?? 0;
        if (this.left === 0) return;
        this.#ends = Date.now() + this.left * 1000;
        this.#clock = setInterval(() => {
            this.left = Math.max(0, Math.ceil((this.#ends - Date.now()) / 1000));
            if (this.left === 0) clearInterval(this.#clock);
        }, 500);
    }
}
