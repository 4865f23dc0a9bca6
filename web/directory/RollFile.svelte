<script lang="ts">
    /** Students out of a table or a bundle: what each column is, a look at what would change, and then the press. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
    const ANSWERS = { one: say('office.roll_one'), two: say('office.roll_two'), out: say('office.roll_out') };
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
        working = say('office.roll_reading');
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
        working = say('office.roll_bringing');
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
    function decide(id: string, answer: string) {
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
    <h2 id="roll">{say('office.roll')}</h2>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    <div role="status">
        {#if working}<p>{working}</p>{/if}
    </div>
    {#if look && file}
        {@const plan = look.plan}
        {#if look.first_line}<Notice>{look.first_line}</Notice>{/if}
        {#if look.columns}
            <fieldset class="grid gap-2">
                <legend class="font-semibold">{say('office.roll_columns')}</legend>
                {#each look.columns as column, i (i)}
                    <div>
                        <Label for="column-{i}" class="[overflow-wrap:anywhere]"
                            >{column.name || say('office.column', { number: i + 1 })}
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
                            <option value="">{say('office.roll_column_out')}</option>
                            {#each look.parts as part (part.part)}<option value={part.part}>{part.name}</option>{/each}
                        </Select>
                    </div>
                {/each}
            </fieldset>
            <div class="grid gap-1" role="radiogroup" aria-label={say('office.roll_whole')}>
                <Radio name="whole" value="no" bind:group={whole} onchange={() => file && void lookAt(file, true)}
                    >{say('office.roll_some')}</Radio
                >
                <Radio name="whole" value="yes" bind:group={whole} onchange={() => file && void lookAt(file, true)}
                    >{say('office.roll_all')}</Radio
                >
            </div>
        {/if}
        {#if plan}
            <p role="status" class="font-semibold">{plan.said}</p>
            {#if plan.new.length > 0}<p>{say('office.roll_new', { names: some(plan.new) })}</p>{/if}
            {#if plan.changed.length > 0}<p>{say('office.roll_changed', { names: some(plan.changed) })}</p>{/if}
            {#if plan.gone.length > 0}<p>
                    <Said key="office.roll_gone" values={{ names: some(plan.gone) }}
                        >{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said
                    >
                </p>{/if}
            {#if plan.asked > 0}
                <fieldset class="grid gap-3">
                    <legend class="font-semibold">{say('office.roll_asks')}</legend>
                    {#if plan.asked > 1}
                        <div>
                            <Label for="ask-all">{say('office.roll_asks_all', { many: plan.asked })}</Label>
                            <Select
                                id="ask-all"
                                class="w-full"
                                placeholder=""
                                value={answers['*'] ?? ''}
                                onchange={(event) => decide('*', (event.currentTarget as HTMLSelectElement).value)}
                            >
                                <option value="">{say('office.roll_asks_each')}</option>
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
                                onchange={(event) => decide(one.id, (event.currentTarget as HTMLSelectElement).value)}
                            >
                                <option value="">{say('office.roll_not_said')}</option>
                                {#each Object.entries(ANSWERS) as [value, name] (value)}<option {value}>{name}</option
                                    >{/each}
                            </Select>
                        </div>
                    {/each}
                </fieldset>
            {/if}
            {#if plan.notes.length > 0}
                <p>
                    {plan.wrong === 0 ? say('office.roll_notes') : say('office.roll_notes_wrong', { many: plan.wrong })}
                </p>
                <ul class="max-h-48 list-disc overflow-auto ps-5" tabindex="-1">
                    {#each plan.notes as note, i (i)}<li>{note}</li>{/each}
                </ul>
            {/if}
        {:else}
            <p role="status">{say('office.roll_say_column')}</p>
        {/if}
        <div class="flex flex-wrap items-center gap-x-4">
            {#if plan && !plan.empty && plan.open === 0}<Button disabled={working !== ''} onclick={bringIn}
                    >{say('office.roll_press')}</Button
                >{/if}
            <TextButton onclick={() => ((look = null), (file = null), (trouble = ''))}
                >{say('office.leave_it')}</TextButton
            >
        </div>
    {:else}
        {#if last}
            <p>{last}</p>
            <TextButton class="justify-self-start" onclick={takeBack}>{say('office.take_back')}</TextButton>
        {/if}
        <p class="text-faint">
            {say('office.roll_about')}
        </p>
        <FilePress
            label={say('office.roll_file')}
            accept=".csv,.txt,.tsv,.zip,text/csv,application/zip"
            take={(one) => void lookAt(one)}>{say('office.roll_choose')}</FilePress
        >
    {/if}
</section>
