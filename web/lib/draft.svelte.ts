import { say } from '../lib/say';
import { getContext, setContext } from 'svelte';
import { api, ask, type Schema, type Trouble } from './api';

export type Form = Schema['SheetForm'];
export type Block = Schema['BlockForm'];

/** The months to come, as the server lays them out. */
export type Year = Schema['YearMonth'][];

/** What somebody typed here earlier and did not save, as the server kept it. */
export type Kept = Schema['KeptDraft'];

const WORKSHEET = Symbol('worksheet');

/** The worksheet that a blank stands on; null where it stands on none. */
export const worksheet = (): Draft | null => getContext<Draft | null>(WORKSHEET) ?? null;
export const provideWorksheet = (draft: Draft): Draft => setContext(WORKSHEET, draft);

/** A worksheet while it is written: what is typed, what the server makes of it and keeps, and what is wrong with it. */
export class Draft {
    form = $state() as Form;
    drawing = $state<Schema['Drawing'] | null>(null);
    /** Of the last attempt to save; what the server says while drawing comes on top. */
    refused = $state<Record<string, string>>({});
    line = $state('');
    lineError = $state<Schema['LineError'] | null>(null);
    asks = $state<Schema['LineAsks'] | null>(null);
    notes = $state<Schema['LineNote'][]>([]);
    from = $state<string | null>(null);
    touched = $state(false);
    /** Whether all that is on screen has been drawn, and kept. */
    settled = $state(false);
    /** Why the last drawing did not come; empty when it did. */
    lost = $state('');

    /** What the sheet says, or what a new one begins with. */
    readonly saved: Form;

