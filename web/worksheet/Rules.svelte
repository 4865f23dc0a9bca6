<script lang="ts">
    /** The "Rules" sentence: who may book, when and how often, each with a sensible answer already in its blank. */
    import type { Draft } from '../lib/draft.svelte';
    import Blank from '../parts/Blank.svelte';
    import type { Term } from '../lib/rulebook';
    import MoreRules from './MoreRules.svelte';
    import Warnings from './Warnings.svelte';

    interface Props {
        draft: Draft;
        colleagues: { id: number; name: string; subject: string }[];
        rulebook: Term[];
    }
    let { draft, colleagues, rulebook }: Props = $props();

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
</script>

<div class="grid gap-3 text-[1.08rem]">
    <Warnings {draft} about={['rules', 'hosts']} />
    <p class="line">
        Book
        <select
            class="pick"
            aria-label="Until when"
            value={rules.lead_days === null ? 'hours' : 'days'}
            onchange={(event) => {
                rules.lead_days = event.currentTarget.value === 'days' ? 1 : null;
                change();
            }}
        >
            <option value="hours">until so many hours before:</option>
            <option value="days">until a clock time some days before:</option>
        </select>
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
                error={draft.errors['rules.lead_minutes']}
                {change}
            /> hours.
        {:else}
            <Blank
                name="rules.lead_by"
                label="Clock time"
                bind:value={rules.lead_by}
                error={draft.errors['rules.lead_by']}
                {change}
            />,
            <Blank
                name="rules.lead_days"
                label="Days before"
                type="number"
                size={3}
                bind:value={rules.lead_days}
                error={draft.errors['rules.lead_days']}
                {change}
            />
            <label class="inline"
                ><input type="checkbox" bind:checked={rules.lead_working} onchange={change} /> working</label
            > days before.
        {/if}
        At most
        <Blank
            name="rules.furthest_days"
            label="Days ahead"
            type="number"
            size={4}
            bind:value={rules.furthest_days}
            error={draft.errors['rules.furthest_days']}
            {change}
        /> days ahead (empty for no limit).
    </p>
    <p class="line">
        <Blank
            name="rules.seats"
            label="Visitors to a slot"
            type="number"
            size={4}
            bind:value={rules.seats}
            error={draft.errors['rules.seats']}
            {change}
        />
        {rules.seats === 1 ? 'visitor' : 'visitors'} to a slot{#if (rules.seats ?? 1) > 1}; <label class="inline"
                ><input type="checkbox" bind:checked={rules.show_who} onchange={change} /> they see who else comes</label
            >{/if}.
        <Blank
            name="rules.per_student"
            label="Times per student"
            type="number"
            size={3}
            bind:value={rules.per_student}
            {change}
        /> times per student{#if rules.per_student !== null}
            <label class="inline-flex items-center gap-1"
                ><input type="checkbox" bind:checked={rules.each_guardian} onchange={change} /> for each guardian</label
            >{/if},
        <Blank
            name="rules.per_visitor"
            label="Times per visitor"
            type="number"
            size={3}
            bind:value={rules.per_visitor}
            {change}
        /> per visitor, at most
        <Blank name="rules.per_day" label="Meetings a day" type="number" size={3} bind:value={rules.per_day} {change} /> meetings
        a day (empty for no limit).
    </p>
    <p class="line">
        Booking opens
        <Blank
            name="rules.opens_at"
            label="Booking opens"
            type="datetime-local"
            size={17}
            bind:value={rules.opens_at}
            error={draft.errors['rules.opens_at']}
            {change}
        /> and closes
        <Blank
            name="rules.closes_at"
            label="Booking closes"
            type="datetime-local"
            size={17}
            bind:value={rules.closes_at}
            error={draft.errors['rules.closes_at']}
            {change}
        /> (empty for always).
    </p>
    <p class="line">
        <label class="inline"
            ><input type="checkbox" bind:checked={rules.approve} onchange={change} /> I answer each wish first</label
        >{#if rules.approve}; it is held for
            <Blank
                name="rules.asked_hours"
                label="Hours a wish is held"
                type="number"
                size={4}
                bind:value={rules.asked_hours}
                {change}
            /> hours{/if}. Visitors may bring
        <Blank name="rules.guests" label="Guests" type="number" size={3} bind:value={rules.guests} {change} />
        {rules.guests === 1 ? 'guest' : 'guests'}.
        <label class="inline"
            ><input type="checkbox" bind:checked={rules.waiting} onchange={change} /> When all is taken, there is a waiting
            list</label
        >.
    </p>
    {#if shown}
        <p class="line">
            The video link is shown
            <select class="pick" aria-label="When the link is shown" bind:value={rules.link_shown} onchange={change}>
                <option value="booked">as soon as it is booked</option>
                <option value="before">some minutes before</option>
                <!-- Nothing calls in yet: only a sheet that says so already can keep it. -->
                {#if rules.link_shown === 'called'}<option value="called">when I call them in</option>{/if}
            </select>{#if rules.link_shown === 'before'}:
                <Blank
                    name="rules.link_minutes"
                    label="Minutes before"
                    type="number"
                    size={4}
                    bind:value={rules.link_minutes}
                    {change}
                /> minutes{/if}.
        </p>
    {/if}
    <p class="line">
        Reminders go out
        {#each [[2880, '2 days'], [1440, 'a day'], [120, '2 hours'], [15, '15 minutes']] as const as [minutes, name] (minutes)}
            <label class="inline"
                ><input
                    type="checkbox"
                    checked={rules.reminders.includes(minutes)}
                    onchange={(event) => {
                        rules.reminders = event.currentTarget.checked
                            ? [...rules.reminders, minutes].sort((a, b) => b - a)
                            : rules.reminders.filter((one) => one !== minutes);
                        change();
                    }}
                />
                {name}</label
            >{' '}
        {/each}
        before.
    </p>
    <MoreRules {draft} {rulebook} />
    {#if colleagues.length > 0}
        <div>
            <p class="mb-1 font-semibold">Colleagues on this sheet</p>
            <ul class="grid gap-2">
                {#each draft.form.hosts as one (one.id)}
                    {@const who = colleagues.find((person) => person.id === one.id)}
                    <li class="flex flex-wrap items-center gap-3">
                        <span>{who?.name}</span>
                        <select
                            class="pick"
                            aria-label="What {who?.name} does"
                            value={roleOf(one.id)}
                            onchange={(event) => colleague(one.id, event.currentTarget.value)}
                        >
                            <option value="must">has to be there</option>
                            <option value="any">may be the one instead of me</option>
                            <option value="manage">only looks after it</option>
                            <option value="">is not on it any more</option>
                        </select>
                    </li>
                {/each}
            </ul>
            <select
                class="pick mt-2"
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
            </select>
        </div>
    {/if}
    {#each errors as [name, said] (name)}<p id="{name}-error" class="font-semibold text-brick">{said}</p>{/each}
</div>

<style>
    .line {
        line-height: 2.7;
    }
    .inline {
        display: inline-flex;
        align-items: center;
        gap: 0.4rem;
        min-height: 2.75rem;
    }
</style>
