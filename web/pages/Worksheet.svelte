<script lang="ts">
    /** A sheet is written like a fill-in-the-blanks worksheet; the rulers it makes are drawn as one types. */
    import { onMount } from 'svelte';
    import { api, ask, type Schema } from '../lib/api';
    import Blank from '../parts/Blank.svelte';
    import Field from '../parts/Field.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Ruler from '../parts/Ruler.svelte';

    interface Props {
        host: string;
        today: string;
        sheet: Schema['HostSheet'] | null;
    }
    let { host, today, sheet }: Props = $props();

    // svelte-ignore state_referenced_locally -- the page is loaded anew for each sheet
    let form = $state<Schema['SheetForm']>(
        sheet?.form ?? {
            title: '',
            intro: '',
            date: '',
            from: '',
            until: '',
            minutes: 15,
            gap: 0,
            place_kind: 'room',
            place_label: '',
            place_link: '',
            directions: '',
            seats: 1,
            lead_hours: 24,
        },
    );
    let drawing = $state<Schema['Drawing'] | null>(null);
    let drawn = $state<Record<string, string>>({});
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let working = $state('');

    const errors = $derived({ ...drawn, ...fields });
    const whenErrors = $derived((['date', 'from', 'until', 'minutes', 'gap'] as const).filter((name) => errors[name]));

    const WHEN = ['date', 'from', 'until', 'minutes', 'gap'];
    let timer: ReturnType<typeof setTimeout> | undefined;
    let asked = 0;

    function redraw() {
        fields = Object.fromEntries(Object.entries(fields).filter(([name]) => !WHEN.includes(name)));
        clearTimeout(timer);
        timer = setTimeout(draw, 150);
    }

    async function draw() {
        if (!form.date || !form.from || !form.until || form.minutes === null) {
            drawing = null;
            drawn = {};
            return;
        }
        const turn = ++asked;
        const { date, from, until, minutes, gap } = form;
        const answer = await ask(api.POST('/api/staff/ruler', { body: { date, from, until, minutes, gap: gap ?? 0 } }));
        // An answer to what has been typed over since is of no use.
        if (turn !== asked) return;
        if (answer.data) {
            drawing = answer.data;
            drawn = {};
        } else {
            drawing = null;
            drawn = answer.trouble.fields;
        }
    }
    onMount(draw);

    async function save(publish: boolean) {
        working = publish ? 'publish' : 'save';
        message = '';
        const body = { ...form, gap: form.gap ?? 0 };
        const saved = await ask(
            sheet
                ? api.PUT('/api/staff/sheets/{sheet}', { params: { path: { sheet: sheet.id } }, body })
                : api.POST('/api/staff/sheets', { body }),
        );
        if (!saved.data) return troubled(saved.trouble);
        sheet = saved.data;
        if (publish && sheet.state === 'draft') {
            const published = await ask(
                api.POST('/api/staff/sheets/{sheet}/publish', { params: { path: { sheet: sheet.id } } }),
            );
            if (!published.data) return troubled(published.trouble);
        }
        location.assign(`/staff/sheets/${sheet.id}`);
    }

    function troubled(trouble: { message: string; fields: Record<string, string> }) {
        working = '';
        fields = trouble.fields;
        message = trouble.message;
        requestAnimationFrame(() => document.querySelector<HTMLElement>('[aria-invalid]')?.focus());
    }
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <h1 class="mb-1">{sheet ? 'Change this sheet' : 'A new sheet'}</h1>
    <p class="mb-6 text-faint">Fill in the blanks. Nobody sees it until you publish.</p>

    <form
        class="grid gap-8"
        novalidate
        onsubmit={(event) => {
            event.preventDefault();
            if (!working) void save(true);
        }}
    >
        <div class="max-w-2xl">
            <Field
                name="title"
                label="Title"
                help="What families read first: “Autumn conferences”."
                required
                bind:value={form.title}
                error={errors.title}
            />
        </div>

        <fieldset>
            <legend class="sentence-name">When</legend>
            <p class="sentence">
                On <Blank
                    name="date"
                    label="Date"
                    type="date"
                    size={13}
                    min={today}
                    bind:value={form.date}
                    error={errors.date}
                    change={redraw}
                />
                from <Blank
                    name="from"
                    label="From"
                    placeholder="16:00"
                    bind:value={form.from}
                    error={errors.from}
                    change={redraw}
                />
                to <Blank
                    name="until"
                    label="To"
                    placeholder="19:00"
                    bind:value={form.until}
                    error={errors.until}
                    change={redraw}
                />, in meetings of
                <Blank
                    name="minutes"
                    label="Minutes for each meeting"
                    type="number"
                    size={5}
                    bind:value={form.minutes}
                    error={errors.minutes}
                    change={redraw}
                />
                minutes,
                <Blank
                    name="gap"
                    label="Minutes between meetings"
                    type="number"
                    size={5}
                    bind:value={form.gap}
                    error={errors.gap}
                    change={redraw}
                />
                minutes apart.
            </p>
            {#each whenErrors as name (name)}<p id="{name}-error" class="mt-1 font-semibold text-brick">
                    {errors[name]}
                </p>{/each}
            <div class="mt-4" aria-live="polite">
                {#if drawing}
                    <p class="mb-3 font-semibold">{drawing.sentence}</p>
                    {#each drawing.days as day (day.date)}<Ruler {day} />{/each}
                {:else if whenErrors.length === 0}
                    <p class="text-faint">
                        The ruler is drawn here as soon as date, from and to are filled in. Times can be typed as 16:30,
                        1630, 16.30 or 4:30pm.
                    </p>
                {/if}
            </div>
        </fieldset>

        <fieldset class="max-w-2xl">
            <legend class="sentence-name">Where</legend>
            <div class="mb-3 flex flex-wrap gap-6" role="radiogroup" aria-label="Kind of place">
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" name="place_kind" value="room" bind:group={form.place_kind} /> In a room</label
                >
                <label class="flex min-h-11 items-center gap-2"
                    ><input type="radio" name="place_kind" value="video" bind:group={form.place_kind} /> On video</label
                >
            </div>
            <div class="grid gap-4">
                <Field
                    name="place_label"
                    label={form.place_kind === 'room' ? 'Which room' : 'What to call it'}
                    required
                    bind:value={form.place_label}
                    error={errors.place_label}
                />
                {#if form.place_kind === 'video'}
                    <Field
                        name="place_link"
                        label="Video link"
                        type="url"
                        help="Shown only to those who have booked."
                        required
                        bind:value={form.place_link}
                        error={errors.place_link}
                    />
                {/if}
                <Field
                    name="directions"
                    label="How to get there"
                    help="“Wait on the bench outside. Come five minutes early, not earlier.”"
                    bind:value={form.directions}
                    error={errors.directions}
                />
            </div>
        </fieldset>

        <fieldset class="max-w-2xl">
            <legend class="sentence-name">Ask</legend>
            <p class="mb-3">Everybody gives their name, e-mail address, phone number and the student’s name.</p>
            <Field
                name="intro"
                label="To read before booking"
                help="What would otherwise be asked twenty times."
                lines={3}
                bind:value={form.intro}
                error={errors.intro}
            />
        </fieldset>

        <fieldset>
            <legend class="sentence-name">Rules</legend>
            <p class="sentence">
                Book until <Blank
                    name="lead_hours"
                    label="Hours before the meeting"
                    type="number"
                    size={5}
                    bind:value={form.lead_hours}
                    error={errors.lead_hours}
                />
                hours before;
                <Blank
                    name="seats"
                    label="Visitors to a slot"
                    type="number"
                    size={4}
                    bind:value={form.seats}
                    error={errors.seats}
                />
                {form.seats === 1 ? 'visitor' : 'visitors'} to a slot.
            </p>
            {#each ['lead_hours', 'seats'] as name (name)}{#if errors[name]}<p
                        id="{name}-error"
                        class="mt-1 font-semibold text-brick"
                    >
                        {errors[name]}
                    </p>{/if}{/each}
        </fieldset>

        <fieldset>
            <legend class="sentence-name">Share</legend>
            <p class="mb-4">Open to anyone with the link. You get it as soon as it is published.</p>
            {#if message}<p class="notice mb-4" role="alert">{message}</p>{/if}
            <div class="flex flex-wrap gap-3">
                <button class="press main" disabled={working !== ''}
                    >{working === 'publish' ? 'Publishing…' : sheet?.state === 'open' ? 'Save' : 'Publish'}</button
                >
                {#if sheet?.state !== 'open'}
                    <button type="button" class="press" disabled={working !== ''} onclick={() => void save(false)}>
                        {working === 'save' ? 'Keeping…' : 'Keep as a draft'}
                    </button>
                {/if}
            </div>
        </fieldset>
    </form>
</main>

<style>
    .sentence {
        font-size: 1.15rem;
        line-height: 2.6;
    }
    .sentence-name {
        font-family: var(--font-display);
        font-size: 1.25rem;
        font-weight: 650;
        margin-bottom: 0.4rem;
    }
</style>