    #timer: ReturnType<typeof setTimeout> | undefined;
    #turn = 0;
    #byLine = false;
    /** Whether the line was typed and not read yet. */
    #lineWaits = false;
    get #key(): string {
        return `worksheet|${this.writer}|${this.sheet ?? ''}`;
    }

    /** Whether anything was typed since the page was opened or saved: only then is there something to keep. */
    #typed = false;

    constructor(
        form: Form,
        readonly sheet: number | null,
        private readonly writer: string,
        /** The day that a week begins with where the school is, Monday 1. */
        readonly weekStarts: number,
    ) {
        // A block on dates begins with one blank.
        for (const block of form.blocks) if (block.kind === 'dates' && block.dates.length === 0) block.dates = [''];
        this.form = form;
        this.saved = structuredClone($state.snapshot(form) as Form);
    }

    get errors(): Record<string, string> {
        return { ...(this.touched ? (this.drawing?.errors ?? {}) : this.#worthSaying), ...this.refused };
    }

    /** Of what was drawn last, the faults of blanks that had been filled in by then. */
    #worthSaying = $state<Record<string, string>>({});

    /** The value of a field by its name, as in "blocks.0.minutes". */
    at(name: string): unknown {
        let value: unknown = this.form;
        for (const part of name.split('.')) value = (value as Record<string, unknown> | undefined)?.[part];
        return value;
    }

    put(name: string, value: unknown): void {
        const parts = name.split('.');
        const last = parts.pop()!;
        let target: unknown = this.form;
        for (const part of parts) target = (target as Record<string, unknown>)[part];
        (target as Record<string, unknown>)[last] = value;
    }

    /** A blank that nobody has filled in yet is not wrong yet. */
    #filled(name: string): boolean {
        const value = this.at(name);
        if (Array.isArray(value)) return value.some((one) => one !== '');
        return value !== '' && value !== null && value !== undefined;
    }

    /** Draws again shortly after something was typed in a blank. */
    changed(): void {
        this.refused = {};
        this.#soon(false);
    }

    /** The quick line was typed: the blanks follow it. */
    typedLine(): void {
        this.#soon(true);
    }

    /** Reads the line as if it had been typed so: the other reading of a note, or an answer to what was asked. */
    say(line: string): void {
        this.line = line;
        this.#soon(true, 0);
    }

    #soon(byLine: boolean, after = 200): void {
        this.#typed = true;
        this.settled = false;
        // A line that nobody has read yet is read, whatever blank was filled in meanwhile.
        this.#lineWaits ||= byLine;
        this.#byLine = this.#lineWaits;
        // What is still on its way is an answer to what was there before this key.
        this.#turn++;
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => void this.draw(), after);
    }

    /** Draws what is on screen now, and has it kept; true once the drawing is of that and of nothing older. */
    async draw(): Promise<boolean> {
        clearTimeout(this.#timer);
        const turn = ++this.#turn;
        const byLine = this.#byLine;
        const answer = await ask(api.POST('/api/staff/worksheet', { body: this.#asked(byLine) }));
        // An answer to what has been typed over since is of no use.
        if (turn !== this.#turn) return false;
        this.lost = answer.trouble?.message ?? '';
        if (!answer.data) {
            // Tried again by itself: whatever was typed last is what gets kept.
            this.#timer = setTimeout(() => void this.draw(), 5000);
            return false;
        }
        this.#take(answer.data, byLine);
        this.settled = true;
        return true;
    }

    #asked(byLine: boolean): Schema['WorksheetForm'] {
        return {
            form: $state.snapshot(this.form) as Form,
            sheet: this.sheet,
            line: byLine ? this.line : '',
            typed: byLine,
            keep: this.#typed,
            from: this.from,
        };
    }

    /**
     * The page is left before the last keys were kept: the server gets them, and so does the page that comes next in
     * this tab, which may be quicker. Signing out clears that.
     */
    leave(): void {
        if (!this.#typed || this.settled) return;
        const { form, line } = this.#asked(this.#byLine);
        sessionStorage.setItem(this.#key, JSON.stringify({ form, line, at: '' }));
        void api.POST('/api/staff/worksheet', { body: this.#asked(this.#byLine), keepalive: true });
    }

    /** What this tab left a moment ago, once. */
    left(): Kept | null {
        const kept = sessionStorage.getItem(this.#key);
        sessionStorage.removeItem(this.#key);
        return kept === null ? null : (JSON.parse(kept) as Kept);
    }

    #take(drawing: Schema['Drawing'], byLine: boolean): void {
        this.drawing = drawing;
        this.#worthSaying = Object.fromEntries(Object.entries(drawing.errors).filter(([name]) => this.#filled(name)));
        if (byLine) {
            this.#lineWaits = false;
            this.lineError = drawing.line_error;
            this.asks = drawing.line_asks;
            this.notes = drawing.notes;
            if (!drawing.line_error && !drawing.line_asks && this.line.trim() && drawing.blocks.length > 0)
                this.form.blocks = drawing.blocks.map((block) => block.record);
        } else {
            this.lineError = this.asks = null;
            this.notes = [];
            this.line = drawing.line;
        }
    }

    /** Whether the line as it stands says nothing that could be drawn. */
    get unread(): boolean {
        return this.lineError !== null || this.asks !== null;
    }

    /** What was taken out last, and how the form was before. */
    undo = $state<{ said: string; form: Form } | null>(null);

    /** Takes something out; it can be had back for a while. */
    take(said: string, act: () => void): void {
        const form = $state.snapshot(this.form) as Form;
        act();
        this.undo = { said, form };
        this.changed();
    }

    /** Puts back what was taken out last. */
    putBack(): void {
        if (this.undo) this.form = this.undo.form;
        this.undo = null;
        this.changed();
    }

    /** Puts the mend of something that looked wrong into the form. */
    mend(form: Record<string, unknown>): void {
        Object.assign(this.form, form);
        this.changed();
    }

    async occurrence(edit: Omit<Schema['OccurrenceEdit'], 'blocks'>): Promise<Trouble | null> {
        const answer = await ask(
            api.POST('/api/staff/worksheet/occurrence', {
                body: { ...edit, blocks: $state.snapshot(this.form.blocks) as Block[] },
            }),
        );
        if (!answer.data) return answer.trouble;
        const { blocks } = answer.data;
        if (edit.do === 'edge') {
            this.form.blocks = blocks;
            this.changed();
        } else this.take(say('writing.the_times_are_changed'), () => (this.form.blocks = blocks));
        return null;
    }

    /** Goes on with what was typed earlier, the line as it was left. */
    takeUp(kept: Kept): void {
        this.form = kept.form;
        this.line = kept.line;
        this.#typed = true;
        this.#byLine = kept.line !== '';
        void this.draw();
    }

    /** Back to what the sheet says; what was typed is thrown away on the server too. */
    async startOver(): Promise<void> {
        clearTimeout(this.#timer);
        this.#turn++;
        this.#typed = false;
        this.#byLine = this.#lineWaits = false;
        this.form = structuredClone(this.saved);
        this.line = '';
        this.refused = {};
        await ask(api.DELETE('/api/staff/worksheet', { body: { sheet: this.sheet } }));
        await this.draw();
    }

    /** Before signing out: all that was typed is kept on the server, and nothing in this browser. */
    async flush(): Promise<void> {
        if (this.#typed && !this.settled) await this.draw();
        this.done();
    }

    /** After saving nothing is left to keep. */
    done(): void {
        clearTimeout(this.#timer);
        this.#turn++;
        this.#typed = false;
    }
}
