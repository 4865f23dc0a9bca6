<script lang="ts">
    /**
     * The plan of each day, on top of a pass and on one printed page: when, with whom, about whom, where. A press opens a
     * meeting in its place, with all that can be done about it.
     */
    import { say } from '../lib/say';
    import type { Snippet } from 'svelte';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { elsewhereBriefly, ownCity } from '../lib/elsewhere';
    import { now, phaseOf } from '../lib/now.svelte';

    interface Props {
        bookings: Schema['PassBooking'][];
        /** Those that are open from the beginning. */
        first: (booking: Schema['PassBooking']) => boolean;
        meeting: Snippet<[Schema['PassBooking']]>;
    }
    let { bookings, first, meeting: whole }: Props = $props();

    /** What its reader has opened or closed, by booking. */
    let pressed = $state<Record<number, boolean>>({});
    const isOpen = (booking: Schema['PassBooking']) => pressed[booking.id] ?? first(booking);

    const days = $derived(
        bookings.reduce(
            (days, one) => days.set(one.day, [...(days.get(one.day) ?? []), one]),
            new Map<string, typeof bookings>(),
        ),
    );
    function where(booking: Schema['PassBooking']): string {
        const place = booking.place.label;
        const there = elsewhereBriefly(booking, booking.zone_name);
        return there === null
            ? place
            : say('pass.place_elsewhere', { place, there, city: ownCity(booking, booking.zone_name) ?? '' });
    }
</script>

{#each [...days] as [day, meetings] (day)}
    <section class="mb-5" aria-label={say('pass.plan_of', { date: meetings[0]!.date })}>
        <h2 class="mb-1">{meetings[0]!.date}</h2>
        <ol class="border-t border-line">
            {#each meetings as meeting (meeting.id)}
                {@const phase = phaseOf(meeting, now.at)}
                <li class="border-b border-line" class:under-way={phase === 'now'}>
                    <div class="flex flex-wrap items-center gap-x-4 py-1.5">
                        <span class="min-w-36 font-semibold whitespace-nowrap tabular-nums"
                            >{say('said.between', {
                                from: clock.say(meeting.from),
                                until: clock.say(meeting.until),
                            })}</span
                        >
                        <span class="min-w-0 flex-1 basis-48">
                            {meeting.student
                                ? say('pass.with_about', { host: meeting.host.name, student: meeting.student })
                                : meeting.host.name}
                            <span class="block text-faint">{where(meeting)}</span>
                            {#if meeting.place.directions}<span class="hidden text-faint print:block"
                                    >{meeting.place.directions}</span
                                >{/if}
                        </span>
                        {#if phase === 'now' && meeting.state === 'booked'}
                            <strong>{say('pass.now')}</strong>
                        {:else if meeting.state === 'asked'}<em>{say('pass.state_asked')}</em>
                        {:else if meeting.state === 'kept'}<em>{say('pass.state_kept')}</em>{/if}
                        <button
                            type="button"
                            class="no-print link"
                            aria-expanded={isOpen(meeting)}
                            aria-label={say('pass.details_of', {
                                host: meeting.host.name,
                                at: clock.say(meeting.from),
                            })}
                            onclick={() => (pressed[meeting.id] = !isOpen(meeting))}
                            >{isOpen(meeting) ? say('pass.close') : say('pass.look')}</button
                        >
                    </div>
                    {#if isOpen(meeting)}<div class="no-print mb-4">{@render whole(meeting)}</div>{/if}
                </li>
            {/each}
        </ol>
    </section>
{/each}

<style>
    .under-way {
        border-inline-start: 6px solid var(--marigold);
        padding-inline-start: 0.6rem;
    }
</style>
