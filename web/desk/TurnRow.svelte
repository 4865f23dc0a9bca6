<script lang="ts">
    /** One turn in the list of the day: its state in words, the one press that it mostly needs, and all others where it is opened. */
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
    const SAID = { ahead: 'to come', met: 'came', missed: 'did not come', away: 'sent away', in: 'is in' } as const;
    const said = $derived.by(() => {
        if (is === 'waits') return `here for ${minutesSince(turn.arrived ?? 0)} min`;
        if (is === 'late') return `not here, ${minutesSince(turn.starts ?? 0)} min late`;
        if (is === 'ahead' && turn.starts !== null && minutesSince(turn.starts) > 0) return 'not here yet';
        return SAID[is];
    });
    let form = $state<'' | 'word' | 'away' | 'swap' | 'offer'>('');
    let text = $state('');
    const who = $derived([turn.key]);
    /** Those who came to the same slot and wait go in together. */
    const together = $derived(desk.waiting.filter((one) => one.group === turn.group));
    const show = (what: typeof form) => {
        form = form === what ? '' : what;
        text = what === 'away' ? 'I am sorry: I cannot meet you today. You get another time.' : '';
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
            class="flex min-h-11 min-w-0 flex-1 basis-52 cursor-pointer flex-wrap items-center gap-x-3 text-left"
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
                >{together.length > 1 ? `Let all ${together.length} in` : 'Call in'}</Button
            >
        {:else if is === 'ahead'}
            <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'here', who })}>Is here</Button>
        {:else if is === 'late'}
            <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'here', who })}>Is here</Button>
            {#if turn.phone}<Button size="sm" color="alternative" href="tel:{turn.phone.replace(/[^+\d]/g, '')}"
                    >Ring</Button
                >{/if}
            <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'missed', who })}
                >Didn’t come</Button
            >
        {/if}
    </div>
    {#if open}
        <div class="grid gap-2 pb-2 ps-2">
            <About {turn} />
            {#if turn.offer}<p class="good-news flex flex-wrap items-center gap-x-3">
                    {turn.offer}
                    <Button size="sm" color="alternative" onclick={() => turn.booking && desk.takeBack(turn.booking)}
                        >Take the offer back</Button
                    >
                </p>{/if}
            <div class="flex flex-wrap gap-2">
                {#if is === 'ahead' || is === 'late'}<Button
                        size="sm"
                        color="alternative"
                        onclick={() => desk.press({ what: 'call', who })}>Call in</Button
                    >{/if}
                {#if is === 'waits' || is === 'in'}<Button size="sm" color="alternative" onclick={() => show('word')}
                        >A word</Button
                    >{/if}
                {#if is === 'waits' || is === 'ahead' || is === 'late'}
                    <Button size="sm" color="alternative" onclick={() => show('away')}>Send away</Button>
                    {#if others.length > 0}<Button size="sm" color="alternative" onclick={() => show('swap')}
                            >Change times with</Button
                        >{/if}
                {/if}
                {#if is === 'late' || is === 'missed' || is === 'met' || is === 'away' || is === 'ahead'}
                    {#if turn.booking !== null}<Button size="sm" color="alternative" onclick={() => show('offer')}
                            >Offer another time</Button
                        >{/if}
                {/if}
                {#if is === 'met' || is === 'missed' || is === 'away'}
                    <Button
                        size="sm"
                        color="alternative"
                        onclick={() => desk.press({ what: is === 'missed' ? 'met' : 'missed', who })}
                        >{is === 'missed' ? 'Came after all' : 'Did not come'}</Button
                    >
                    {#if turn.ended === null}<Button
                            size="sm"
                            color="alternative"
                            onclick={() => desk.press({ what: 'unmark', who })}>Wait for them again</Button
                        >{/if}
                {:else if is !== 'in'}
                    <Button size="sm" color="alternative" onclick={() => desk.press({ what: 'met', who })}>Came</Button>
                {/if}
            </div>
            {#if form === 'word' || form === 'away'}
                <div class="grid max-w-lg gap-2">
                    <label for="word-{turn.key}" class="font-semibold"
                        >{form === 'word' ? `A word to ${turn.who}` : `What ${turn.who} reads`}</label
                    >
                    <Textarea id="word-{turn.key}" class="w-full" rows={2} maxlength={300} bind:value={text} />
                    <Button
                        size="sm"
                        class="justify-self-start"
                        disabled={form === 'word' && !text.trim()}
                        onclick={() => send(form === 'word' ? 'word' : 'away')}
                        >{form === 'word' ? 'Send it' : 'Send them away'}</Button
                    >
                    <p class="text-[0.9rem] text-faint">It stands on their pass at once; nothing is mailed.</p>
                </div>
            {:else if form === 'swap'}
                <div>
                    <p>Both have to agree. Each gets a message with the new time.</p>
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
                        ? `Pick a time: it is kept for ${turn.who} for two days, and they take it with one press.`
                        : `${turn.who} has neither address nor number here, and sees it on their pass alone.`}
                </p>
                <label for="offer-{turn.key}" class="font-semibold">A word with it, if you like</label>
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
