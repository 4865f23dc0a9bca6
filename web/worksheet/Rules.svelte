<script lang="ts">
    /** The "Rules" sentence: who may book, when and how often, each with a sensible answer already in its blank. */
    import { Checkbox, Helper } from '../lib/controls';
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
    const leadHours = $derived(Math.round(((rules.lead_minutes ?? 0) / 60) * 100) / 100);

    function colleague(id: number, role: string) {
        draft.form.hosts = draft.form.hosts.filter((one) => one.id !== id);
        if (role) draft.form.hosts.push({ id, role: role as 'must' | 'any' | 'manage' });
        change();
    }
    const roleOf = (id: number) => draft.form.hosts.find((one) => one.id === id)?.role ?? '';
    let adding = $state('');
    const mostReminders = 5;
</script>

{#snippet until(label: string)}
    <Pick
        aria-label={label}
        value={rules.lead_days === null ? 'hours' : 'days'}
        onchange={(event) => {
            rules.lead_days = event.currentTarget.value === 'days' ? 1 : null;
            change();
        }}
    >
        <option value="hours">{say('writing.lead_hours')}</option>
        <option value="days">{say('writing.lead_days')}</option>
    </Pick>
{/snippet}
{#snippet ahead(label: string)}<Blank name="rules.furthest_days" {label} type="number" size={4} />{/snippet}

<div class="grid gap-2">
    <Warnings {draft} about={['rules', 'hosts']} />
    <p class="line">
        {#if rules.lead_days === null}
            <Said key="writing.rule_lead" {until} {ahead}>
                {#snippet hours(label)}<Blank
                        name="rules.lead_minutes"
                        {label}
                        type="number"
                        size={5}
                        bind:value={
                            () => leadHours,
                            (value: string | number | null) =>
                                (rules.lead_minutes =
                                    value === null || value === '' ? null : Math.round(Number(value) * 60))
                        }
                    />{/snippet}
            </Said>
        {:else}
            <Said key="writing.rule_lead_days" {until} {ahead}>
                {#snippet by(label)}<Blank name="rules.lead_by" {label} />{/snippet}
                {#snippet days(label)}<Blank name="rules.lead_days" {label} type="number" size={3} />{/snippet}
                {#snippet working(label)}<Checkbox bind:checked={rules.lead_working} onchange={change} inline
                        >{label}</Checkbox
                    >{/snippet}
            </Said>
        {/if}
    </p>
    <p class="line">
        <Said key="writing.rule_seats" values={{ seats: rules.seats ?? 1 }}>
            {#snippet seats(label)}<Blank name="rules.seats" {label} type="number" size={4} />{/snippet}
            {#snippet who(label)}<Checkbox bind:checked={rules.show_who} onchange={change} inline>{label}</Checkbox
                >{/snippet}
        </Said>
        <Said
            key="writing.rule_often"
            values={{
                guardian: rules.per_student === null ? 'no' : 'yes',
                term: terms > 0 || rules.per_term !== null ? 'yes' : 'no',
            }}
        >
            {#snippet student(label)}<Blank name="rules.per_student" {label} type="number" size={3} />{/snippet}
            {#snippet guardian(label)}<Checkbox bind:checked={rules.each_guardian} onchange={change} inline
                    >{label}</Checkbox
                >{/snippet}
            {#snippet visitor(label)}<Blank name="rules.per_visitor" {label} type="number" size={3} />{/snippet}
            {#snippet week(label)}<Blank name="rules.per_week" {label} type="number" size={3} />{/snippet}
            {#snippet month(label)}<Blank name="rules.per_month" {label} type="number" size={3} />{/snippet}
            {#snippet term(label)}<Blank name="rules.per_term" {label} type="number" size={3} />{/snippet}
            {#snippet day(label)}<Blank name="rules.per_day" {label} type="number" size={3} />{/snippet}
        </Said>
    </p>
    <p class="line">
        <Said key="writing.rule_open">
            {#snippet opens(label)}<Blank name="rules.opens_at" {label} type="datetime-local" size={17} />{/snippet}
            {#snippet closes(label)}<Blank name="rules.closes_at" {label} type="datetime-local" size={17} />{/snippet}
        </Said>
    </p>
    <p class="line">
        <Said key="writing.rule_approve" values={{ held: rules.approve ? 'yes' : 'no', guests: rules.guests ?? 0 }}>
            {#snippet approve(label)}<Checkbox bind:checked={rules.approve} onchange={change} inline>{label}</Checkbox
                >{/snippet}
            {#snippet hours(label)}<Blank name="rules.asked_hours" {label} type="number" size={4} />{/snippet}
            {#snippet guests(label)}<Blank name="rules.guests" {label} type="number" size={3} />{/snippet}
            {#snippet waiting(label)}<Checkbox bind:checked={rules.waiting} onchange={change} inline>{label}</Checkbox
                >{/snippet}
        </Said>
    </p>
    {#if shown}
        <p class="line">
            <Said key="writing.rule_link" values={{ before: rules.link_shown === 'before' ? 'yes' : 'no' }}>
                {#snippet when(label)}<Pick aria-label={label} bind:value={rules.link_shown} onchange={change}>
                        <option value="booked">{say('writing.link_booked')}</option>
                        <option value="before">{say('writing.link_before')}</option>
                        <option value="called">{say('writing.link_called')}</option>
                    </Pick>{/snippet}
                {#snippet minutes(label)}<Blank name="rules.link_minutes" {label} type="number" size={4} />{/snippet}
            </Said>
        </p>
    {/if}
    <p class="line">
        <Said key="writing.rule_reminders" values={{ many: rules.reminders.length }}>
            {#snippet list()}
                {#each rules.reminders, i (i)}
                    {i > 0 ? say('writing.reminders_and') : ''}
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
                    />
                {/each}
            {/snippet}
        </Said>
        {#if rules.reminders.length < mostReminders}<TextButton
                onclick={() => {
                    rules.reminders.push(60);
                    change();
                }}>{say('writing.reminder_add')}</TextButton
            >{/if}
    </p>
    {#if rulebook.some((term) => term.name === 'declined_entry')}
        <p class="line">
            <Said key="writing.rule_declined">
                {#snippet what(label)}<Pick aria-label={label} bind:value={rules.declined_entry} onchange={change}>
                        <option value="give back">{say('writing.declined_back')}</option>
                        <option value="ask">{say('writing.declined_ask')}</option>
                    </Pick>{/snippet}
            </Said>
        </p>
    {/if}
    <MoreRules {draft} {rulebook} />
    {#if colleagues.length > 0 && namesHosts}
        <div>
            <p class="mb-1 font-semibold">{say('writing.colleagues_on')}</p>
            <ul class="grid gap-2">
                {#each draft.form.hosts as one (one.id)}
                    {@const who = colleagues.find((person) => person.id === one.id)}
                    <li class="flex flex-wrap items-center gap-3">
                        <span>{who?.name}</span>
                        <Pick
                            aria-label={say('writing.colleague_does', { name: who?.name ?? '' })}
                            value={roleOf(one.id)}
                            onchange={(event) => colleague(one.id, event.currentTarget.value)}
                        >
                            <option value="must">{say('writing.host_must')}</option>
                            <option value="any">{say('writing.host_any')}</option>
                            <option value="manage">{say('writing.host_manage')}</option>
                            <option value="">{say('writing.host_none')}</option>
                        </Pick>
                    </li>
                {/each}
            </ul>
            <Pick
                class="mt-2"
                aria-label={say('writing.colleague_add')}
                bind:value={adding}
                onchange={() => {
                    if (adding) colleague(Number(adding), 'must');
                    adding = '';
                }}
            >
                <option value="">{say('writing.colleague_add_open')}</option>
                {#each colleagues.filter((person) => !roleOf(person.id)) as person (person.id)}<option
                        value={String(person.id)}
                        >{say('writing.colleague', { name: person.name, subject: person.subject })}</option
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
