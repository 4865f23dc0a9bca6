<script lang="ts">
    /** When a family can come: for each date a ruler with the hours on it, and the two times in words. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import type { Shortlist } from './shortlist.svelte';

    interface Props {
        page: Schema['RoundPage'];
        list: Shortlist;
    }
    let { page, list }: Props = $props();

    const dates = $derived(page.dates.filter((one) => !one.over));
    type Day = Schema['RoundPage']['dates'][number];
    type Hours = Schema['HoursOn'];

    /** Hours of one day that one can say: once more, after the first, is enough. */
    const MOST = 2;
    /** Minutes between them at the least: with less it would be one. */
    const APART = 30;

    const hours = (date: string) => list.windows.filter((one) => one.date === date);
    const at = (one: Day, said: string) => one.steps.find((step) => step.said === said)?.at ?? 0;
    const length = (one: Day) => one.steps.at(-1)?.at ?? 1;

    function change(one: Day, nth: number, now: Hours, which: 'from' | 'until', said: string) {
        let [from, until] = which === 'from' ? [said, now.until] : [now.from, said];
        // Whoever comes later than they meant to go stays until the end, and the other way about.
        if (at(one, from) >= at(one, until)) [from, until] = which === 'from' ? [from, one.until] : [one.from, until];
        list.come(one.date, from, until, nth);
    }

    /** Other hours that can still be said: the rest of the day after what is said already, or what is before it. */
    function rest(one: Day, said: Hours[]) {
        const free = (from: number, until: number) => {
            const steps = one.steps.filter((step) => step.at >= from && step.at <= until);
            return steps.length > 1 ? { from: steps[0]!.said, until: steps.at(-1)!.said } : null;
        };
        const first = said[0];
        if (!first || said.length >= MOST) return null;
        return free(at(one, first.until) + APART, length(one)) ?? free(0, at(one, first.from) - APART);
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
                checked={can.length > 0}
                onchange={(event) =>
                    event.currentTarget.checked ? list.come(one.date, one.from, one.until) : list.stayAway(one.date)}
            />
            <strong>{one.label}</strong>
        </label>
        {#if can.length > 0}
            <div class="ruler" aria-hidden="true">
                {#each one.steps as step (step.at)}
                    <i
                        class:long={step.said.endsWith(':00')}
                        style:inset-inline-start="{(100 * step.at) / length(one)}%"
                    ></i>
                {/each}
                {#each can as said, n (n)}
                    <b
                        style:inset-inline-start="{(100 * at(one, said.from)) / length(one)}%"
                        style:width="{(100 * (at(one, said.until) - at(one, said.from))) / length(one)}%"
                    ></b>
                {/each}
            </div>
            {#each can as said, n (n)}
                <p class="mt-2 flex flex-wrap items-center gap-2">
                    <label
                        >{n === 0 ? say('planning.from') : say('planning.from_more')}
                        <select
                            class="pick"
                            value={said.from}
                            onchange={(event) => change(one, n, said, 'from', event.currentTarget.value)}
                        >
                            {#each one.steps.slice(0, -1) as step (step.at)}<option value={step.said}
                                    >{clock.say(step.said)}</option
                                >{/each}
                        </select></label
                    >
                    <label
                        >{say('planning.until')}
                        <select
                            class="pick"
                            value={said.until}
                            onchange={(event) => change(one, n, said, 'until', event.currentTarget.value)}
                        >
                            {#each one.steps.slice(1) as step (step.at)}<option value={step.said}
                                    >{clock.say(step.said)}</option
                                >{/each}
                        </select></label
                    >
                    {#if n > 0}<button type="button" class="link" onclick={() => list.comeNot(one.date, n)}
                            >{say('planning.remove')}</button
                        >{/if}
                </p>
            {/each}
            {@const more = rest(one, can)}
            {#if more}<button
                    type="button"
                    class="link"
                    onclick={() => list.come(one.date, more.from, more.until, can.length)}
                    >{say('planning.hours_more')}</button
                >{/if}
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
