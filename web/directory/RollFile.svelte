<script lang="ts">
    /** Students out of a table or a bundle: what each column is, a look at what would change, and then the press. */
    import { Button, Label, Radio, Select } from '../lib/controls';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, formOf, type Schema } from '../lib/api';

    interface Props {
        /** What was brought in last, while it can be taken back. */
        last: string | null;
        brought: (directory: Schema['Directory'], said: string) => void;
    }
    let { last, brought }: Props = $props();

    let file = $state.raw<File | null>(null);
    let look = $state<Schema['RollLook'] | null>(null);
    let parts = $state<string[]>([]);
    let whole = $state<'yes' | 'no'>('no');
    let trouble = $state('');
    /** What was said of those who may be one student or two, by what was asked. */
    let answers = $state<Record<string, string>>({});
    const ANSWERS = { one: 'One student', two: 'Two students', out: 'Leave it out' };
    let working = $state('');

    const said = (answer: { trouble?: { message: string; fields: Record<string, string> } }) =>
        answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.fields.parts ?? answer.trouble.message) : '';
    const body = (one: File, more: Record<string, string>) => ({
        body: { file: '' },
        ...formOf({ file: one, ...more }),
    });

    /** Who picks two columns quickly is answered for the second: the first answer knows nothing of it. */
    let turn = 0;
    async function lookAt(chosen: File, again = false) {
        const mine = ++turn;
        working = 'Reading it…';
        const more: Record<string, string> = again ? { parts: JSON.stringify(parts), whole } : { whole };
        if (!again) answers = {};
        more.answers = JSON.stringify(answers);
        const answer = await ask(api.POST('/api/staff/directory/file', body(chosen, more)));
        if (mine !== turn) return;
        working = '';
        trouble = said(answer);
        if (!answer.data) return;
        look = answer.data;
        file = chosen;
        parts = answer.data.columns?.map((one) => one.part) ?? [];
    }
    async function bringIn() {
        if (!file || !look?.plan || working) return;
        working = 'Bringing it in…';
        const more: Record<string, string> = {
            digest: look.plan.digest,
            whole,
            answers: JSON.stringify(answers),
            ...(look.columns ? { parts: JSON.stringify(parts) } : {}),
        };
        const answer = await ask(api.POST('/api/staff/directory/file/bring-in', body(file, more)));
        working = '';
        trouble = said(answer);
        if (!answer.data) return;
        look = file = null;
        brought(answer.data.directory, answer.data.said);
    }
    function say(id: string, answer: string) {
        answers = { ...answers, [id]: answer };
        if (file) void lookAt(file, true);
    }
    async function takeBack() {
        const answer = await ask(api.POST('/api/staff/directory/file/take-back'));
        trouble = said(answer);
        if (answer.data) brought(answer.data.directory, answer.data.said);
    }
    const some = (names: string[]) => names.slice(0, 8).join(', ') + (names.length > 8 ? '…' : '');
</script>

