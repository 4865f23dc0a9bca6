<script lang="ts">
    /** Whom one meets in the next seven days: a column a day, only days on which there is somebody. */
    import { say } from '../lib/say';
    import { clock } from '../lib/clock.svelte';

    export interface Day {
        date: string;
        day: string;
        more: number;
        meetings: { from: string; who: string; sheet: number }[];
    }
    let { week }: { week: Day[] } = $props();
</script>

<section class="mb-4" aria-labelledby="week">
    <h2 id="week" class="mb-1">{say('hosting.week')}</h2>
    <ul class="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-6 gap-y-2">
        {#each week as day (day.date)}
            <li class="min-w-0">
                <h3>{day.day}</h3>
                <ul>
                    {#each day.meetings as one, i (i)}
                        <li class="flex min-w-0 gap-2 py-0.5">
                            <span class="times shrink-0 whitespace-nowrap">{clock.say(one.from)}</span>
                            <a class="truncate" href="/staff/sheets/{one.sheet}">{one.who}</a>
                        </li>
                    {/each}
                </ul>
                {#if day.more > 0}<a class="inline-block py-1" href="/staff/lists?date={day.date}"
                        >{say('hosting.week_more', { many: day.more })}</a
                    >{/if}
            </li>
        {/each}
    </ul>
</section>
