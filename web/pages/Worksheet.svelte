<script lang="ts">
    /** A sheet is written like a fill-in-the-blanks worksheet: five sentences, the rulers they make, and the visitor's page. */
    import { listed } from '../lib/listed';
    import { say } from '../lib/say';
    import { onMount, tick } from 'svelte';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import UndoToast from '../controls/UndoToast.svelte';
    import { api, ask, type Schema, type Trouble } from '../lib/api';
    import { Button } from '../lib/controls';
    import { Draft, provideWorksheet, type Form } from '../lib/draft.svelte';
    import StaffHead from '../parts/StaffHead.svelte';
    import Ask from '../worksheet/Ask.svelte';
    import Effect from '../worksheet/Effect.svelte';
    import Made from '../worksheet/Made.svelte';
    import Merge from '../worksheet/Merge.svelte';
    import ForWhom from '../worksheet/ForWhom.svelte';
    import Places from '../worksheet/Places.svelte';
    import Preview from '../worksheet/Preview.svelte';
    import QuickLine from '../worksheet/QuickLine.svelte';
    import Rules from '../worksheet/Rules.svelte';
    import Sentence from '../worksheet/Sentence.svelte';
    import Summary from '../worksheet/Summary.svelte';
    import When from '../worksheet/When.svelte';

    let {
        host,
        sheet,
        form,
        draft: kept,
        today,
        week_starts,
        year,
        terms,
        places,
        classes,
        makes_rooms,
        colleagues,
        names_hosts,
        rulebook,
    }: Schema['WorksheetPage'] = $props();

    // svelte-ignore state_referenced_locally -- the page is loaded anew for each sheet
    const draft = provideWorksheet(new Draft(form, sheet?.id ?? null, host, week_starts));
    // svelte-ignore state_referenced_locally
    const fresh = sheet === null;

    let message = $state('');
    let working = $state('');
    let effect = $state<Schema['Effect'] | null>(null);
    let theirs = $state<Form | null>(null);
    let merging = $state<HTMLElement>();
    let word = $state('');
    let summary = $state(false);
    /** Whether what was typed earlier has been taken up again, which is said. */
    // svelte-ignore state_referenced_locally
    const earlier = draft.left() ?? kept;
    let resumed = $state(earlier !== null);
    let open = $state({ when: fresh, where: fresh, ask: false, rules: false });

    onMount(() => {
        addEventListener('pagehide', () => draft.leave());
        if (earlier) draft.takeUp(earlier);
        if (location.hash === '#publish' && sheet?.state === 'draft') void lookOver();
        else if (!earlier) void draft.draw();
    });

    const wrong = $derived(
        (...starts: string[]) =>
            draft.touched && Object.keys(draft.errors).some((name) => starts.some((start) => name.startsWith(start))),
    );
    function forWhom(whom: Form['audience']): string {
        if (!whom || whom.kind === 'anyone') return say('writing.whom_anyone');
        if (whom.kind === 'staff') return say('writing.whom_staff');
        const of = [
            ...classes.filter((one) => whom.classes.includes(one.id)).map((one) => one.name),
            ...whom.students.map((one) => one.name),
        ];
        return of.length === 0 ? say('writing.whom_families') : say('writing.whom_families_of', { names: listed(of) });
    }
    function where(): string {
        const places = listed(
            draft.form.places
                .filter((place) => place.label)
                .map((place) => (place.kind === 'room' ? say('writing.in_room', { room: place.label }) : place.label)),
        ).replace(/^./, (letter) => letter.toUpperCase());
        // Where each block is at one place of its own, there is nothing to pick.
        return draft.form.places.length > 1 && draft.form.blocks.some((block) => block.places.length !== 1)
            ? say('writing.where_picks', { places })
            : say('writing.where', { places });
    }
    const says = $derived({
        when: draft.drawing?.blocks.map((block) => block.sentence).join(' ') ?? '',
        where: draft.form.places.some((place) => place.label) ? where() : '',
        ask: say('writing.ask_said', {
            questions: listed([
                say('writing.name'),
                say('writing.email'),
                ...draft.form.questions.map((one) => one.label.replace(/[.?!\s]+$/, '').toLowerCase()).filter(Boolean),
            ]),
        }),
        rules: draft.drawing?.preview?.rules.join(' ') ?? '',
        hosts: draft.drawing?.hosts ?? '',
        forWhom: forWhom(draft.form.audience),
    });
    const doubtful = $derived((start: string) =>
        (draft.drawing?.warnings ?? []).some((one) => one.about.startsWith(start)),
    );

    const published = $derived(sheet !== null && sheet.state !== 'draft');

    /** Draws what is on screen first: what is looked over is what would be published, and nothing older. */
    async function lookOver() {
        message = '';
        draft.touched = true;
        summary = true;
        await draft.draw();
    }

    async function save(publish: boolean, settle?: Schema['Settle']) {
        message = '';
        draft.touched = true;
        if (draft.unread)
            return troubled({
                message: say('writing.unread_saving'),
                fields: {},
            });
        working = publish ? 'publish' : 'save';
        // Whatever was typed in the last moment counts too.
        if (!draft.settled && !(await draft.draw()))
            return troubled({
                message: draft.lost || say('writing.unsettled'),
                fields: {},
            });
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
                // It stands above all that is typed, and the press below it.
                await tick();
                merging?.focus();
                merging?.scrollIntoView({ block: 'start' });
                return;
            }
            return troubled(saved.trouble);
        }
        draft.done();
        // Going back from the sheet leads to its own worksheet, never to one that would make it a second time.
        history.replaceState(null, '', `/staff/sheets/${saved.data.id}/edit`);
        sheet = { id: saved.data.id, state: saved.data.state, bookings: 0 };
        draft.form.version = saved.data.version;
        if (publish && sheet.state === 'draft') {
            const answer = await ask(
                api.POST('/api/staff/sheets/{sheet}/publish', { params: { path: { sheet: sheet.id } } }),
            );
            if (!answer.data) return troubled(answer.trouble);
            summary = false;
        }
        location.assign(`/staff/sheets/${sheet.id}`);
    }

    /** What would come of it with what has been chosen so far; nothing is saved. */
    async function again(settle: Schema['Settle']) {
        if (!sheet) return;
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/effect', {
                params: { path: { sheet: sheet.id } },
                body: { ...($state.snapshot(draft.form) as Form), word, settle },
            }),
        );
        if (answer.data) effect = answer.data;
    }

    function troubled(trouble: Trouble) {
        working = '';
        effect = null;
        draft.refused = trouble.fields;
        message = trouble.message;
        if (Object.keys(trouble.fields).length > 0) summary = false;
        requestAnimationFrame(() => document.querySelector<HTMLElement>('[aria-invalid]')?.focus());
    }
