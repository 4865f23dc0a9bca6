<script lang="ts">
    /** The "Rules" sentence: who may book, when and how often, each with a sensible answer already in its blank. */
    import { Checkbox, Helper } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import Pick from '../controls/Pick.svelte';
    import type { Draft } from '../lib/draft.svelte';
    import Blank from '../controls/Blank.svelte';
    import type { Term } from '../lib/rulebook';
    import MoreRules from './MoreRules.svelte';
    import Reminder from './Reminder.svelte';
    import Warnings from './Warnings.svelte';

    interface Props {
        draft: Draft;
        colleagues: { id: number; name: string; subject: string }[];
        /** Whether the writer says who else is on it: whose sheet it is, or the office. */
        namesHosts: boolean;
        rulebook: Term[];
        /** How many terms the school has: without one nothing counts by them. */
        terms: number;
    }
    let { draft, colleagues, namesHosts, rulebook, terms }: Props = $props();

    const rules = $derived(draft.form.rules);
    const change = () => draft.changed();
    const errors = $derived(
        Object.entries(draft.errors).filter(([name]) => name.startsWith('rules.') || name.startsWith('hosts.')),
    );
    const shown = $derived(draft.form.places.some((place) => place.kind === 'video'));
    /** "3 days" is easier to type than "4320 minutes"; what is kept is minutes. */
    const hours = $derived(Math.round(((rules.lead_minutes ?? 0) / 60) * 100) / 100);

    function colleague(id: number, role: string) {
        draft.form.hosts = draft.form.hosts.filter((one) => one.id !== id);
        if (role) draft.form.hosts.push({ id, role: role as 'must' | 'any' | 'manage' });
        change();
    }
    const roleOf = (id: number) => draft.form.hosts.find((one) => one.id === id)?.role ?? '';
    let adding = $state('');
    const mostReminders = 5;
</script>

