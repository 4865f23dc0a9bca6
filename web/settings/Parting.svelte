<script lang="ts">
    /** Somebody is away for a while, or leaves: who looks after their sheets, and what becomes of their meetings. */
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

    onMount(async () => (effect = (await ask(api.GET('/api/staff/people/{person}/leaving', path))).data ?? null));
    const first = (answer: { trouble?: { message: string; fields: Record<string, string> } }) =>
        firstOf(answer.trouble);
    async function lend() {
        const body = { to: Number(to), until };
        const answer = await ask(api.PUT('/api/staff/people/{person}/lending', { ...path, body }));
        trouble = first(answer);
        if (answer.data) done(answer.data, `${taker?.name} looks after the sheets of ${one.name} until then.`);
    }
    async function endLending() {
        const answer = await ask(api.DELETE('/api/staff/people/{person}/lending', path));
        trouble = first(answer);
        if (answer.data) done(answer.data, `${one.name} looks after their own sheets again.`);
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

<div class="slip grid w-full gap-3" role="group" aria-label="{one.name} is away or leaves">
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    <div class="flex flex-wrap items-end gap-3">
        <div>
            <Label for="to-{one.id}">Who looks after their sheets</Label>
            <Select id="to-{one.id}" placeholder="" bind:value={to}>
                <option value="">nobody</option>
                {#each colleagues.filter((some) => some.role !== 'reader') as some (some.id)}<option
                        value={String(some.id)}>{some.name}</option
                    >{/each}
            </Select>
        </div>
        <div>
            <Label for="until-{one.id}">Until</Label>
            <Input id="until-{one.id}" type="date" bind:value={until} />
        </div>
        <Button color="alternative" disabled={to === '' || until === ''} onclick={lend}>They are away until then</Button
        >
        {#if one.lent}<TextButton onclick={endLending}>They are back</TextButton>{/if}
        <TextButton away class="ml-auto" aria-expanded={leaving} onclick={() => (leaving = !leaving)}
            >They leave for good</TextButton
        >
    </div>
    {#if leaving && effect}
        <div class="grid gap-3 border-t border-line pt-3">
            <p>
                {effect.sheets.length === 0
                    ? 'They have no open sheets.'
                    : taker
                      ? `${taker.name} takes ${effect.sheets.length === 1 ? 'the sheet' : `the ${effect.sheets.length} sheets`}: ${effect.sheets.join(', ')}.`
                      : `${effect.sheets.length === 1 ? 'The sheet is' : `The ${effect.sheets.length} sheets are`} closed: ${effect.sheets.join(', ')}.`}
                {effect.count === 0
                    ? 'Nobody has booked with them.'
                    : taker
                      ? `${effect.count === 1 ? 'One meeting goes' : `${effect.count} meetings go`} to ${taker.name} where ${taker.name} has time; the others are cancelled. Everybody gets a letter.`
                      : `${effect.count === 1 ? 'One meeting is' : `${effect.count} meetings are`} cancelled, and everybody gets a letter.`}
            </p>
            {#if effect.meetings.length > 0}
                <details>
                    <summary class="min-h-11 cursor-pointer py-2">Which meetings</summary>
                    <ul class="max-h-60 list-disc overflow-auto pl-5">
                        {#each effect.meetings as meeting, i (i)}<li>{meeting}</li>{/each}
                    </ul>
                </details>
                <Field name="word-{one.id}" label="A word to them" lines={2} maxlength={1000} bind:value={word} />
            {/if}
            <Button color="red" outline class="justify-self-start" disabled={working} onclick={leave}
                >{working ? 'One moment…' : `${one.name} leaves`}</Button
            >
        </div>
    {/if}
</div>
