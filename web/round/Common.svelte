<script lang="ts">
    /** What all sheets of a round have in common: when, for whom, and how times are given. */
    import { Checkbox, Input, Label, Radio } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import AskFamilies from './AskFamilies.svelte';
    import Cohorts from './Cohorts.svelte';
    import type { Setup } from './setup.svelte';

    interface Props {
        setup: Setup;
        classes: { id: number; name: string; students: number; teachers: number[] }[];
    }
    let { setup, classes }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    let lead = $state(String(setup.form.lead_hours));

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
            {#each setup.round.look.sentences as sentence (sentence)}<p>{sentence}</p>{/each}
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
                        onchange={(event) => toggle(one.id, event.currentTarget.checked)}>{one.name}</Checkbox
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
