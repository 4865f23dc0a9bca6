<script lang="ts">
    /** A round, set up by the office as one worksheet that the sheets of all who are in it follow; later, how full it is. */
    import { Button, Checkbox, Input, Label, Modal, Radio } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { holds } from '../lib/sought';
    import Masthead from '../parts/Masthead.svelte';
    import AskFamilies from '../round/AskFamilies.svelte';
    import Cohorts from '../round/Cohorts.svelte';
    import Fill from '../round/Fill.svelte';
    import Interpreters from '../round/Interpreters.svelte';
    import PartForm from '../round/PartForm.svelte';
    import { Setup } from '../round/setup.svelte';

    interface Props {
        host: string;
        classes: { id: number; name: string; students: number; teachers: number[] }[];
        people: { id: number; name: string; subject: string }[];
        languages: { code: string; name: string }[];
        round: Schema['RoundForm'] | null;
        fill?: Schema['RoundFill'];
        channel: string;
        /** The one that a new one is like. */
        like?: Schema['RoundForm'] | null;
    }
    let { host, classes, people, languages, round: first, fill, channel, like = null }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    const setup = new Setup(first, like);
    let sought = $state('');
    let open = $state<number | null>(null);
    let summary = $state(false);
    let lead = $state(String(setup.form.lead_hours));

    const shown = $derived(people.filter((one) => holds(`${one.name} ${one.subject}`, sought)));
    /** A department is whoever has one subject: picked here, then all who are shown are taken. */
    const subjects = $derived([...new Set(people.map((one) => one.subject).filter(Boolean))].sort());
    const part = (staff: number) => setup.round?.parts.find((one) => one.staff === staff);
    const short = (staff: number) => setup.round?.look.short.find((one) => one.staff === staff);
    const chosen = $derived(
        classes.filter((one) => setup.form.classes.length === 0 || setup.form.classes.includes(one.id)),
    );
    const placeless = $derived((setup.round?.parts ?? []).filter((one) => !one.has_place).length);

    function put(staff: number[], on: boolean) {
        setup.form.staff = on
            ? [...new Set([...setup.form.staff, ...staff])]
            : setup.form.staff.filter((one) => !staff.includes(one));
        setup.typed();
    }
    function toggle(id: number, on: boolean) {
        setup.form.classes = on ? [...setup.form.classes, id] : setup.form.classes.filter((one) => one !== id);
        setup.typed();
    }
    function count(text: string) {
        lead = text;
        const hours = Number(text);
        if (text.trim() === '' || !Number.isInteger(hours)) return;
        setup.form.lead_hours = hours;
        setup.typed();
    }
</script>

