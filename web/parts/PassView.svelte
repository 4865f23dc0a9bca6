<script lang="ts">
    /** A pass: what was just done and how to take it back, the plan of each day, and every booking. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import Fold from '../controls/Fold.svelte';
    import { tick } from 'svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { now, phaseOf } from '../lib/now.svelte';
    import { Undoing } from '../lib/undoing.svelte';
    import type { Component } from 'svelte';
    import PassBooking from './PassBooking.svelte';
    import Plan from './Plan.svelte';

    interface Props {
        pass: Schema['Pass'];
        changed: (pass: Schema['Pass']) => void;
        /** The slot of what has just been booked: it is open. */
        newest?: string | null;
        /** What they have asked for: on the page that is theirs, and not after each booking. */
        asked?: Component<{ pass: Schema['Pass']; changed: (pass: Schema['Pass'], said: string) => void }>;
    }
    let { pass, changed, newest = null, asked: Asked }: Props = $props();

    const undoing = new Undoing();
    let said = $state('');
    let message = $state('');
    let news = $state<HTMLElement>();

    $effect(() => undoing.see(pass.undo));

    /** What was done stands on top, is read out, and has the focus: from there it can be taken back. */
    async function done(answer: Schema['Pass'], what: string) {
        message = '';
        said = what;
        changed(answer);
        await tick();
        news?.focus({ preventScroll: true });
        news?.scrollIntoView({ block: 'nearest' });
    }
    async function undo() {
        const change = pass.undo;
        if (!change) return;
        const answer = await ask(
            api.POST('/api/p/{token}/bookings/{booking}/undo', {
                params: { path: { token: pass.path.slice('/p/'.length), booking: change.booking } },
            }),
        );
        if (answer.data) return done(answer.data, say('pass.undone'));
        message = answer.trouble.message;
    }

    const DONE: Record<NonNullable<Schema['Pass']['undo']>['what'], string> = {
        'given back': say('pass.did_give_back'),
        moved: say('pass.did_move'),
        'guest left': say('pass.did_guest_left'),
        'guest brought': say('pass.did_guest_brought'),
    };
    const over = (booking: Schema['PassBooking']) =>
        booking.state === 'cancelled' ||
        booking.state === 'declined' ||
        booking.line?.state === 'over' ||
        (phaseOf(booking, now.at) === 'over' &&
            !(booking.line && ['open', 'here', 'called', 'missed', 'away'].includes(booking.line.state)) &&
            !booking.offer);
    const coming = $derived(pass.bookings.filter((one) => !over(one)));
    const gone = $derived(pass.bookings.filter(over));
    /** What has just been given back stays in sight. */
    const fresh = $derived(gone.filter((one) => one.id === pass.undo?.booking));
</script>

<div class="no-print" tabindex="-1" bind:this={news}>
    <div role="status">
        {#if pass.undo && undoing.left > 0}
            <p class="good-news mb-5 flex flex-wrap items-center gap-3">
                {DONE[pass.undo.what]}
                <button type="button" class="press" onclick={undo}
                    ><Said key="pass.undo" values={{ seconds: undoing.left }}
                        >{#snippet left(text)}<span class="tabular-nums" aria-hidden="true">{text}</span
                            >{/snippet}</Said
                    ></button
                >
            </p>
        {:else if said}
            <p class="good-news mb-5">{said}</p>
        {/if}
    </div>
    {#if message}<p class="notice mb-5" role="alert">{message}</p>{/if}
</div>
{#if Asked}<Asked {pass} changed={done} />{/if}
<Plan
    bookings={coming}
    first={(booking) =>
        coming.length === 1 ||
        booking.key === newest ||
        booking.joiners.length > 0 ||
        booking.offer !== null ||
        (booking.line !== null && booking.line.state !== 'ahead' && booking.line.state !== 'over') ||
        phaseOf(booking, now.at) === 'now'}
>
    {#snippet meeting(booking)}<PassBooking {pass} {booking} changed={done} />{/snippet}
</Plan>
{#if pass.bookings.length === 0 && pass.knocks.length === 0}<p>{say('pass.none')}</p>{/if}
<div class="no-print grid gap-5 empty:hidden">
    {#each fresh as booking (booking.id)}
        <PassBooking {pass} {booking} changed={done} />
    {/each}
</div>
{#if gone.length > fresh.length}
    <Fold class="no-print mt-5" begins={coming.length === 0}>
        <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
            >{say('pass.gone', { many: gone.length - fresh.length })}</summary
        >
        <div class="mt-2 grid gap-5">
            {#each gone.filter((one) => !fresh.includes(one)) as booking (booking.id)}
                <PassBooking {pass} {booking} changed={done} />
            {/each}
        </div>
    </Fold>
{/if}
