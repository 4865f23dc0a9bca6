/** A press waits here while somebody shows once more who they are; see controls/Prove.svelte. */
class Proving {
    wanted = $state<{ secondFactor: boolean } | null>(null);
    #settle: ((shown: boolean) => void) | null = null;

    ask(secondFactor: boolean): Promise<boolean> {
        this.#settle?.(false);
        this.wanted = { secondFactor };
        return new Promise((settle) => (this.#settle = settle));
    }
    settle(shown: boolean): void {
        this.wanted = null;
        this.#settle?.(shown);
        this.#settle = null;
    }
}
export const proving = new Proving();
