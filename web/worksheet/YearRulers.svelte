<script lang="ts">
    /** The months to come, a ruler each: dates are picked by pressing, dragging across, or with the keys. */
    import { say } from '../lib/say';
    import { along } from '../lib/way';
    import type { Year } from '../lib/draft.svelte';

    type Day = Year[number]['days'][number];
    interface Props {
        year: Year;
        dates: string[];
        pick: (dates: string[]) => void;
        /** Only one can be chosen. */
        single?: boolean;
    }
    let { year, dates, pick, single = false }: Props = $props();

    const picked = $derived(new Set(dates.filter(Boolean)));
    const all = $derived(year.flatMap((month) => month.days).filter((day) => !day.past));
    const entry = $derived(all.find((day) => picked.has(day.date))?.date ?? all[0]?.date);
    let dragging: { adding: boolean; seen: Set<string> } | null = null;

    function set(day: Day, adding: boolean) {
        if (day.past) return;
        const next = new Set(single ? [] : picked);
        if (adding) next.add(day.date);
        else next.delete(day.date);
        pick([...next].sort());
    }
    function start(event: PointerEvent, day: Day) {
        if (event.button !== 0 || day.past) return;
        dragging = { adding: !picked.has(day.date), seen: new Set([day.date]) };
        set(day, dragging.adding);
        // Without this a finger would stay with the tab on which it began.
        (event.currentTarget as HTMLElement).releasePointerCapture(event.pointerId);
    }
    function over(day: Day) {
        if (!dragging || single || dragging.seen.has(day.date)) return;
        dragging.seen.add(day.date);
        set(day, dragging.adding);
    }
    function keys(event: KeyboardEvent, day: Day) {
        const i = all.indexOf(day);
        const month = (by: number) => all[Math.max(0, Math.min(all.length - 1, i + by))];
        const to = {
            ArrowRight: all[i + 1],
            ArrowLeft: all[i - 1],
            ArrowDown: month(30),
            ArrowUp: month(-30),
            Home: all[0],
            End: all.at(-1),
        }[along(event.key)];
        if (to) {
            event.preventDefault();
            (event.currentTarget as HTMLElement)
                .closest('[data-year]')!
                .querySelector<HTMLElement>(`[data-date="${to.date}"]`)!
                .focus();
            if (event.shiftKey) set(to, true);
        } else if (event.key === ' ' || event.key === 'Enter') {
            event.preventDefault();
            set(day, !picked.has(day.date));
        }
    }
</script>

<svelte:window onpointerup={() => (dragging = null)} />

<div class="year" data-year role="group" aria-label={say('writing.year')}>
    {#each year as month (month.name)}
        <p class="name" aria-hidden="true">{month.name}</p>
        <div class="month">
            {#each month.days as day (day.date)}
                <button
                    type="button"
                    class="tick"
                    class:weekend={day.weekday > 5}
                    class:closed={day.closed !== null}
                    data-date={day.date}
                    disabled={day.past}
                    aria-pressed={picked.has(day.date)}
                    aria-label={day.closed
                        ? say('writing.year_day_closed', { day: day.said, why: day.closed })
                        : day.said}
                    title={day.closed ?? day.said}
                    tabindex={day.date === entry ? 0 : -1}
                    onpointerdown={(event) => start(event, day)}
                    onpointerenter={() => over(day)}
                    onkeydown={(event) => keys(event, day)}
                >
                    <span>{day.number}</span>
                </button>
            {/each}
        </div>
    {/each}
</div>
<p class="mt-1 text-[0.95rem] text-faint">
    {say('writing.year_help')}
</p>

<style>
    .year {
        display: grid;
        grid-template-columns: 8.5rem minmax(0, 1fr);
        gap: 0 0.6rem;
        margin-top: 0.8rem;
        font-variant-numeric: tabular-nums;
        touch-action: pan-y;
        user-select: none;
    }
    .name {
        align-self: center;
        text-align: end;
        font-size: 0.92rem;
        color: var(--faint);
    }
    .month {
        display: grid;
        grid-template-columns: repeat(31, minmax(0, 1fr));
        border-bottom: 1.5px solid var(--edge);
    }
    .tick {
        height: 1.9rem;
        min-width: 0;
        font-size: 0.74rem;
        border-inline-start: 1px solid var(--line);
        cursor: pointer;
        display: grid;
        place-items: end center;
        padding-bottom: 2px;
    }
    .tick.weekend {
        border-inline-start-style: dotted;
        color: var(--faint);
    }
    .tick.closed {
        background: repeating-linear-gradient(135deg, transparent 0 4px, var(--line) 4px 5.5px);
    }
    .tick:disabled {
        color: var(--faint);
        cursor: default;
        font-size: 0;
    }
    .tick[aria-pressed='true'] {
        background: var(--board);
        color: var(--on-board);
        font-weight: 700;
        border-radius: 4px 4px 0 0;
    }
    @media (max-width: 699.98px) {
        .year {
            grid-template-columns: minmax(0, 1fr);
        }
        .name {
            text-align: start;
            margin-top: 0.5rem;
        }
        .month {
            grid-template-columns: repeat(8, minmax(0, 1fr));
            border-bottom: 0;
        }
        .tick {
            height: 2.75rem;
            font-size: 0.95rem;
            border-bottom: 1px solid var(--edge);
            place-items: center;
        }
    }
</style>
