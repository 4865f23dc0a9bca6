<script lang="ts">
    /** When a family can come: for each date a ruler with the hours on it, and the two times in words. */
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import type { Shortlist } from './shortlist.svelte';

    interface Props {
        page: Schema['RoundPage'];
        list: Shortlist;
    }
    let { page, list }: Props = $props();

    const dates = $derived(page.dates.filter((one) => !one.over));
    const hours = (date: string) => list.windows.find((one) => one.date === date);
    const at = (one: Schema['RoundPage']['dates'][number], said: string) =>
        one.steps.find((step) => step.said === said)?.at ?? 0;
    const length = (one: Schema['RoundPage']['dates'][number]) => one.steps.at(-1)?.at ?? 1;

    function change(one: Schema['RoundPage']['dates'][number], which: 'from' | 'until', said: string) {
        const now = hours(one.date) ?? one;
        let [from, until] = which === 'from' ? [said, now.until] : [now.from, said];
        // Whoever comes later than they meant to go stays until the end, and the other way about.
        if (at(one, from) >= at(one, until)) [from, until] = which === 'from' ? [from, one.until] : [one.from, until];
        list.come(one.date, from, until);
    }
</script>

{#each dates as one (one.date)}
    {@const can = hours(one.date)}
    <fieldset class="mb-4">
        <legend class="sr-only">{one.label}</legend>
        <label class="flex min-h-11 items-center gap-3">
            <input
                type="checkbox"
                class="size-6"
                checked={can !== undefined}
                onchange={(event) =>
                    event.currentTarget.checked ? list.come(one.date, one.from, one.until) : list.stayAway(one.date)}
            />
            <strong>{one.label}</strong>
        </label>
        {#if can}
            <div class="ruler" aria-hidden="true">
                {#each one.steps as step (step.at)}
                    <i class:long={step.said.endsWith(':00')} style:left="{(100 * step.at) / length(one)}%"></i>
                {/each}
                <b
                    style:left="{(100 * at(one, can.from)) / length(one)}%"
                    style:width="{(100 * (at(one, can.until) - at(one, can.from))) / length(one)}%"
                ></b>
            </div>
            <p class="mt-2 flex flex-wrap items-center gap-2">
                <label
                    >from <select
                        class="pick"
                        value={can.from}
                        onchange={(event) => change(one, 'from', event.currentTarget.value)}
                    >
                        {#each one.steps.slice(0, -1) as step (step.at)}<option value={step.said}
                                >{clock.say(step.said)}</option
                            >{/each}
                    </select></label
                >
                <label
                    >to <select
                        class="pick"
                        value={can.until}
                        onchange={(event) => change(one, 'until', event.currentTarget.value)}
                    >
                        {#each one.steps.slice(1) as step (step.at)}<option value={step.said}
                                >{clock.say(step.said)}</option
                            >{/each}
                    </select></label
                >
            </p>
        {/if}
    </fieldset>
{/each}

<style>
    .ruler {
        position: relative;
        max-width: 30rem;
        height: 1.9rem;
        border-bottom: 1px solid var(--edge);
    }
    .ruler i {
        position: absolute;
        top: 0;
        width: 1px;
        height: 0.45rem;
        background: var(--edge);
    }
    .ruler i.long {
        height: 0.8rem;
    }
    .ruler b {
        position: absolute;
        bottom: 0;
        height: 1rem;
        border: 1.5px solid var(--board);
        border-bottom: 0;
        border-radius: 4px 4px 0 0;
        background: var(--wash);
    }
</style>