<div class="grid gap-2">
    <Warnings {draft} about={['rules', 'hosts']} />
    <p class="line">
        Book
        <Pick
            aria-label="Until when"
            value={rules.lead_days === null ? 'hours' : 'days'}
            onchange={(event) => {
                rules.lead_days = event.currentTarget.value === 'days' ? 1 : null;
                change();
            }}
        >
            <option value="hours">until so many hours before:</option>
            <option value="days">until a clock time some days before:</option>
        </Pick>
        {#if rules.lead_days === null}
            <Blank
                name="rules.lead_minutes"
                label="Hours before the meeting"
                type="number"
                size={5}
                bind:value={
                    () => hours,
                    (value: string | number | null) =>
                        (rules.lead_minutes = value === null || value === '' ? null : Math.round(Number(value) * 60))
                }
            /> hours.
        {:else}
            <Blank name="rules.lead_by" label="Clock time" />,
            <Blank name="rules.lead_days" label="Days before" type="number" size={3} />
            <Checkbox bind:checked={rules.lead_working} onchange={change} inline>working</Checkbox> days before.
        {/if}
        At most
        <Blank name="rules.furthest_days" label="Days ahead" type="number" size={4} /> days ahead (empty for no limit).
    </p>
    <p class="line">
        <Blank name="rules.seats" label="Visitors to a slot" type="number" size={4} />
        {rules.seats === 1 ? 'visitor' : 'visitors'} to a slot{#if (rules.seats ?? 1) > 1}; <Checkbox
                bind:checked={rules.show_who}
                onchange={change}
                inline>they see who else comes</Checkbox
            >{/if}.
        <Blank name="rules.per_student" label="Times per student" type="number" size={3} /> times per student{#if rules.per_student !== null}{' '}
            <Checkbox bind:checked={rules.each_guardian} onchange={change} inline>for each guardian</Checkbox>{/if},
        <Blank name="rules.per_visitor" label="Times per visitor" type="number" size={3} /> per visitor, of them
        <Blank name="rules.per_week" label="Times per visitor in a week" type="number" size={3} /> in a week and
        <Blank name="rules.per_month" label="Times per visitor in a month" type="number" size={3} /> in a month{#if terms > 0 || rules.per_term !== null},
            <Blank name="rules.per_term" label="Times per visitor in a term" type="number" size={3} /> in a term{/if};
        at most
        <Blank name="rules.per_day" label="Meetings a day" type="number" size={3} /> meetings a day (empty for no limit).
    </p>
    <p class="line">
        Booking opens
        <Blank name="rules.opens_at" label="Booking opens" type="datetime-local" size={17} /> and closes
        <Blank name="rules.closes_at" label="Booking closes" type="datetime-local" size={17} /> (empty for always).
    </p>
    <p class="line">
        <Checkbox bind:checked={rules.approve} onchange={change} inline>I answer each wish first</Checkbox
        >{#if rules.approve}; it is held for
            <Blank name="rules.asked_hours" label="Hours a wish is held" type="number" size={4} /> hours{/if}. Visitors
        may bring
        <Blank name="rules.guests" label="Guests" type="number" size={3} />
        {rules.guests === 1 ? 'guest' : 'guests'}.
        <Checkbox bind:checked={rules.waiting} onchange={change} inline
            >When all is taken, there is a waiting list</Checkbox
        >.
    </p>
    {#if shown}
        <p class="line">
            The video link is shown
            <Pick aria-label="When the link is shown" bind:value={rules.link_shown} onchange={change}>
                <option value="booked">as soon as it is booked</option>
                <option value="before">some minutes before</option>
                <option value="called">when I call them in</option>
            </Pick>{#if rules.link_shown === 'before'}:
                <Blank name="rules.link_minutes" label="Minutes before" type="number" size={4} /> minutes{/if}.
        </p>
    {/if}
    <p class="line">
        Reminders go out
        {#each rules.reminders, i (i)}
            <Reminder
                minutes={rules.reminders[i]!}
                number={i + 1}
                put={(minutes) => {
                    rules.reminders[i] = minutes;
                    change();
                }}
                away={() => {
                    rules.reminders.splice(i, 1);
                    change();
                }}
            />{i < rules.reminders.length - 1 ? ' and ' : ' '}
        {/each}
        {rules.reminders.length === 0 ? 'never' : 'before the meeting'}.
        {#if rules.reminders.length < mostReminders}<TextButton
                onclick={() => {
                    rules.reminders.push(60);
                    change();
                }}>+ a reminder</TextButton
            >{/if}
    </p>
    {#if rulebook.some((term) => term.name === 'declined_entry')}
        <p class="line">
            Who declines the entry in their calendar
            <Pick
                aria-label="Who declines the entry in their calendar"
                bind:value={rules.declined_entry}
                onchange={change}
            >
                <option value="give back">gives the time back by that</option>
                <option value="ask">is asked first, by mail</option>
            </Pick>.
        </p>
    {/if}
    <MoreRules {draft} {rulebook} />
    {#if colleagues.length > 0 && namesHosts}
        <div>
            <p class="mb-1 font-semibold">Colleagues on this sheet</p>
            <ul class="grid gap-2">
                {#each draft.form.hosts as one (one.id)}
                    {@const who = colleagues.find((person) => person.id === one.id)}
                    <li class="flex flex-wrap items-center gap-3">
                        <span>{who?.name}</span>
                        <Pick
                            aria-label="What {who?.name} does"
                            value={roleOf(one.id)}
                            onchange={(event) => colleague(one.id, event.currentTarget.value)}
                        >
                            <option value="must">has to be there</option>
                            <option value="any">may be the one instead of me</option>
                            <option value="manage">only looks after it</option>
                            <option value="">is not on it any more</option>
                        </Pick>
                    </li>
                {/each}
            </ul>
            <Pick
                class="mt-2"
                aria-label="Add a colleague"
                bind:value={adding}
                onchange={() => {
                    if (adding) colleague(Number(adding), 'must');
                    adding = '';
                }}
            >
                <option value="">Add a colleague …</option>
                {#each colleagues.filter((person) => !roleOf(person.id)) as person (person.id)}<option
                        value={String(person.id)}>{person.name}, {person.subject}</option
                    >{/each}
            </Pick>
        </div>
    {/if}
    {#each errors as [name, said] (name)}<Helper id="{name}-error" color="red" class="font-semibold">{said}</Helper
        >{/each}
</div>

<style>
    .line {
        line-height: 2.6;
    }
</style>
