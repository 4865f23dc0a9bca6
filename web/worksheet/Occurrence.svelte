<script lang="ts">
    /** One occurrence of a block: closed, moved or at other times; this one, this and later, or all. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Button, Radio } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import type { Draft } from '../lib/draft.svelte';
    import Blank from '../controls/Blank.svelte';

    interface Props {
        draft: Draft;
        index: number;
        date: string;
        label: string;
        done: () => void;
    }
    let { draft, index, date, label, done }: Props = $props();

    type Scope = Schema['OccurrenceEdit']['scope'];
    const block = $derived(draft.form.blocks[index]);
    const repeats = $derived(block?.kind !== 'dates' || (block?.dates.length ?? 0) > 1);
    let scope = $state<Scope>('this one');
    let to = $state('');
    // svelte-ignore state_referenced_locally -- begins with what it is now
    let hours = $state(stretches());
    let trouble = $state('');
    let box = $state<HTMLElement>();

    $effect(() => box?.focus());

    function stretches() {
        const known =
            draft.drawing?.days
                .flatMap((day) => day.stretches)
                .filter((one) => one.block === index && one.occurrence === date)
                .map((one) => ({ from: one.from, until: one.until })) ?? [];
        return known.length > 0 ? known : [{ from: '', until: '' }];
    }

    async function edit(what: Schema['OccurrenceEdit']['do']) {
        const failed = await draft.occurrence({
            index,
            date,
            do: what,
            scope: what === 'move' ? 'this one' : scope,
            to: what === 'move' ? to : null,
            hours: what === 'hours' ? hours : [],
        });
        if (failed) trouble = failed.fields.do ?? failed.fields.to ?? failed.fields.hours ?? failed.message;
        else done();
    }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && done()} />

<div class="slip" tabindex="-1" bind:this={box} role="group" aria-label={say('writing.occurrence', { what: label })}>
    <div class="mb-2 flex flex-wrap items-baseline gap-4">
        <h3 class="times">{label}</h3>
        <TextButton class="ms-auto" onclick={done}>{say('writing.leave_it')}</TextButton>
    </div>
    {#if repeats}
        <div class="mb-2 flex flex-wrap gap-x-5" role="radiogroup" aria-label={say('writing.scope')}>
            {#each [['this one', say('writing.scope_one')], ['this and later', say('writing.scope_later')], ['all', say('writing.scope_all')]] as const as [value, name] (value)}
                <Radio name="scope" {value} bind:group={scope}>{name}</Radio>
            {/each}
        </div>
    {/if}
    <p class="text-[1.05rem] leading-[2.8]">
        {#each hours as one, i (i)}
            {#snippet from(label: string)}<Blank name="occurrence-from-{i}" {label} bind:value={one.from} />{/snippet}
            {#snippet until(label: string)}<Blank
                    name="occurrence-until-{i}"
                    {label}
                    bind:value={one.until}
                />{/snippet}
            {#if i === 0}<Said key="writing.occurrence_hours" {from} {until} />
            {:else}<Said key="writing.occurrence_hours_more" values={{ number: i + 1 }} {from} {until} />{/if}
        {/each}
        <Button color="alternative" onclick={() => edit('hours')}>{say('writing.occurrence_times')}</Button>
    </p>
    <p class="text-[1.05rem] leading-[2.8]">
        <Said key="writing.occurrence_move">
            {#snippet date(label)}<Blank name="occurrence-to" {label} type="date" size={13} bind:value={to} />{/snippet}
            {#snippet press(text)}<Button color="alternative" disabled={!to} onclick={() => edit('move')}>{text}</Button
                >{/snippet}
        </Said>
    </p>
    <Button color="red" outline class="mt-2" onclick={() => edit('close')}
        >{scope === 'this one'
            ? say('writing.occurrence_close')
            : scope === 'all'
              ? say('writing.occurrence_all')
              : say('writing.occurrence_end')}</Button
    >
    {#if trouble}<Notice class="mt-3">{trouble}</Notice>{/if}
</div>
