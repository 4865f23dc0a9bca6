<script lang="ts">
    /** The host's day to scale: who is when, what has become of it, and now. */
    import { say } from '../lib/say';
    import { clock } from '../lib/clock.svelte';
    import { along } from '../lib/way';
    import { now } from '../lib/now.svelte';
    import type { Desk, State, Turn } from './desk.svelte';

    interface Props {
        desk: Desk;
        chosen: string | null;
        choose: (turn: Turn) => void;
    }
    let { desk, chosen, choose }: Props = $props();

    const ruler = $derived(desk.data.ruler);
    const length = $derived(ruler ? ruler.until - ruler.from : 1);
    const left = (instant: number) => `${((instant - (ruler?.from ?? 0)) / length) * 100}%`;
    const bead = $derived(ruler && now.seconds >= ruler.from && now.seconds <= ruler.until ? left(now.seconds) : null);
    /** Those of one slot stand on one tab. */
    const tabs = $derived.by(() => {
        const groups = new Map<string, Turn[]>();
        for (const turn of desk.turns.filter((one) => one.starts !== null)) {
            const group = `${turn.starts}`;
            groups.set(group, [...(groups.get(group) ?? []), turn]);
        }
        return [...groups.values()];
    });
    const MARK: Record<State, string> = { ahead: '', late: '?', waits: '●', in: '▶', met: '✓', missed: '✗', away: '–' };
    /** So wide that the shortest has room for its time, within reason. */
    const least = $derived(
        Math.min(
            200,
            (length / Math.max(300, Math.min(...tabs.map(([one]) => (one?.ends ?? 0) - (one?.starts ?? 0))))) * 4.4,
        ),
    );
    let strip = $state<HTMLElement>();
    function walk(event: KeyboardEvent) {
        const to = { ArrowRight: 1, ArrowLeft: -1, Home: -99, End: 99 }[along(event.key)];
        if (!to) return;
        event.preventDefault();
        const all = [...(strip?.querySelectorAll<HTMLElement>('button') ?? [])];
        const at = all.indexOf(document.activeElement as HTMLElement);
        all[Math.max(0, Math.min(all.length - 1, at + to))]?.focus();
    }
</script>

{#if ruler}
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
    <div class="strip" role="group" aria-label={say('desk.the_day')} bind:this={strip} onkeydown={walk}>
        <div class="scale" style:min-width="{least}rem">
            {#each ruler.marks as mark (mark.at)}
                <span
                    class="mark {mark.size}"
                    style:inset-inline-start={left(ruler.from + mark.at * 60)}
                    aria-hidden="true"
                ></span>
                {#if mark.label}<span
                        class="hour times"
                        style:inset-inline-start={left(ruler.from + mark.at * 60)}
                        aria-hidden="true">{clock.brief(mark.label)}</span
                    >{/if}
            {/each}
            {#each tabs as group (group[0]!.key)}
                {@const turn = group[0]!}
                {@const state = desk.state(turn)}
                <button
                    type="button"
                    class="tab {state}"
                    class:chosen={group.some((one) => one.key === chosen)}
                    tabindex={group.some((one) => one.key === chosen) || (chosen === null && group === tabs[0])
                        ? 0
                        : -1}
                    style:inset-inline-start={left(turn.starts ?? 0)}
                    style:width="{(((turn.ends ?? 0) - (turn.starts ?? 0)) / length) * 100}%"
                    aria-label={say('desk.tab', {
                        from: clock.say(turn.from),
                        names: group.map((one) => one.student || one.who).join(', '),
                        state: say(`desk.tab_${state}`),
                    })}
                    onclick={() => choose(turn)}
                >
                    <span class="times">{MARK[state]} {clock.brief(turn.from)}</span>
                    <span class="name"
                        >{group.length > 1
                            ? say('desk.people', { many: group.length })
                            : turn.student || turn.who}</span
                    >
                </button>
            {/each}
            {#if bead}<span class="bead" style:inset-inline-start={bead} aria-hidden="true"></span>{/if}
        </div>
    </div>
{/if}

<style>
    .strip {
        overflow-x: auto;
        padding: 0 0 0.3rem;
    }
    .scale {
        position: relative;
        height: 5.6rem;
        border-bottom: 2px solid var(--ink);
    }
    .mark {
        position: absolute;
        bottom: 0;
        width: 1px;
        height: 0.3rem;
        background: var(--line);
    }
    .mark.quarter {
        height: 0.5rem;
    }
    .mark.hour {
        height: 5.6rem;
    }
    .hour {
        position: absolute;
        top: 0;
        padding-inline-start: 0.25rem;
        font-size: 0.85rem;
        color: var(--faint);
    }
    .tab {
        position: absolute;
        bottom: 0.7rem;
        height: 3.2rem;
        padding: 0.1rem 0.25rem;
        overflow: hidden;
        text-align: start;
        line-height: 1.25;
        font-size: 0.88rem;
        white-space: nowrap;
        cursor: pointer;
        color: var(--ink);
        background: var(--card);
        border: 1.5px solid var(--board);
        border-bottom-width: 4px;
        border-radius: 6px 6px 0 0;
    }
    .tab span {
        display: block;
        overflow: hidden;
        text-overflow: ellipsis;
    }
    .tab.met,
    .tab.missed,
    .tab.away {
        color: var(--faint);
        border-style: dashed;
        border-color: var(--edge);
        background: transparent;
    }
    .tab.missed .name {
        text-decoration: line-through;
    }
    .tab.waits {
        background: var(--wash);
        font-weight: 700;
    }
    .tab.late {
        border-color: var(--brick);
        border-style: dotted;
    }
    .tab.in {
        background: var(--board);
        color: var(--on-board);
    }
    .tab.chosen {
        box-shadow: inset 0 0 0 2px var(--marigold);
    }
    .bead {
        position: absolute;
        bottom: -0.4rem;
        width: 0.9rem;
        height: 0.9rem;
        margin-inline-start: -0.45rem;
        border-radius: 50%;
        background: var(--marigold);
        border: 2px solid var(--ink);
        forced-color-adjust: none;
    }
</style>
