<script lang="ts">
    /** What all sheets of a round have in common: when, for whom, and how times are given. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
        <Label for="lead">{say('arranging.hours_before_at_least')}</Label>
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

<section class="grid content-start gap-3" aria-label={say('arranging.common')}>
    <Field
        name="title"
        label={say('arranging.called')}
        required
        maxlength={120}
        bind:value={setup.form.title}
        change={() => setup.typed()}
        error={setup.form.title || setup.round ? setup.fields.title : ''}
    />
    <div>
        <Field
            name="line"
            label={say('arranging.when')}
            required
            help={say('arranging.when_help')}
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
        <legend class="font-semibold">{say('arranging.who_may_book')}</legend>
        <Radio
            name="families"
            value={true}
            group={setup.form.families}
            onchange={() => {
                setup.form.families = true;
                setup.typed();
            }}>{say('arranging.for_families')}</Radio
        >
        <Radio
            name="families"
            value={false}
            group={setup.form.families}
            onchange={() => {
                setup.form.families = false;
                setup.typed();
            }}>{say('arranging.for_anyone')}</Radio
        >
    </fieldset>
    {#if classes.length > 0 && setup.form.families}
        <fieldset>
            <legend class="font-semibold"
                ><Said key="arranging.of_classes"
                    >{#snippet faint(text)}<span class="font-normal text-faint">{text}</span>{/snippet}</Said
                ></legend
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
        }}>{say('arranging.each_guardian')}</Checkbox
    >
    <fieldset>
        <legend class="font-semibold">{say('arranging.given_how')}</legend>
        <Radio
            name="collects"
            value={false}
            group={setup.form.collects}
            onchange={() => {
                setup.form.collects = false;
                setup.typed();
            }}>{say('arranging.given_first')}</Radio
        >
        <Radio
            name="collects"
            value={true}
            group={setup.form.collects}
            onchange={() => {
                setup.form.collects = true;
                setup.typed();
            }}>{say('arranging.given_wishes')}</Radio
        >
    </fieldset>
    {#if setup.form.collects}
        <div class="grid gap-3 sm:grid-cols-3">
            {@render moment('wishes_until', say('arranging.wishes_until'))}
            {@render moment('closes_at', say('arranging.booking_closes'))}
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
            }}>{say('arranging.breaks')}</Checkbox
        >
    {:else}
        <div class="grid gap-3 sm:grid-cols-3">
            {@render moment('opens_at', say('arranging.booking_opens'))}
            {@render moment('closes_at', say('arranging.and_closes'))}
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
        label={say('arranging.word_families')}
        lines={3}
        maxlength={2000}
        bind:value={setup.form.intro}
        change={() => setup.typed()}
        error={setup.fields.intro}
    />
</section>
