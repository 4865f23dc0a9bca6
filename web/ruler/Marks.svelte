<script lang="ts">
    /** What stands on a day's ruler besides its slots: the hours, what else is that day, and the bead for now. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';

    let { day }: { day: Schema['RulerDay'] } = $props();
</script>

{#each day.busy as busy (busy.at + busy.title)}
    <div
        class="elsewhere"
        style:--at={busy.at}
        style:--long={busy.length}
        title={say('ruler.busy_at', { what: busy.title || say('ruler.busy'), said: busy.said })}
    >
        <span class="sr-only">{say('ruler.calendar', { what: busy.title || say('ruler.busy'), said: busy.said })}</span>
    </div>
{/each}
{#each day.marks as mark (mark.at)}
    <span class="mark {mark.size}" style:--at={mark.at}>
        {#if mark.label}<span class="hour-name">{clock.say(mark.label)}</span>{/if}
    </span>
{/each}
{#if day.now !== null}<span class="bead" style:--at={day.now} title={say('ruler.now')}></span>{/if}

<style>
    .elsewhere {
        background: repeating-linear-gradient(135deg, var(--edge) 0 1.5px, transparent 1.5px 7px);
        border: 1px dashed var(--edge);
        pointer-events: none;
    }
    .mark {
        background: var(--edge);
    }
    .hour-name {
        position: absolute;
        color: var(--faint);
        font-size: 0.85rem;
        white-space: nowrap;
    }
    .bead {
        width: 14px;
        height: 14px;
        border-radius: 50%;
        background: var(--marigold);
        border: 2px solid var(--ink);
        z-index: 2;
    }
    /* Flat: one row a day. */
    @container ruler (min-width: 560px) {
        .mark {
            inset-inline-start: var(--place);
            top: 3.9rem;
            width: 1px;
            height: 0.45rem;
        }
        .mark.hour {
            height: 0.9rem;
        }
        .mark.five {
            height: 0.22rem;
        }
        .hour-name {
            top: 0.95rem;
            transform: translateX(-50%);
        }
        :global([dir='rtl']) .hour-name {
            transform: translateX(50%);
        }
        .bead {
            inset-inline-start: calc(var(--place) - 7px);
            top: 3.55rem;
        }
        .elsewhere {
            inset-inline-start: var(--place);
            width: var(--extent);
            top: 2.2rem;
            height: 1.9rem;
        }
    }
    /* Upright: time runs down the left edge. */
    @container ruler (max-width: 559.98px) {
        .mark {
            top: var(--place);
            inset-inline-start: 0.4rem;
            height: 1px;
            width: 0.5rem;
        }
        .mark.hour {
            inset-inline-start: 0;
            width: 0.9rem;
        }
        .mark.five {
            inset-inline-start: 0.65rem;
            width: 0.25rem;
        }
        .hour-name {
            inset-inline-end: calc(100% + 0.3rem);
            top: -0.65rem;
        }
        .bead {
            top: calc(var(--place) - 7px);
            inset-inline-start: 0.1rem;
        }
        .elsewhere {
            top: var(--place);
            height: var(--extent);
            inset-inline-start: 0.9rem;
            inset-inline-end: 0;
        }
    }
</style>
