<script lang="ts">
    /** The plan on upright rulers: meetings to scale, and between them the way and the waiting. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import Said from '../parts/Said.svelte';
    import { clock } from '../lib/clock.svelte';
    import { Shortlist } from './shortlist.svelte';

    interface Props {
        plan: Schema['RoundPlan'];
        list: Shortlist;
    }
    let { plan, list }: Props = $props();

    /** A minute is so high; a meeting of ten still holds two lines. */
    const REM = 0.34;
    const stands = (one: Schema['PlannedMeeting']) => one.booked || (one.booking !== null && one.was === '');
    const isNew = (one: Schema['PlannedMeeting']) => list.changed.includes(Shortlist.id(one));
</script>

{#snippet bold(text: string)}<strong>{text}</strong>{/snippet}

{#each plan.days as day (day.date)}
    <section class="mb-5" aria-label={day.label}>
        <h3 class="mb-0 text-lg">{day.label}</h3>
        <p class="mb-2 text-faint">{day.said}</p>
        <ol class="upright">
            {#each day.meetings as one (one.key + one.sheet)}
                {#if one.between && one.between.minutes > 0}
                    <li class="between" style:min-height="{Math.min(one.between.minutes * REM, 4)}rem">
                        {one.between.said}
                    </li>
                {/if}
                <li
                    class="meeting"
                    class:booked={stands(one)}
                    class:changed={isNew(one) || one.was !== ''}
                    style:min-height="{Math.max(one.length * REM, 3)}rem"
                >
                    <span class="from">{clock.say(one.from)}</span>
                    <span class="min-w-0">
                        {#if one.student}<Said
                                key="planning.meeting_about"
                                values={{ name: one.host.name, student: one.student }}
                                {bold}
                            />{:else}{@render bold(one.host.name)}{/if}
                        <span class="block text-[0.95rem]"
                            >{say('planning.place_until', { place: one.place, until: clock.say(one.until) })}</span
                        >
                        {#if stands(one)}<span class="block text-[0.95rem]">{say('planning.booked')}</span>{/if}
                        {#if one.was}<span class="block text-[0.95rem] font-semibold">{one.was}</span>{/if}
                        {#if isNew(one)}<span class="block text-[0.95rem] font-semibold"
                                >{say('planning.another_time')}</span
                            >{/if}
                    </span>
                </li>
            {/each}
        </ol>
    </section>
{/each}

<style>
    .upright {
        border-inline-start: 0.9rem solid var(--wash);
        font-variant-numeric: tabular-nums;
    }
    .meeting {
        display: grid;
        grid-template-columns: 5.2rem 1fr;
        gap: 0.5rem;
        padding: 0.35rem 0.8rem;
        border: 1.5px solid var(--board);
        border-radius: 0 6px 6px 0;
        background: var(--card);
    }
    .meeting + .meeting {
        margin-top: -1.5px;
    }
    .from {
        color: var(--board);
        font-size: 1.05rem;
        font-weight: 650;
    }
    .booked {
        border-style: solid;
        background: var(--wash);
    }
    .changed {
        border-color: var(--marigold);
        border-width: 3px;
    }
    .between {
        display: flex;
        align-items: center;
        padding: 0 0.8rem;
        color: var(--faint);
        font-size: 0.95rem;
    }
</style>
