<script lang="ts">
    /** A time that is asked for, on the ruler of its day with what lies around. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import Marks from './Marks.svelte';

    let { choice }: { choice: Schema['KnockChoice'] } = $props();

    const place = (at: number) => `${(at / choice.ruler.length) * 100}%`;
    const called = (one: Schema['KnockChoice']['around'][number]) =>
        say('asking.around_one', { said: one.said, what: one.title || say('asking.busy') });
    const around = $derived(choice.around.map(called));
</script>

<div
    class="scale"
    role="img"
    aria-label={around.length === 0
        ? say('asking.around_none', { day: choice.ruler.label })
        : say('asking.around', { day: choice.ruler.label, rest: around.join('; ') })}
>
    <Marks marks={choice.ruler.marks} length={choice.ruler.length} now={choice.ruler.now} />
    {#each choice.around as one, i (i)}
        <span
            class="other"
            class:meeting={one.meeting}
            style:inset-inline-start={place(one.at)}
            style:width={place(one.length)}
            title={called(one)}><span>{one.title}</span></span
        >
    {/each}
    <span
        class="asked"
        class:gone={choice.gone}
        style:inset-inline-start={place(choice.at)}
        style:width={place(choice.minutes)}
    ></span>
</div>

<style>
    .scale {
        position: relative;
        height: 3rem;
        border-bottom: 1px solid var(--line);
        overflow: hidden;
    }
    .scale > * {
        position: absolute;
    }
    .other {
        top: 1.1rem;
        height: 1.5rem;
        overflow: hidden;
        font-size: 0.75rem;
        line-height: 1.5rem;
        white-space: nowrap;
        border: 1px dashed var(--edge);
        background: repeating-linear-gradient(135deg, var(--line) 0 1.5px, transparent 1.5px 7px);
    }
    .other span {
        padding: 0 0.25rem;
        background: var(--paper);
    }
    .other.meeting {
        border-style: solid;
        background: var(--card);
    }
    .other.meeting span {
        background: transparent;
    }
    .asked {
        top: 0.9rem;
        height: 1.9rem;
        border-radius: 5px;
        background: var(--board);
        border: 2px solid var(--marigold);
    }
    .asked.gone {
        background: transparent;
        border-style: dashed;
    }
</style>
