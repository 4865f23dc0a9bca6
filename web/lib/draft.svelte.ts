import { api, ask, type Schema, type Trouble } from './api';

export type Form = Schema['SheetForm'];
export type Block = Schema['BlockForm'];

/** The months to come, as the server lays them out. */
export type Year = {
    name: string;
    days: { date: string; number: number; weekday: number; said: string; closed: string | null; past: boolean }[];
}[];

/** A worksheet while it is written: what is typed, what the server makes of it, and what is wrong with it. */
export class Draft {
    form = $state() as Form;
    drawing = $state<Schema['Drawing'] | null>(null);
    /** Of the last attempt to save; what the server says while drawing comes on top. */
    refused = $state<Record<string, string>>({});
    line = $state('');
    lineError = $state<Schema['LineError'] | null>(null);
    notes = $state<string[]>([]);
    from = $state<string | null>(null);
    touched = $state(false);

    #timer: ReturnType<typeof setTimeout> | undefined;
    #turn = 0;

    constructor(
        form: Form,
        readonly sheet: number | null,
    ) {
        this.form = form;
        const kept = this.kept();
        if (kept) this.recovered = kept;
    }

    /** What was typed here earlier and not saved, when there is some. */
    recovered = $state<Form | null>(null);

    get errors(): Record<string, string> {
        return { ...(this.touched ? (this.drawing?.errors ?? {}) : this.#worthSaying), ...this.refused };
    }

    /** Of what was drawn last, the faults of blanks that had been filled in by then. */
    #worthSaying = $state<Record<string, string>>({});

    /** A blank that nobody has filled in yet is not wrong yet. */
    #filled(name: string): boolean {
        let value: unknown = this.form;
        for (const part of name.split('.')) value = (value as Record<string, unknown> | undefined)?.[part];
        if (Array.isArray(value)) return value.some((one) => one !== '');
        return value !== '' && value !== null && value !== undefined;
    }

    /** Draws again shortly after something was typed. */
    changed(): void {
        this.refused = {};
        this.keep();
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => void this.draw(), 200);
    }

    /** The quick line was typed: the blanks follow it. */
    typedLine(): void {
        this.keep();
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => void this.draw(true), 200);
    }

    async draw(byLine = false): Promise<void> {
        const turn = ++this.#turn;
        const answer = await ask(
            api.POST('/api/staff/worksheet', {
                body: {
                    form: $state.snapshot(this.form) as Form,
                    sheet: this.sheet,
                    line: byLine ? this.line : null,
                    from: this.from,
                },
            }),
        );
        // An answer to what has been typed over since is of no use.
        if (turn !== this.#turn || !answer.data) return;
        const drawing = answer.data;
        this.drawing = drawing;
        this.#worthSaying = Object.fromEntries(Object.entries(drawing.errors).filter(([name]) => this.#filled(name)));
        if (byLine) {
            this.lineError = drawing.line_error;
            this.notes = drawing.notes;
            if (!drawing.line_error && this.line.trim() && drawing.blocks.length > 0)
                this.form.blocks = drawing.blocks.map((block) => block.record);
        } else {
            this.lineError = null;
            this.notes = [];
            if (drawing.line !== null && drawing.line !== '') this.line = drawing.line;
        }
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
        this.form.blocks = answer.data.blocks;
        this.changed();
        return null;
    }

    // What is typed outlives a lost connection, a reload and a battery.
    get #name(): string {
        return `recess.worksheet.${this.sheet ?? 'new'}`;
    }
    keep(): void {
        localStorage.setItem(this.#name, JSON.stringify({ at: Date.now(), form: this.form }));
    }
    forget(): void {
        localStorage.removeItem(this.#name);
        this.recovered = null;
    }
    private kept(): Form | null {
        try {
            const kept = JSON.parse(localStorage.getItem(this.#name) ?? 'null');
            return kept && Date.now() - kept.at < 7 * 86_400_000 && kept.form.version === this.form.version
                ? kept.form
                : null;
        } catch {
            return null;
        }
    }
    takeUp(): void {
        if (this.recovered) this.form = this.recovered;
        this.recovered = null;
        void this.draw();
    }
}
