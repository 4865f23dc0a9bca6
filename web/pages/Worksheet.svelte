<script lang="ts">
    /** A sheet is written like a fill-in-the-blanks worksheet: five sentences, the rulers they make, and the visitor's page. */
    import { onMount } from 'svelte';
    import { api, ask, type Schema, type Trouble } from '../lib/api';
    import { Draft, type Form, type Year } from '../lib/draft.svelte';
    import type { Term } from '../lib/rulebook';
    import Field from '../parts/Field.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Ask from '../worksheet/Ask.svelte';
    import Effect from '../worksheet/Effect.svelte';
    import Merge from '../worksheet/Merge.svelte';
    import Places from '../worksheet/Places.svelte';
    import Preview from '../worksheet/Preview.svelte';
    import Rules from '../worksheet/Rules.svelte';
    import Sentence from '../worksheet/Sentence.svelte';
    import When from '../worksheet/When.svelte';

    interface Props {
        host: string;
        sheet: { id: number; state: string; bookings: number } | null;
        form: Form;
        today: string;
        year: Year;
        terms: Schema['NamedRange'][];
        places: Schema['SavedPlace'][];
        colleagues: { id: number; name: string; subject: string }[];
        rulebook: Term[];
    }
    let { host, sheet, form, today, year, terms, places, colleagues, rulebook }: Props = $props();

    // svelte-ignore state_referenced_locally -- the page is loaded anew for each sheet
    const draft = new Draft(form, sheet?.id ?? null);
    // svelte-ignore state_referenced_locally
    if (draft.form.blocks[0]?.kind === 'dates' && draft.form.blocks[0].dates.length === 0)
        draft.form.blocks[0].dates = [''];
    // svelte-ignore state_referenced_locally
    const fresh = sheet === null;

    let message = $state('');
    let working = $state('');
    let effect = $state<Schema['Effect'] | null>(null);
    let theirs = $state<Form | null>(null);
    let word = $state('');
    let open = $state({ when: fresh, where: fresh, ask: false, rules: false });

    onMount(() => void draft.draw());

    const wrong = $derived(
        (...starts: string[]) =>
            draft.touched && Object.keys(draft.errors).some((name) => starts.some((start) => name.startsWith(start))),
    );
    const list = (items: string[]) =>
        items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
    const says = $derived({
        when: draft.drawing?.blocks.map((block) => block.sentence).join(' ') ?? '',
        where: draft.form.places.some((place) => place.label)
            ? list(
                  draft.form.places
                      .filter((place) => place.label)
                      .map((place) => (place.kind === 'room' ? `in ${place.label}` : place.label)),
              ).replace(/^./, (letter) => letter.toUpperCase()) +
              (draft.form.places.length > 1 ? '; the visitor picks.' : '.')
            : '',
        ask:
            list([
                'Name',
                'e-mail address',
                ...draft.form.questions.map((one) => one.label.toLowerCase()).filter(Boolean),
            ]) + '.',
        rules: draft.drawing?.preview?.rules.join(' ') ?? '',
    });
    const doubtful = $derived((start: string) =>
        (draft.drawing?.warnings ?? []).some((one) => one.about.startsWith(start)),
    );

    async function save(publish: boolean, settle?: Schema['Settle']) {
        working = publish ? 'publish' : 'save';
        message = '';
        draft.touched = true;
        const body = { ...($state.snapshot(draft.form) as Form), word, ...(settle ? { settle } : {}) };
        for (const question of body.questions)
            question.choices = question.choices.map((one) => one.trim()).filter(Boolean);
        for (const block of body.blocks) {
            block.dates = block.dates.filter(Boolean);
            block.plus = block.plus.filter(Boolean);
            block.gap ??= 0;
        }
        const saved = await ask(
            sheet
                ? api.PUT('/api/staff/sheets/{sheet}', { params: { path: { sheet: sheet.id } }, body })
                : api.POST('/api/staff/sheets', { body }),
        );
        if (!saved.data) {
            const notYet = saved.body as Schema['NotYet'] | null;
            if (saved.status === 409 && notYet?.effect) {
                effect = notYet.effect;
                working = '';
                return;
            }
            if (saved.status === 409 && notYet?.theirs) {
                theirs = notYet.theirs;
                working = '';
                return;
            }
            return troubled(saved.trouble);
        }
        draft.forget();
        sheet = { id: saved.data.id, state: saved.data.state, bookings: 0 };
        draft.form.version = saved.data.version;
        if (publish && sheet.state === 'draft') {
            const published = await ask(
                api.POST('/api/staff/sheets/{sheet}/publish', { params: { path: { sheet: sheet.id } } }),
            );
            if (!published.data) return troubled(published.trouble);
        }
        location.assign(`/staff/sheets/${sheet.id}`);
    }

    /** The messages as they would go out with the word as it is typed now; nothing is saved. */
    let rewording: ReturnType<typeof setTimeout> | undefined;
    function reword() {
        clearTimeout(rewording);
        rewording = setTimeout(async () => {
            if (!sheet || !effect) return;
            const answer = await ask(
                api.POST('/api/staff/sheets/{sheet}/effect', {
                    params: { path: { sheet: sheet.id } },
                    body: { ...($state.snapshot(draft.form) as Form), word },
                }),
            );
            if (answer.data) effect = answer.data;
        }, 400);
    }

    function troubled(trouble: Trouble) {
        working = '';
        effect = null;
        draft.refused = trouble.fields;
        message = trouble.message;
        requestAnimationFrame(() => document.querySelector<HTMLElement>('[aria-invalid]')?.focus());
    }
