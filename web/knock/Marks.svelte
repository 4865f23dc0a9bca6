<script lang="ts">
    /** The marks of a small ruler with the names of its hours, and now: what lies on it is drawn by whoever has it. */
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';

    interface Props {
        marks: Schema['Mark'][];
        length: number;
        now: number | null;
    }
    let { marks, length, now }: Props = $props();

    const place = (at: number) => `${(at / length) * 100}%`;
</script>

{#each marks as mark (mark.at)}
    <span class="mark {mark.size}" style:inset-inline-start={place(mark.at)} aria-hidden="true"></span>
    {#if mark.label && mark.at < length}<span
            class="clock times"
            style:inset-inline-start={place(mark.at)}
            aria-hidden="true">{clock.brief(mark.label).replace(':00', '')}</span
        >{/if}
{/each}
{#if now !== null}<span class="bead" style:inset-inline-start={place(now)}></span>{/if}

<style>
    span {
        position: absolute;
    }
    .mark {
        top: 0;
        width: 1px;
        height: 0.25rem;
        background: var(--line);
    }
    .mark.hour {
        height: 100%;
    }
    .clock {
        top: 0;
        padding-inline-start: 0.2rem;
        font-size: 0.72rem;
        line-height: 1;
        color: var(--faint);
    }
    .bead {
        top: 1.3rem;
        width: 0.8rem;
        height: 0.8rem;
        margin-inline-start: -0.4rem;
        border-radius: 50%;
        background: var(--marigold);
        border: 2px solid var(--ink);
        z-index: 1;
    }
</style>
