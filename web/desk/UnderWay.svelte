<script lang="ts">
    /** The meeting under way: its time left, a soft sign before its end and a clear one at it, and what can be pressed. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import { clock } from '../lib/clock.svelte';
    import { now } from '../lib/now.svelte';
    import About from './About.svelte';
    import Note from './Note.svelte';
    import { countdown, names, type Desk, type Turn } from './desk.svelte';

    interface Props {
        desk: Desk;
        next: Turn[];
        callNext: () => void;
    }
    let { desk, next, callNext }: Props = $props();

    const under = $derived(desk.under);
    const keys = $derived(under.map((one) => one.key));
    const due = $derived(Math.max(...under.map((one) => one.due ?? 0)));
    const left = $derived(due - now.seconds);
    const begun = $derived(Math.min(...under.map((one) => one.called ?? 0)));
    const part = $derived(Math.min(100, Math.max(0, ((now.seconds - begun) / Math.max(60, due - begun)) * 100)));
    const sign = $derived(left <= 0 ? 'over' : left <= 120 ? 'soon' : '');
    const fails = $derived(under.filter((one) => one.video_fails));
</script>

<section class="card {sign}" aria-labelledby="under-way">
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h2 id="under-way" class="min-w-0 flex-1">{names(under)}</h2>
        <p class="left times" role="timer">
            {left > 0 ? countdown(left) : say('desk.left_over', { time: countdown(left) })}
        </p>
    </div>
    <div class="track" aria-hidden="true"><span style:width="{part}%"></span></div>
    <p class="sr-only" role="status">
        {sign === 'over' ? say('desk.time_over') : sign === 'soon' ? say('desk.time_soon') : ''}
    </p>
    {#each fails as one (one.key)}
        <p class="notice mt-2">
            {one.phone ? say('desk.video_ring', { who: one.who }) : say('desk.video_ring_none', { who: one.who })}
            {#if one.phone}<a class="times text-lg" href="tel:{one.phone.replace(/[^+\d]/g, '')}">{one.phone}</a>{/if}
            <button
                type="button"
                class="link"
                onclick={() => desk.press({ what: 'video', who: [one.key], fails: false })}
                >{say('desk.video_again')}</button
            >
        </p>
    {/each}
    <div class="my-2 flex flex-wrap gap-2">
        {#if next.length > 0}<Button color={next[0]?.arrived === null ? 'alternative' : 'primary'} onclick={callNext}
                >{say('desk.end_and_call', { names: names(next) })}</Button
            >{/if}
        <Button color="alternative" onclick={() => desk.press({ what: 'end', who: keys })}>{say('desk.end_it')}</Button>
        <Button color="alternative" onclick={() => desk.press({ what: 'more', who: keys, minutes: 5 })}
            >{say('desk.five_more_minutes')}</Button
        >
        {#each under.filter((one) => one.video && !one.video_fails) as one (one.key)}
            <Button color="alternative" onclick={() => desk.press({ what: 'video', who: [one.key], fails: true })}
                >{say('desk.video_fails')}</Button
            >
        {/each}
    </div>
    {#each under as one (one.key)}
        {#if under.length > 1}<h3 class="mt-2">{one.student || one.who}</h3>{/if}
        <About turn={one} />
        {#if one.answer}<p class="good-news">{say('desk.answered', { answer: one.answer })}</p>{/if}
        {#if one.booking !== null}<Note turn={one} />{/if}
    {/each}
    <p class="sr-only">{say('desk.until', { at: clock.say(under[0]?.until ?? '') })}</p>
</section>

<style>
    .card {
        padding: 0.75rem 1rem;
        background: var(--card);
        border: 1px solid var(--line);
        border-inline-start: 8px solid var(--board);
        border-radius: 6px;
    }
    .card.soon {
        border-inline-start-color: var(--marigold);
    }
    .card.over {
        border: 3px solid var(--brick);
        border-inline-start-width: 8px;
    }
    .left {
        font-size: 2rem;
        font-weight: 700;
        line-height: 1.1;
    }
    .card.over .left {
        color: var(--brick);
    }
    .track {
        height: 0.5rem;
        margin-top: 0.35rem;
        border: 1px solid var(--edge);
        border-radius: 4px;
        overflow: hidden;
    }
    .track span {
        display: block;
        height: 100%;
        background: var(--board);
        forced-color-adjust: none;
    }
    .card.soon .track span {
        background: var(--marigold);
    }
    .card.over .track span {
        background: var(--brick);
    }
</style>
