<script lang="ts">
    /** Where all are free: their rulers, for the choices to be put on. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import type { Asking } from './asking.svelte';
    import Bands from './Bands.svelte';
    import OwnCalendar from './OwnCalendar.svelte';

    interface Props {
        page: Schema['KnockPage'];
        asking: Asking;
    }
    let { page, asking }: Props = $props();

    /** On a phone a week is drawn, and the rest where it is asked for. */
    const FIRST = 5;
    let all = $state(false);
    const called = $derived(
        asking.typed.with.length > 0 ? say('asking.band_all') : (page.host.name.split(' ')[0] ?? page.host.name),
    );
    const anything = $derived(asking.times.days.some((day) => day.starts.length > 0));
</script>

<section aria-labelledby="when">
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h2 id="when">{say('asking.when')}</h2>
        <p class="text-faint">{say('asking.when_help', { zone: page.zone })}</p>
        <span class="ms-auto"><ClockSwitch /></span>
    </div>
    <OwnCalendar
        door={page.slug}
        pass={asking.pass !== null}
        said={asking.own?.said ?? ''}
        read={(calendar) => {
            asking.own = calendar;
            void asking.refresh();
        }}
    />
    {#if !anything}
        <p class="notice my-2">
            {asking.typed.with.length > 0
                ? asking.times.later
                    ? say('asking.none_common_all_later')
                    : say('asking.none_common_all')
                : asking.times.later
                  ? say('asking.none_common_later')
                  : say('asking.none_common')}
        </p>
    {/if}
    <div class="rulers">
        {#each asking.times.days as day, i (day.date)}
            <div class:folded={i >= FIRST && !all}><Bands {day} choices={asking.choices} host={called} /></div>
        {/each}
    </div>
    <p class="mt-2 flex flex-wrap gap-3">
        {#if asking.times.days.length > FIRST && !all}<button
                type="button"
                class="press unfold"
                onclick={() => (all = true)}
                >{say('asking.more_days', { many: asking.times.days.length - FIRST })}</button
            >{/if}
        {#if asking.times.earlier}<button
                type="button"
                class="press"
                onclick={() => asking.turnTo(asking.times.earlier)}>{say('asking.earlier_days')}</button
            >{/if}
        {#if asking.times.later}<button type="button" class="press" onclick={() => asking.turnTo(asking.times.later)}
                >{say('asking.later_days')}</button
            >{/if}
    </p>
</section>

<style>
    .unfold {
        display: none;
    }
    @media (max-width: 40rem) {
        .folded {
            display: none;
        }
        .unfold {
            display: inline-flex;
        }
    }
</style>
