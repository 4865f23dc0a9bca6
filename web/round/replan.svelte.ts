import { type Answer, ask, type Schema } from '../lib/api';

/** A change of an evening: looked at before it is made, and looked at again where it could not be made. */
export class Replan<E> {
    effect = $state.raw<E | null>(null);
    fields = $state<Record<string, string>>({});
    message = $state('');
    working = $state(false);

    /**
     * @param seen asks what it would do
     * @param change makes it, for what was seen of it
     * @param done is told what came of it
     * @param shown is told what was seen
     */
    constructor(
        private readonly seen: () => Promise<Answer<E>>,
        private readonly change: (effect: E) => Promise<Answer<Schema['Replanned']>>,
        private readonly done: (what: Schema['Replanned']) => void,
        private readonly shown: (effect: E | null) => void = () => undefined,
    ) {}

    look = async (): Promise<void> => {
        const answer = await ask(this.seen());
        this.fields = answer.trouble?.fields ?? {};
        this.message = answer.trouble?.message ?? '';
        this.effect = answer.data ?? null;
        this.shown(this.effect);
    };

    apply = async (): Promise<void> => {
        if (this.effect === null) return;
        this.working = true;
        const answer = await ask(this.change(this.effect));
        this.working = false;
        if (answer.data) {
            this.effect = null;
            this.done(answer.data);
            return;
        }
        // What is true now is there to be looked at.
        await this.look();
        this.message = answer.trouble.message;
        this.fields = answer.trouble.fields;
    };
}
