<script lang="ts">
    /** One turn in the list of the day: its state in words, the one press that it mostly needs, and all others where it is opened. */
    import { say } from '../lib/say';
    import { Button, Textarea } from '../lib/controls';
    import { api, ask } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import Mover from '../parts/Mover.svelte';
    import About from './About.svelte';
    import Note from './Note.svelte';
    import { minutesSince, type Desk, type Turn } from './desk.svelte';

    interface Props {
        desk: Desk;
        turn: Turn;
        open: boolean;
        toggle: () => void;
    }
    let { desk, turn, open, toggle }: Props = $props();

    const is = $derived(desk.state(turn));
    const said = $derived.by(() => {
        if (is === 'waits') return say('desk.row_waits', { minutes: minutesSince(turn.arrived ?? 0) });
        if (is === 'late') return say('desk.row_late', { minutes: minutesSince(turn.starts ?? 0) });
        if (is === 'ahead' && turn.starts !== null && minutesSince(turn.starts) > 0) return say('desk.row_not_yet');
        return say(`desk.row_${is}`);
    });
    let form = $state<'' | 'word' | 'away' | 'swap' | 'offer'>('');
    let text = $state('');
    const who = $derived([turn.key]);
    /** Those who came to the same slot and wait go in together. */
    const together = $derived(desk.waiting.filter((one) => one.group === turn.group));
    const show = (what: typeof form) => {
        form = form === what ? '' : what;
        text = what === 'away' ? say('desk.away_text') : '';
    };
    async function send(what: 'word' | 'away') {
        if ((await desk.press({ what, who, word: text })) === '') form = '';
    }
    const others = $derived(
        desk.turns.filter(
            (one) =>
                one.key !== turn.key &&
                one.sheet === turn.sheet &&
                one.booking !== null &&
                one.called === null &&
                !one.outcome,
        ),
    );
</script>