<section class="slip grid gap-3" aria-labelledby="roll">
    <h2 id="roll">Bring a file in</h2>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    <div role="status">
        {#if working}<p>{working}</p>{/if}
    </div>
    {#if look && file}
        {@const plan = look.plan}
        {#if look.first_line}<Notice>{look.first_line}</Notice>{/if}
        {#if look.columns}
            <fieldset class="grid gap-2">
                <legend class="font-semibold">What each column is</legend>
                {#each look.columns as column, i (i)}
                    <div>
                        <Label for="column-{i}" class="[overflow-wrap:anywhere]"
                            >{column.name || `Column ${i + 1}`}
                            <span class="font-normal text-faint"
                                >{column.examples.filter(Boolean).slice(0, 2).join(', ')}</span
                            ></Label
                        >
                        <Select
                            id="column-{i}"
                            class="w-full"
                            placeholder=""
                            bind:value={parts[i]}
                            onchange={() => file && void lookAt(file, true)}
                        >
                            <option value="">leave it out</option>
                            {#each look.parts as part (part.part)}<option value={part.part}>{part.name}</option>{/each}
                        </Select>
                    </div>
                {/each}
            </fieldset>
            <div class="grid gap-1" role="radiogroup" aria-label="Who is in it">
                <Radio name="whole" value="no" bind:group={whole} onchange={() => file && void lookAt(file, true)}
                    >It has some of the students</Radio
                >
                <Radio name="whole" value="yes" bind:group={whole} onchange={() => file && void lookAt(file, true)}
                    >It has all of them: whoever is missing has left</Radio
                >
            </div>
        {/if}
        {#if plan}
            <p role="status" class="font-semibold">{plan.said}</p>
            {#if plan.new.length > 0}<p>New: {some(plan.new)}</p>{/if}
            {#if plan.changed.length > 0}<p>Changed: {some(plan.changed)}</p>{/if}
            {#if plan.gone.length > 0}<p>
                    <strong>Gone, to be put away</strong> (nothing is deleted): {some(plan.gone)}
                </p>{/if}
            {#if plan.asked > 0}
                <fieldset class="grid gap-3">
                    <legend class="font-semibold">One student, or two?</legend>
                    {#if plan.asked > 1}
                        <div>
                            <Label for="ask-all">All {plan.asked} of these are</Label>
                            <Select
                                id="ask-all"
                                class="w-full"
                                placeholder=""
                                value={answers['*'] ?? ''}
                                onchange={(event) => say('*', (event.currentTarget as HTMLSelectElement).value)}
                            >
                                <option value="">asked one by one</option>
                                {#each Object.entries(ANSWERS) as [value, name] (value)}<option {value}>{name}</option
                                    >{/each}
                            </Select>
                        </div>
                    {/if}
                    {#each plan.asks as one (one.id)}
                        <div>
                            <Label for="ask-{one.id}" class="[overflow-wrap:anywhere]">{one.said}</Label>
                            <Select
                                id="ask-{one.id}"
                                class="w-full"
                                placeholder=""
                                value={answers[one.id] ?? answers['*'] ?? ''}
                                onchange={(event) => say(one.id, (event.currentTarget as HTMLSelectElement).value)}
                            >
                                <option value="">not said yet</option>
                                {#each Object.entries(ANSWERS) as [value, name] (value)}<option {value}>{name}</option
                                    >{/each}
                            </Select>
                        </div>
                    {/each}
                </fieldset>
            {/if}
            {#if plan.notes.length > 0}
                <p>{plan.wrong === 0 ? 'To look at:' : `Not understood: ${plan.wrong}. To look at:`}</p>
                <ul class="max-h-48 list-disc overflow-auto pl-5" tabindex="-1">
                    {#each plan.notes as note, i (i)}<li>{note}</li>{/each}
                </ul>
            {/if}
        {:else}
            <p role="status">Say which column has the names, and what would change is shown here.</p>
        {/if}
        <div class="flex flex-wrap items-center gap-x-4">
            {#if plan && !plan.empty && plan.open === 0}<Button disabled={working !== ''} onclick={bringIn}
                    >Bring it in</Button
                >{/if}
            <TextButton onclick={() => ((look = null), (file = null), (trouble = ''))}>Leave it</TextButton>
        </div>
    {:else}
        {#if last}
            <p>{last}</p>
            <TextButton class="justify-self-start" onclick={takeBack}>Take it back</TextButton>
        {/if}
        <p class="text-faint">
            A table as CSV, with a student on each line; or a OneRoster 1.2 bundle as a zip file. You see first what
            would change.
        </p>
        <FilePress
            label="File of students"
            accept=".csv,.txt,.tsv,.zip,text/csv,application/zip"
            take={(one) => void lookAt(one)}>Choose a file</FilePress
        >
    {/if}
</section>
