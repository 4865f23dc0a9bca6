<script lang="ts">
    /** Somebody is away for a while, or leaves: who looks after their sheets, and what becomes of their meetings. */
    import { say } from '../lib/say';
    import { onMount } from 'svelte';
    import { Button, Input, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';

    interface Props {
        one: Schema['StaffPerson'];
        colleagues: Schema['StaffPerson'][];
        done: (list: Schema['StaffList'], said: string) => void;
    }
    let { one, colleagues, done }: Props = $props();

    let effect = $state<Schema['LeavingEffect'] | null>(null);
    let to = $state('');
    let until = $state('');
    let word = $state('');
    let trouble = $state('');
    let leaving = $state(false);
    let working = $state(false);
    const path = $derived({ params: { path: { person: one.id } } });
    const taker = $derived(colleagues.find((some) => String(some.id) === to));

    const sheets = $derived({ many: effect?.sheets.length ?? 0, sheets: effect?.sheets.join(', ') ?? '' });

    onMount(async () => (effect = (await ask(api.GET('/api/staff/people/{person}/leaving', path))).data ?? null));
    const first = (answer: { trouble?: { message: string; fields: Record<string, string> } }) =>
        firstOf(answer.trouble);
    async function lend() {
        const body = { to: Number(to), until };
        const answer = await ask(api.PUT('/api/staff/people/{person}/lending', { ...path, body }));
        trouble = first(answer);
        if (answer.data) done(answer.data, say('settings.lent', { to: taker?.name ?? '', name: one.name }));
    }
    async function endLending() {
        const answer = await ask(api.DELETE('/api/staff/people/{person}/lending', path));
        trouble = first(answer);
        if (answer.data) done(answer.data, say('settings.lent_back', { name: one.name }));
    }
    async function leave() {
        working = true;
        const body = { to: to === '' ? null : Number(to), word };
        const answer = await ask(api.POST('/api/staff/people/{person}/leaving', { ...path, body }));
        working = false;
        trouble = first(answer);
        if (answer.data) done(answer.data.list, answer.data.said);
    }
</script>

<div class="slip grid w-full gap-3" role="group" aria-label={say('settings.parting', { name: one.name })}>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    <div class="flex flex-wrap items-end gap-3">
        <div>
            <Label for="to-{one.id}">{say('settings.parting_to')}</Label>
            <Select id="to-{one.id}" placeholder="" bind:value={to}>
                <option value="">{say('settings.nobody')}</option>
                {#each colleagues.filter((some) => some.role !== 'reader') as some (some.id)}<option
                        value={String(some.id)}>{some.name}</option
                    >{/each}
            </Select>
        </div>
        <div>
            <Label for="until-{one.id}">{say('settings.until')}</Label>
            <Input id="until-{one.id}" type="date" bind:value={until} />
        </div>
        <Button color="alternative" disabled={to === '' || until === ''} onclick={lend}
            >{say('settings.away_press')}</Button
        >
        {#if one.lent}<TextButton onclick={endLending}>{say('settings.back_press')}</TextButton>{/if}
        <TextButton away class="ms-auto" aria-expanded={leaving} onclick={() => (leaving = !leaving)}
            >{say('settings.leave_open')}</TextButton
        >
    </div>
    {#if leaving && effect}
        <div class="grid gap-3 border-t border-line pt-3">
            <p>
                {effect.sheets.length === 0
                    ? say('settings.leave_no_sheets')
                    : taker
                      ? say('settings.leave_taken', { ...sheets, to: taker.name })
                      : say('settings.leave_closed', sheets)}
                {effect.count === 0
                    ? say('settings.leave_no_meetings')
                    : taker
                      ? say('settings.leave_go', { many: effect.count, to: taker.name })
                      : say('settings.leave_cancelled', { many: effect.count })}
            </p>
            {#if effect.meetings.length > 0}
                <details>
                    <summary class="min-h-11 cursor-pointer py-2">{say('settings.which_meetings')}</summary>
                    <ul class="max-h-60 list-disc overflow-auto ps-5">
                        {#each effect.meetings as meeting, i (i)}<li>{meeting}</li>{/each}
                    </ul>
                </details>
                <Field
                    name="word-{one.id}"
                    label={say('settings.leave_word')}
                    lines={2}
                    maxlength={1000}
                    bind:value={word}
                />
            {/if}
            <Button color="red" outline class="justify-self-start" disabled={working} onclick={leave}
                >{working ? say('pages.one_moment') : say('settings.leave_press', { name: one.name })}</Button
            >
        </div>
    {/if}
</div>
