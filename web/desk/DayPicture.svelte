<script lang="ts">
    /** What became of a day, small and to scale: above what was offered and booked, below when people really were in. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';

    let { day }: { day: Schema['DayFigures'] } = $props();
    const picture = $derived(day.picture);
</script>

{#if picture}
    <svg
        viewBox="0 0 {picture.length} 26"
        preserveAspectRatio="none"
        role="img"
        aria-label={say('desk.day_picture', {
            day: day.label,
            booked: day.booked,
            offered: day.offered,
            came: day.came,
            missed: day.missed,
        })}
    >
        {#each picture.marks.filter((mark) => mark.size === 'hour') as mark (mark.at)}
            <line x1={mark.at} x2={mark.at} y1="0" y2="26" class="hour" vector-effect="non-scaling-stroke" />
        {/each}
        {#each picture.slots as slot (slot.at)}
            <rect
                x={slot.at + 0.4}
                y={slot.state === 'free' ? 10 : 3}
                width={slot.length - 0.8}
                height={slot.state === 'free' ? 3 : 10}
                class={slot.state}
                vector-effect="non-scaling-stroke"
            />
        {/each}
        {#each picture.really as one (one.at)}
            <rect x={one.at} y="17" width={one.length} height="5" class="really" />
        {/each}
    </svg>
{/if}

<style>
    svg {
        display: block;
        width: 100%;
        height: 2.2rem;
        border-bottom: 1px solid var(--ink);
    }
    .hour {
        stroke: var(--line);
    }
    .free {
        fill: var(--line);
    }
    .met,
    .booked {
        fill: var(--board);
    }
    .booked {
        fill: var(--wash);
        stroke: var(--board);
    }
    .missed,
    .away {
        fill: none;
        stroke: var(--brick);
        stroke-dasharray: 3 2;
    }
    .really {
        fill: var(--marigold);
        stroke: none;
    }
</style>
