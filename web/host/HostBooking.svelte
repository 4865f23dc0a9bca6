<script lang="ts">
    /** One booking as its host sees it: who, about whom, how to reach them; answered, moved, given a link, cancelled. */
    import { say } from '../lib/say';
    import { Badge, Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { elsewhere } from '../lib/elsewhere';
    import TextButton from '../controls/TextButton.svelte';
    import Field from '../controls/Field.svelte';
    import GiveBack from '../parts/GiveBack.svelte';
    import Mover from '../parts/Mover.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        sheet: Schema['HostSheet'];
        booking: Schema['HostBooking'];
        changed: (sheet: Schema['HostSheet']) => void;
        /** In a list, or by itself at a pressed time. */
        as?: 'li' | 'div';
    }
    let { sheet, booking, changed, as = 'li' }: Props = $props();

    const otherClock = $derived(elsewhere(booking, sheet.zone_name));
    let open = $state<'' | 'move' | 'link'>('');
    let note = $state('');
    let link = $state('');
    let message = $state('');
    const path = $derived({ booking: booking.id });

    function settle(answer: {
        data?: Schema['HostSheet'];
        trouble?: { message: string; fields: Record<string, string> };
    }): string | null {
        if (answer.data) {
            open = '';
            changed(answer.data);
        }
        message = firstOf(answer.trouble);
        return message || null;
    }
    const cancel = async (word: string) =>
        settle(await ask(api.POST('/api/staff/bookings/{booking}/cancel', { params: { path }, body: { note: word } })));
    async function move(slot: string, host: string | null) {
        const answer = await ask(
            api.POST('/api/staff/bookings/{booking}/move', { params: { path }, body: { slot, host, note } }),
        );
        settle(answer);
        // Said where the times stand.
        message = '';
        if (!answer.trouble) return null;
        const { other_host: other } = (answer.body ?? {}) as Partial<Schema['Problem']>;
        return { message: firstOf(answer.trouble), other: other ?? null };
    }
    const answer = async (to: 'accept' | 'maybe' | 'decline') =>
        settle(
            await ask(
                api.POST('/api/staff/bookings/{booking}/answer', { params: { path }, body: { answer: to, note } }),
            ),
        );
    const setLink = async (anyway = false) =>
        settle(
            await ask(
                api.POST('/api/staff/sheets/{sheet}/link', {
                    params: { path: { sheet: sheet.id } },
                    body: { link, bookings: [booking.id], replace: true, anyway },
                }),
            ),
        );
</script>

<svelte:element this={as} class="grid gap-x-5 border-b border-line py-2 md:grid-cols-[8rem_minmax(0,1fr)_auto]">
    <p class="times font-semibold">
        {booking.day}<br />{clock.say(booking.from)}
        {#if otherClock}<span class="block text-[0.9rem] font-normal text-faint">{otherClock}</span>{/if}
    </p>
    <div>
        <p>
            <strong>{booking.student || booking.name}</strong>
            {#if booking.student}· {booking.name}{/if}
            {#if booking.phone}
                · <a class="inline-block py-1" href="tel:{booking.phone.replace(/[^+\d]/g, '')}">{booking.phone}</a>
            {/if}
            {#if booking.email}· <a class="inline-block py-1" href="mailto:{booking.email}">{booking.email}</a>{/if}
            {#if booking.state === 'kept'}<Badge>{say('hosting.unconfirmed')}</Badge>{/if}
            {#if booking.made_by === 'office'}<Badge>{say('hosting.by_the_office')}</Badge>{/if}
        </p>
        {#if booking.mail_failure}<Notice>
                {say('hosting.mail_failed', { email: booking.email, why: booking.mail_failure })}
            </Notice>{/if}
        {#each Object.entries(booking.answers) as [question, said] (question)}
            <p><span class="text-faint">{question}</span> {said}</p>
        {/each}
        {#if booking.guests.length > 0}<p>{say('hosting.also_coming', { names: booking.guests.join(', ') })}</p>{/if}
        <p class="text-faint">
            {booking.host !== sheet.owner
                ? say('hosting.place_with', { place: booking.place, host: booking.host })
                : booking.place}{#if booking.link}
                · <a href={booking.link} rel="noreferrer">{booking.link}</a>{:else if booking.video}
                · {say('hosting.no_link')}{/if}
        </p>
        {#if booking.state === 'asked' && sheet.can_change}
            <p class="mt-1">
                {booking.maybe
                    ? say('hosting.asked_maybe', { until: booking.held_until ?? '' })
                    : say('hosting.asked', { until: booking.held_until ?? '' })}
            </p>
            <div class="mt-2 grid max-w-xl gap-2">
                <Field name="answer-{booking.id}" label={say('hosting.answer_word')} bind:value={note} lines={2} />
                <div class="flex flex-wrap gap-3">
                    <Button onclick={() => answer('accept')}>{say('hosting.accept')}</Button>
                    <Button color="alternative" onclick={() => answer('maybe')}>{say('hosting.say_maybe')}</Button>
                    <Button color="red" outline onclick={() => answer('decline')}>{say('hosting.decline')}</Button>
                </div>
            </div>
        {/if}
        {#if open === 'move'}
            <Field
                name="move-note-{booking.id}"
                label={say('hosting.word_to', { name: booking.name })}
                bind:value={note}
            />
            <Mover
                load={(from) =>
                    ask(
                        api.GET('/api/staff/bookings/{booking}/times', {
                            params: { path, query: from ? { from } : {} },
                        }),
                    )}
                now={booking.key}
                {move}
            />
        {:else if open === 'link'}
            <form class="mt-2 grid max-w-xl gap-2" onsubmit={onSent(setLink)}>
                <Field
                    name="link-{booking.id}"
                    label={say('hosting.link_label')}
                    type="url"
                    required
                    bind:value={link}
                />
                <div class="flex flex-wrap gap-3">
                    <Button type="submit">{say('hosting.link_keep', { name: booking.name })}</Button>
                    {#if message && /^https?:/.test(link)}<TextButton onclick={() => void setLink(true)}
                            >{say('hosting.link_keep_anyway')}</TextButton
                        >{/if}
                </div>
            </form>
        {/if}
        {#if message}<Notice class="mt-2">{message}</Notice>{/if}
    </div>
    {#if booking.can_cancel}
        <div class="flex flex-wrap content-start gap-2 md:max-w-56 md:justify-end">
            {#if booking.state === 'booked' && sheet.state !== 'draft'}
                <Button
                    color="alternative"
                    aria-expanded={open === 'move'}
                    onclick={() => (open = open === 'move' ? '' : 'move')}>{say('hosting.move')}</Button
                >
                {#if booking.video}<Button
                        color="alternative"
                        aria-expanded={open === 'link'}
                        onclick={() => (open = open === 'link' ? '' : 'link')}
                        >{booking.link ? say('hosting.change_link') : say('hosting.add_link')}</Button
                    >{/if}
            {/if}
            {#if booking.made_by === 'office'}<Button color="alternative" href="/staff/bookings/{booking.id}/slip.pdf"
                    >{say('hosting.slip')}</Button
                >{/if}
            {#if booking.state === 'booked'}
                <GiveBack
                    id={booking.id}
                    open={say('hosting.cancel')}
                    ask={say('hosting.word_to', { name: booking.name })}
                    go={say('hosting.cancel_press')}
                    keep={say('hosting.cancel_not')}
                    act={cancel}
                />
            {/if}
        </div>
    {/if}
</svelte:element>