<li class="border-b border-line py-1" data-turn={turn.key} data-state={is}>
    <div class="flex flex-wrap items-center gap-x-3">
        <button
            type="button"
            class="flex min-h-11 min-w-0 flex-1 basis-52 cursor-pointer flex-wrap items-center gap-x-3 text-start"
            aria-expanded={open}
            onclick={toggle}
        >
            <span class="times font-semibold {is === 'met' || is === 'missed' ? 'text-faint' : ''}"
                >{clock.say(turn.from)}</span
            >
            <span class="min-w-0">{turn.student || turn.who}</span>
            <span class="chip" class:open={is === 'waits' || is === 'in'} class:bad={is === 'late'}>{said}</span>
            {#if turn.answer}<span class="min-w-0 text-faint">“{turn.answer}”</span>{/if}
        </button>
        {#if is === 'waits'}
            <Button size="sm" onclick={() => desk.press({ what: 'call', who: together.map((one) => one.key) })}
                >{together.length > 1 ? say('desk.call_all', { many: together.length }) : say('desk.call_in')}</Button
            >
        {:else if is === 'ahead'}
            <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'here', who })}
                >{say('desk.is_here')}</Button
            >
        {:else if is === 'late'}
            <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'here', who })}
                >{say('desk.is_here')}</Button
            >
            {#if turn.phone}<Button size="sm" color="alternative" href="tel:{turn.phone.replace(/[^+\d]/g, '')}"
                    >{say('desk.ring')}</Button
                >{/if}
            <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'missed', who })}
                >{say('desk.didnt_come')}</Button
            >
        {/if}
    </div>
    {#if open}
        <div class="grid gap-2 pb-2 ps-2">
            <About {turn} />
            {#if turn.offer}<p class="good-news flex flex-wrap items-center gap-x-3">
                    {turn.offer}
                    <Button size="sm" color="alternative" onclick={() => turn.booking && desk.takeBack(turn.booking)}
                        >{say('desk.take_the_offer_back')}</Button
                    >
                </p>{/if}
            <div class="flex flex-wrap gap-2">
                {#if is === 'ahead' || is === 'late'}<Button
                        size="sm"
                        color="alternative"
                        onclick={() => desk.press({ what: 'call', who })}>{say('desk.call_in')}</Button
                    >{/if}
                {#if is === 'waits' || is === 'in'}<Button size="sm" color="alternative" onclick={() => show('word')}
                        >{say('desk.a_word')}</Button
                    >{/if}
                {#if is === 'waits' || is === 'ahead' || is === 'late'}
                    <Button size="sm" color="alternative" onclick={() => show('away')}>{say('desk.send_away')}</Button>
                    {#if others.length > 0}<Button size="sm" color="alternative" onclick={() => show('swap')}
                            >{say('desk.change_times_with')}</Button
                        >{/if}
                {/if}
                {#if is === 'late' || is === 'missed' || is === 'met' || is === 'away' || is === 'ahead'}
                    {#if turn.booking !== null}<Button size="sm" color="alternative" onclick={() => show('offer')}
                            >{say('desk.offer_another_time')}</Button
                        >{/if}
                {/if}
                {#if is === 'met' || is === 'missed' || is === 'away'}
                    <Button
                        size="sm"
                        color="alternative"
                        onclick={() => desk.press({ what: is === 'missed' ? 'met' : 'missed', who })}
                        >{is === 'missed' ? say('desk.came_after_all') : say('desk.press_missed')}</Button
                    >
                    {#if turn.ended === null}<Button
                            size="sm"
                            color="alternative"
                            onclick={() => desk.press({ what: 'unmark', who })}
                            >{say('desk.wait_for_them_again')}</Button
                        >{/if}
                {:else if is !== 'in'}
                    <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'met', who })}
                        >{say('desk.came')}</Button
                    >
                {/if}
            </div>
            {#if form === 'word' || form === 'away'}
                <div class="grid max-w-lg gap-2">
                    <label for="word-{turn.key}" class="font-semibold"
                        >{form === 'word'
                            ? say('desk.word_to', { who: turn.who })
                            : say('desk.away_reads', { who: turn.who })}</label
                    >
                    <Textarea id="word-{turn.key}" class="w-full" rows={2} maxlength={300} bind:value={text} />
                    <Button
                        size="sm"
                        class="justify-self-start"
                        disabled={form === 'word' && !text.trim()}
                        onclick={() => send(form === 'word' ? 'word' : 'away')}
                        >{form === 'word' ? say('desk.send_it') : say('desk.send_them_away')}</Button
                    >
                    <p class="text-[0.9rem] text-faint">{say('desk.word_where')}</p>
                </div>
            {:else if form === 'swap'}
                <div>
                    <p>{say('desk.swap_agree')}</p>
                    <ul class="flex flex-wrap gap-2">
                        {#each others as other (other.key)}
                            <li>
                                <Button
                                    size="sm"
                                    color="alternative"
                                    onclick={async () => {
                                        if ((await desk.press({ what: 'swap', who: [turn.key, other.key] })) === '')
                                            form = '';
                                    }}>{clock.say(other.from)}, {other.student || other.who}</Button
                                >
                            </li>
                        {/each}
                    </ul>
                </div>
            {:else if form === 'offer' && turn.booking !== null}
                {@const booking = turn.booking}
                <p>
                    {turn.reachable
                        ? say('desk.offer_pick', { who: turn.who })
                        : say('desk.offer_unreachable', { who: turn.who })}
                </p>
                <label for="offer-{turn.key}" class="font-semibold">{say('desk.offer_word')}</label>
                <Textarea id="offer-{turn.key}" class="w-full max-w-lg" rows={2} maxlength={1000} bind:value={text} />
                <Mover
                    load={(from) =>
                        ask(
                            api.GET('/api/staff/bookings/{booking}/times', {
                                params: { path: { booking }, query: from ? { from } : {} },
                            }),
                        )}
                    now=""
                    offering
                    move={async (picked) => {
                        const failed = await desk.offer(booking, picked, text);
                        if (failed === '') form = '';
                        return failed ? { message: failed, other: null } : null;
                    }}
                />
            {/if}
            {#if turn.booking !== null && is !== 'in'}<Note {turn} />{/if}
        </div>
    {/if}
</li>

<style>
    .chip.bad {
        border-color: var(--brick);
        color: var(--brick);
        font-weight: 600;
    }
</style>