</script>

<main class="sheet-of-paper worksheet">
    <Masthead {host} />
    <h1 class="mb-1">{sheet ? 'Change this sheet' : 'A new sheet'}</h1>
    <p class="mb-5 text-faint">
        {sheet?.bookings
            ? `${sheet.bookings === 1 ? 'One person has' : `${sheet.bookings} people have`} booked here. You see whom a change hits before it is saved.`
            : sheet?.state === 'open'
              ? 'Open to everybody with the link. Nobody has booked yet.'
              : 'Fill in the blanks. Nobody sees it until you publish.'}
    </p>

    {#if draft.recovered}
        <div class="good-news mb-5" role="status">
            <p>What you typed here earlier was not saved. It is still there.</p>
            <div class="mt-2 flex flex-wrap gap-3">
                <button type="button" class="press main" onclick={() => draft.takeUp()}>Take it up again</button>
                <button type="button" class="press" onclick={() => draft.forget()}>Throw it away</button>
            </div>
        </div>
    {/if}
    {#if theirs}
        <div class="mb-6">
            <Merge
                mine={draft.form}
                {theirs}
                merged={(form) => {
                    draft.form = form;
                    theirs = null;
                    void draft.draw();
                }}
            />
        </div>
    {/if}

    <div class="desk">
        <form
            class="grid min-w-0 content-start gap-5"
            novalidate
            hidden={effect !== null}
            onsubmit={(event) => {
                event.preventDefault();
                if (!working) void save(true);
            }}
        >
            <Field
                name="title"
                label="Title"
                help="What families read first: “Autumn conferences”."
                required
                bind:value={draft.form.title}
                error={draft.errors.title}
                change={() => draft.changed()}
            />
            <Sentence name="When" says={says.when} bind:open={open.when} wrong={wrong('blocks') || doubtful('blocks')}>
                <When {draft} {today} {year} {terms} />
            </Sentence>
            <Sentence
                name="Where"
                says={says.where}
                bind:open={open.where}
                wrong={wrong('places') || doubtful('places')}
            >
                <Places {draft} saved={places} />
            </Sentence>
            <Sentence name="Ask" says={says.ask} bind:open={open.ask} wrong={wrong('questions', 'intro')}>
                <Ask {draft} />
            </Sentence>
            <Sentence
                name="Rules"
                says={says.rules}
                bind:open={open.rules}
                wrong={wrong('rules', 'hosts') || doubtful('rules')}
            >
                <Rules {draft} {colleagues} {rulebook} />
            </Sentence>
            <section class="border-t border-line pt-4" aria-labelledby="sentence-share">
                <div class="mb-4 flex flex-wrap items-baseline gap-x-4">
                    <h2 id="sentence-share" class="w-20 shrink-0">Share</h2>
                    <p class="min-w-0 flex-1 basis-60 text-[1.08rem]">
                        Open to anyone with the link. You get it as soon as it is published.
                    </p>
                </div>
                {#if message}<p class="notice mb-4" role="alert">{message}</p>{/if}
                <div class="flex flex-wrap gap-3">
                    <button class="press main" disabled={working !== ''}
                        >{working === 'publish'
                            ? 'One moment…'
                            : sheet && sheet.state !== 'draft'
                              ? 'Save'
                              : 'Publish'}</button
                    >
                    {#if !sheet || sheet.state === 'draft'}
                        <button type="button" class="press" disabled={working !== ''} onclick={() => void save(false)}>
                            {working === 'save' ? 'Keeping…' : 'Keep as a draft'}
                        </button>
                    {/if}
                </div>
            </section>
        </form>
        {#if effect}
            <Effect
                hits={effect}
                working={working !== ''}
                bind:word
                {reword}
                save={(settle) => void save(true, settle)}
                back={() => (effect = null)}
            />
        {/if}
        <Preview preview={draft.drawing?.preview ?? null} missing={draft.drawing?.missing ?? []} />
    </div>
</main>

<style>
    .worksheet {
        max-width: 92rem;
    }
    .desk {
        display: grid;
        gap: 2.5rem;
        grid-template-columns: minmax(0, 1fr);
    }
    @media (min-width: 1080px) {
        .desk {
            grid-template-columns: minmax(0, 1fr) minmax(20rem, 25rem);
        }
        .desk:has(:global(.preview.wide)) {
            grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        }
    }
    form[hidden] {
        display: none;
    }
</style>
