<script lang="ts">
    /** What differs on some days: other hours on a weekday, days left out or added. */
    import Blank from '../../controls/Blank.svelte';
    import { say } from '../../lib/say';
    import Said from '../../parts/Said.svelte';
    import Pick from '../../controls/Pick.svelte';
    import TextButton from '../../controls/TextButton.svelte';
    import { days } from '../../lib/days';
    import type { Draft } from '../../lib/draft.svelte';
    import HoursBlanks from '../HoursBlanks.svelte';

    interface Props {
        draft: Draft;
        index: number;
        /** Says which block a blank is of, where there are several. */
        on: (label: string) => string;
        today: string;
    }
    let { draft, index, on, today }: Props = $props();

    const block = $derived(draft.form.blocks[index]!);
    const others = $derived(block.weekdays.filter((day) => !block.other.some((one) => one.weekday === day)));
    const change = () => draft.changed();
</script>

{#each block.other as other, n (other.weekday)}
    <div class="sentence">
        <Said key="writing.apart" values={{ day: days()[other.weekday - 1] ?? '' }}>
            {#snippet hours()}<HoursBlanks
                    hours={other.hours}
                    at="blocks.{index}.other.{n}.hours"
                    on={(label) => on(say('writing.label_day', { label, day: days()[other.weekday - 1] ?? '' }))}
                    {change}
                />{/snippet}
        </Said>
        <TextButton
            onclick={() => {
                block.other.splice(n, 1);
                change();
            }}>{say('writing.apart_not')}</TextButton
        >
    </div>
{/each}
{#if block.kind !== 'dates'}
    <div class="flex flex-wrap items-center gap-x-5">
        {#if block.kind === 'weekly' && block.weekdays.length > 1 && others.length > 0}
            <Pick
                aria-label={on(say('writing.apart_label'))}
                value=""
                onchange={(event: Event) => {
                    const day = Number((event.currentTarget as HTMLSelectElement).value);
                    if (day)
                        block.other = [...block.other, { weekday: day, hours: block.hours.map((one) => ({ ...one })) }];
                    change();
                }}
            >
                <option value="">{say('writing.apart_open')}</option>
                {#each others as day (day)}<option value={day}>{days()[day - 1]}</option>{/each}
            </Pick>
        {/if}
        <TextButton
            onclick={() => {
                block.except = [...block.except, { first: today, last: today }];
                change();
            }}>{say('writing.leave_out')}</TextButton
        >
        <TextButton onclick={() => (block.plus = [...block.plus, ''])}>{say('writing.add_date')}</TextButton>
    </div>
{/if}
{#each block.except, n (n)}
    <div class="sentence">
        <Said key="writing.except">
            {#snippet first(label)}<Blank
                    name="blocks.{index}.except.{n}.first"
                    label={on(label)}
                    type="date"
                    size={13}
                />{/snippet}
            {#snippet last(label)}<Blank
                    name="blocks.{index}.except.{n}.last"
                    label={on(label)}
                    type="date"
                    size={13}
                />{/snippet}
        </Said>
        <TextButton
            onclick={() => {
                block.except.splice(n, 1);
                change();
            }}>{say('writing.take_away')}</TextButton
        >
    </div>
{/each}
{#each block.plus, n (n)}
    <div class="sentence">
        <Said key="writing.plus">
            {#snippet date(label)}<Blank
                    name="blocks.{index}.plus.{n}"
                    label={on(label)}
                    type="date"
                    size={13}
                />{/snippet}
        </Said>
        <TextButton
            onclick={() => {
                block.plus.splice(n, 1);
                change();
            }}>{say('writing.take_away')}</TextButton
        >
    </div>
{/each}

<style>
    .sentence {
        line-height: 2.6;
    }
</style>
