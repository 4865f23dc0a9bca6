<script lang="ts">
    /** What differs on some days: other hours on a weekday, days left out or added. */
    import Blank from '../../controls/Blank.svelte';
    import Pick from '../../controls/Pick.svelte';
    import TextButton from '../../controls/TextButton.svelte';
    import { days } from '../../lib/days';
    import type { Draft } from '../../lib/draft.svelte';
    import HoursBlanks from '../HoursBlanks.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Which block, where there are several. */
        on: string;
        today: string;
    }
    let { draft, index, on, today }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const others = $derived(block.weekdays.filter((day) => !block.other.some((one) => one.weekday === day)));
    const change = () => draft.changed();
</script>

{#each block.other as other, n (other.weekday)}
    <div class="sentence">
        On {days()[other.weekday - 1]}
        <HoursBlanks
            hours={other.hours}
            at="blocks.{index}.other.{n}.hours"
            on=" on {days()[other.weekday - 1]}{on}"
            {change}
        />.
        <TextButton
            onclick={() => {
                block.other.splice(n, 1);
                change();
            }}>as on the other days</TextButton
        >
    </div>
{/each}
{#if block.kind !== 'dates'}
    <div class="flex flex-wrap items-center gap-x-5">
        {#if block.kind === 'weekly' && block.weekdays.length > 1 && others.length > 0}
            <Pick
                aria-label="Other times on one day{on}"
                value=""
                onchange={(event: Event) => {
                    const day = Number((event.currentTarget as HTMLSelectElement).value);
                    if (day)
                        block.other = [...block.other, { weekday: day, hours: block.hours.map((one) => ({ ...one })) }];
                    change();
                }}
            >
                <option value="">Other times on …</option>
                {#each others as day (day)}<option value={day}>{days()[day - 1]}</option>{/each}
            </Pick>
        {/if}
        <TextButton
            onclick={() => {
                block.except = [...block.except, { first: today, last: today }];
                change();
            }}>Leave days out</TextButton
        >
        <TextButton onclick={() => (block.plus = [...block.plus, ''])}>Add a single date</TextButton>
    </div>
{/if}
{#each block.except, n (n)}
    <div class="sentence">
        Not from <Blank name="blocks.{index}.except.{n}.first" label="Left out from{on}" type="date" size={13} /> to
        <Blank name="blocks.{index}.except.{n}.last" label="Left out until{on}" type="date" size={13} />
        <TextButton
            onclick={() => {
                block.except.splice(n, 1);
                change();
            }}>take this away</TextButton
        >
    </div>
{/each}
{#each block.plus, n (n)}
    <div class="sentence">
        Also on <Blank name="blocks.{index}.plus.{n}" label="Added date{on}" type="date" size={13} />
        <TextButton
            onclick={() => {
                block.plus.splice(n, 1);
                change();
            }}>take this away</TextButton
        >
    </div>
{/each}

<style>
    .sentence {
        line-height: 2.6;
    }
</style>