</script>

<main class="sheet-of-paper worksheet">
    <StaffHead {host} before={() => draft.flush()} />
    <div class="mb-3 flex flex-wrap items-baseline gap-x-4">
        <h1>{sheet ? say('writing.heading_change') : say('writing.heading_new')}</h1>
        <p class="text-faint">
            {sheet?.bookings
                ? say('writing.booked_here', { many: sheet.bookings })
                : published
                  ? say('writing.open_nobody')
                  : say('writing.fill_in')}
        </p>
    </div>

    {#if resumed && earlier}
        <Notice good class="mb-3">
            {earlier.at ? say('writing.resumed_at', { at: earlier.at }) : say('writing.resumed')}
            <TextButton
                onclick={() => {
                    resumed = false;
                    void draft.startOver();
                }}>{sheet ? say('writing.start_over_sheet') : say('writing.start_over')}</TextButton
            >
        </Notice>
    {/if}
    {#if theirs}
        <div class="mb-4 scroll-mt-4" tabindex="-1" bind:this={merging}>
            <Merge
                mine={draft.form}
                {theirs}
                merged={(form) => {
                    draft.form = form;
                    theirs = null;
                    draft.changed();
                }}
            />
        </div>
    {/if}

    <div class="desk">
        <div class="grid min-w-0 content-start gap-3" class:hidden={effect !== null}>
            <div class="grid gap-3 lg:grid-cols-[minmax(0,15rem)_minmax(0,1fr)]">
                <Field
                    name="title"
                    label={say('writing.title')}
                    required
                    bind:value={draft.form.title}
                    error={draft.errors.title}
                    change={() => draft.changed()}
                />
                <QuickLine {draft} />
            </div>
            <Sentence name="when" says={says.when} bind:open={open.when} wrong={wrong('blocks') || doubtful('blocks')}>
                {#snippet below()}<Made {draft} />{/snippet}
                <When {draft} {today} {year} {terms} />
            </Sentence>
            <Sentence
                name="where"
                says={says.where}
                bind:open={open.where}
                wrong={wrong('places') || doubtful('places')}
            >
                <Places {draft} saved={places} makesRooms={makes_rooms} />
            </Sentence>
            <Sentence name="ask" says={says.ask} bind:open={open.ask} wrong={wrong('questions', 'intro')}>
                <Ask {draft} />
            </Sentence>
            <Sentence
                name="rules"
                says={[says.rules, says.hosts].filter(Boolean).join(' ')}
                bind:open={open.rules}
                wrong={wrong('rules', 'hosts') || doubtful('rules')}
            >
                <Rules {draft} {colleagues} namesHosts={names_hosts} {rulebook} terms={terms.length} />
            </Sentence>
            <section class="border-t border-line pt-3" aria-labelledby="sentence-share">
                <div class="mb-3 flex flex-wrap items-baseline gap-x-4">
                    <h2 id="sentence-share" class="min-w-16 shrink-0">{say('writing.share')}</h2>
                    <div class="min-w-0 flex-1 basis-60">
                        <ForWhom {draft} {classes} />
                        <p class="text-faint">{say('writing.link_later')}</p>
                    </div>
                </div>
                {#if message && !summary}<Notice class="mb-3">{message}</Notice>{/if}
                {#if draft.lost}<Notice class="mb-3">{draft.lost}</Notice>{/if}
                <div class="flex flex-wrap items-center gap-3">
                    {#if published}
                        <Button disabled={working !== ''} onclick={() => void save(true)}
                            >{working === 'publish' ? say('pages.one_moment') : say('writing.save')}</Button
                        >
                    {:else}
                        <Button disabled={working !== ''} onclick={() => void lookOver()}
                            >{say('writing.look_over')}</Button
                        >
                        <Button color="alternative" disabled={working !== ''} onclick={() => void save(false)}>
                            {working === 'save' ? say('writing.keeping') : say('writing.keep_draft')}
                        </Button>
                    {/if}
                </div>
            </section>
        </div>
        {#if effect}
            <Effect
                hits={effect}
                working={working !== ''}
                bind:word
                {again}
                save={(settle) => void save(true, settle)}
                back={() => (effect = null)}
            />
        {/if}
        <Preview preview={draft.drawing?.preview ?? null} missing={draft.drawing?.missing ?? []} />
    </div>
    {#if draft.undo}<UndoToast
            said={draft.undo.said}
            act={() => draft.putBack()}
            done={() => (draft.undo = null)}
        />{/if}
    <Summary {draft} {says} bind:open={summary} working={working !== ''} {message} publish={() => void save(true)} />
</main>

<style>
    .worksheet {
        max-width: 100rem;
    }
    .desk {
        display: grid;
        gap: 1.5rem;
        grid-template-columns: minmax(0, 1fr);
    }
    @media (min-width: 1080px) {
        .desk {
            grid-template-columns: minmax(0, 1fr) minmax(19rem, 24rem);
        }
        .desk:has(:global(.preview.wide)) {
            grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
        }
    }
    .hidden {
        display: none;
    }
</style>