{#snippet interpreters()}
    {#if setup.round}
        <Interpreters
            round={setup.round}
            {people}
            {languages}
            changed={(all) => {
                if (setup.round) setup.round.interpreters = all;
            }}
        />
    {/if}
{/snippet}
{#snippet hours()}
    <div>
        <Label for="lead">Hours before, at least</Label>
        <Input
            id="lead"
            inputmode="numeric"
            value={lead}
            oninput={(event) => count((event.currentTarget as HTMLInputElement).value)}
        />
    </div>
{/snippet}
{#snippet moment(field: 'opens_at' | 'closes_at' | 'wishes_until', label: string)}
    <div>
        <Label for={field}>{label}</Label>
        <Input
            id={field}
            type="datetime-local"
            value={setup.form[field] ?? ''}
            onchange={(event) => {
                setup.form[field] = (event.currentTarget as HTMLInputElement).value || null;
                setup.typed();
            }}
        />
    </div>
{/snippet}

<main class="sheet-of-paper">
    <Masthead {host} before={() => (setup.state === 'typing' ? setup.save() : Promise.resolve())} />
    <div class="mb-2 flex flex-wrap items-center gap-4">
        <h1 class="mr-auto">{setup.form.title || 'A new round'}</h1>
        {#if setup.round && setup.published}
            {#if setup.round.collects}
                <Button href="/staff/rounds/{setup.round.id}/allotment"
                    >{setup.round.allotted ? 'The allotment' : 'Wishes and allotment'}</Button
                >
            {/if}
            <a class="inline-flex min-h-11 items-center" href={setup.round.path}>What families see</a>
            {#if !setup.round.collects || setup.round.allotted}
                <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{setup.round.id}/changes"
                    >When something comes up</a
                >
            {/if}
            <a class="inline-flex min-h-11 items-center" href="/staff/rounds/new?like={setup.round.id}"
                >Again, with new dates</a
            >
            <TextButton onclick={() => setup.takeBack()}>Take it back</TextButton>
        {:else}
            <span class="text-faint" role="status"
                >{setup.state === 'kept' || (setup.round && setup.state === 'new')
                    ? 'Kept.'
                    : setup.state === 'typing'
                      ? 'Keeping…'
                      : ''}</span
            >
            <Button disabled={!setup.round} onclick={() => (summary = true)}>Publish…</Button>
        {/if}
    </div>
    {#if setup.message}<Notice class="mb-3">{setup.message}</Notice>{/if}
    {#if setup.round && setup.published}
        <ul class="mb-4">
            {#each setup.round.look.sentences as sentence (sentence)}<li>{clock.all(sentence)}</li>{/each}
        </ul>
        <Fill
            round={setup.round.id}
            collecting={setup.round.collects && !setup.round.allotted}
            {channel}
            first={fill ?? {
                taken: 0,
                slots: 0,
                hosts: [],
                classes: [],
                twice: [],
                without_link: '',
                ground: '',
                due: 0,
                due_said: '',
            }}
        />
        {@render interpreters()}
    {:else}
        <div class="grid gap-x-10 gap-y-4 lg:grid-cols-2">
            <section class="grid content-start gap-3" aria-label="What all of them have in common">
                <Field
                    name="title"
                    label="What it is called"
                    required
                    maxlength={120}
                    bind:value={setup.form.title}
                    change={() => setup.typed()}
                    error={setup.form.title || setup.round ? setup.fields.title : ''}
                />
                <div>
                    <Field
                        name="line"
                        label="When"
                        required
                        help="In one line, such as: 9 march, 11 march 16:00-19:00 /10 gap 5"
                        bind:value={setup.form.line}
                        change={() => setup.typed()}
                        error={setup.form.line ? setup.fields.line : ''}
                    />
                    {#if setup.round && !setup.fields.line}
                        {#each setup.round.look.sentences as sentence (sentence)}<p>{clock.all(sentence)}</p>{/each}
                        <p class="text-faint">{setup.round.look.said}</p>
                    {/if}
                </div>
                <fieldset>
                    <legend class="font-semibold">Who may book</legend>
                    <Radio
                        name="families"
                        value={true}
                        group={setup.form.families}
                        onchange={() => {
                            setup.form.families = true;
                            setup.typed();
                        }}>families whom the school knows, by their card or letter</Radio
                    >
                    <Radio
                        name="families"
                        value={false}
                        group={setup.form.families}
                        onchange={() => {
                            setup.form.families = false;
                            setup.typed();
                        }}>anyone with the link; they type a name</Radio
                    >
                </fieldset>
                {#if classes.length > 0 && setup.form.families}
                    <fieldset>
                        <legend class="font-semibold"
                            >Of which classes <span class="font-normal text-faint">(none ticked: of all)</span></legend
                        >
                        <div class="flex max-h-44 flex-wrap gap-x-5 overflow-y-auto">
                            {#each classes as one (one.id)}
                                <Checkbox
                                    checked={setup.form.classes.includes(one.id)}
                                    onchange={(event) => toggle(one.id, event.currentTarget.checked)}
                                    >{one.name}</Checkbox
                                >
                            {/each}
                        </div>
                    </fieldset>
                {/if}
                <Checkbox
                    checked={setup.form.each_guardian}
                    onchange={(event) => {
                        setup.form.each_guardian = event.currentTarget.checked;
                        setup.typed();
                    }}>Of guardians who live apart, each may have a time of their own</Checkbox
                >
                <fieldset>
                    <legend class="font-semibold">How times are given</legend>
                    <Radio
                        name="collects"
                        value={false}
                        group={setup.form.collects}
                        onchange={() => {
                            setup.form.collects = false;
                            setup.typed();
                        }}>who books first has first choice</Radio
                    >
                    <Radio
                        name="collects"
                        value={true}
                        group={setup.form.collects}
                        onchange={() => {
                            setup.form.collects = true;
                            setup.typed();
                        }}>families send wishes until a day, then all get their times at once</Radio
                    >
                </fieldset>
                {#if setup.form.collects}
                    <div class="grid gap-3 sm:grid-cols-3">
                        {@render moment('wishes_until', 'Wishes until')}
                        {@render moment('closes_at', 'Booking closes')}
                        {@render hours()}
                    </div>
                    {#if setup.fields.wishes_until}
                        <p class="font-semibold text-brick">{setup.fields.wishes_until}</p>
                    {/if}
                    <Checkbox
                        checked={setup.form.breaks}
                        onchange={(event) => {
                            setup.form.breaks = event.currentTarget.checked;
                            setup.typed();
                        }}>A break for each teacher who else has nine times or more without a pause</Checkbox
                    >
                {:else}
                    <div class="grid gap-3 sm:grid-cols-3">
                        {@render moment('opens_at', 'Booking opens')}
                        {@render moment('closes_at', 'and closes')}
                        {@render hours()}
                    </div>
                    {#if setup.form.families}<Cohorts {setup} {classes} />{/if}
                {/if}
                {#if setup.fields.opens_at ?? setup.fields.lead_hours}
                    <p class="font-semibold text-brick">{setup.fields.opens_at ?? setup.fields.lead_hours}</p>
                {/if}
                <AskFamilies {setup} />
                <Field
                    name="intro"
                    label="A word to families"
                    lines={3}
                    maxlength={2000}
                    bind:value={setup.form.intro}
                    change={() => setup.typed()}
                    error={setup.fields.intro}
                />
            </section>
            <section aria-labelledby="who">
                <h2 id="who" class="mb-1">Who is in it: {setup.form.staff.length}</h2>
                <p class="flex flex-wrap gap-x-5">
                    {#if classes.some((one) => one.teachers.length > 0)}
                        <TextButton
                            onclick={() =>
                                put(
                                    chosen.flatMap((one) => one.teachers),
                                    true,
                                )}>All who teach these classes</TextButton
                        >
                    {/if}
                    <TextButton
                        onclick={() =>
                            put(
                                shown.map((one) => one.id),
                                true,
                            )}>{sought ? 'All who are shown' : 'Everybody'}</TextButton
                    >
                    {#if setup.form.staff.length > 0}
                        <TextButton onclick={() => put([...setup.form.staff], false)}>Nobody</TextButton>
                    {/if}
                </p>
                <Label for="seek">Name or subject</Label>
                <Input
                    id="seek"
                    type="search"
                    class="mb-2 w-full"
                    autocomplete="off"
                    list="subjects"
                    bind:value={sought}
                />
                <datalist id="subjects">
                    {#each subjects as one (one)}<option value={one}></option>{/each}
                </datalist>
                {#if setup.round && setup.round.look.short.length > 0}
                    <p class="notice mb-2">{setup.round.look.short_said}</p>
                {/if}
                <ul class="max-h-[60vh] overflow-y-auto border-t border-line">
                    {#each shown as one (one.id)}
                        {@const mine = part(one.id)}
                        <li class="border-b border-line">
                            <div class="flex flex-wrap items-center gap-x-3">
                                <Checkbox
                                    checked={setup.form.staff.includes(one.id)}
                                    onchange={(event) => put([one.id], event.currentTarget.checked)}
                                    >{one.name}{one.subject ? `, ${one.subject}` : ''}</Checkbox
                                >
                                {#if short(one.id)}<span class="text-brick"
                                        >{short(one.id)!.students} students, {short(one.id)!.times} times</span
                                    >{/if}
                                {#if mine && setup.form.staff.includes(one.id)}
                                    <span class="ml-auto {mine.has_place ? 'text-faint' : 'font-semibold text-brick'}"
                                        >{mine.has_place ? mine.label : 'no place yet'}</span
                                    >
                                    <TextButton
                                        aria-expanded={open === mine.id}
                                        aria-label="Where {one.name} is"
                                        onclick={() => (open = open === mine.id ? null : mine.id)}
                                        >{open === mine.id ? 'Close' : 'Change'}</TextButton
                                    >
                                {/if}
                            </div>
                            {#if mine && open === mine.id}
                                <PartForm part={mine} changed={(kept) => setup.partChanged(kept)} />
                            {/if}
                        </li>
                    {/each}
                </ul>
                {#if setup.fields.staff}<p class="font-semibold text-brick">{setup.fields.staff}</p>{/if}
                {@render interpreters()}
            </section>
        </div>
    {/if}
</main>

<Modal bind:open={summary} title="Publish this round?" size="md">
    {#if setup.round}
        <p class="font-semibold">{setup.form.title}</p>
        {#each setup.round.look.sentences as sentence (sentence)}<p>{clock.all(sentence)}</p>{/each}
        <p>{setup.round.look.said} {setup.round.look.short_said}</p>
        {#if placeless > 0}
            <Notice
                >{placeless === 1
                    ? 'One teacher has no place yet. It can be published once they do.'
                    : `${placeless} teachers have no place yet. It can be published once they do.`}</Notice
            >
        {/if}
        <p>
            {setup.form.collects
                ? 'Families can send wishes then; nothing is booked before you give the times.'
                : 'Each of them has a sheet then, and families book.'} What is common to all sheets cannot be changed here
            any more.
        </p>
        <div class="flex gap-3">
            <Button
                disabled={placeless > 0 || setup.form.staff.length === 0}
                onclick={async () => {
                    summary = false;
                    await setup.publish();
                }}>Publish it</Button
            >
            <Button color="alternative" onclick={() => (summary = false)}>Not yet</Button>
        </div>
    {/if}
</Modal>
