export interface Wanted {
    /** Whether they have a second factor, and whether it alone is enough here. */
    secondFactor: boolean;
    factorOnly: boolean;
    /** Whether their telephone shows codes, and whether a passkey can be shown here. */
    telephone: boolean;
    passkey: boolean;
}

/** A press waits here while somebody shows once more who they are; see controls/Prove.svelte. */
class Proving {
    wanted = $state<Wanted | null>(null);
    #settle: ((shown: boolean) => void) | null = null;

    ask(wanted: Wanted): Promise<boolean> {
        this.#settle?.(false);
        this.wanted = wanted;
        return new Promise((settle) => (this.#settle = settle));
    }
    settle(shown: boolean): void {
        this.wanted = null;
        this.#settle?.(shown);
        this.#settle = null;
    }
}
export const proving = new Proving();
