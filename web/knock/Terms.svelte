<script lang="ts">
    /** On which terms a host can be asked: off until they allow it. */
    import { days } from '../lib/days';
    import { say } from '../lib/say';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import { Button, Checkbox, Helper, Input, Label, Select } from '../lib/controls';

    interface Props {
        terms: Schema['KnockTerms'];
        saved: (page: Schema['HostKnocks'], said: string) => void;
    }
    let { terms, saved }: Props = $props();

    const DAYS = days();
    // svelte-ignore state_referenced_locally -- what is typed is the writer's until it is saved
    let form = $state({ ...$state.snapshot(terms), hours: DAYS.map((_, i) => terms.hours[i + 1] ?? '') });
    let working = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});

    const inHours = (hours: number) => ({
        value: hours,
        name:
            hours < 24
                ? say('asking.hours', { hours })
                : hours < 168
                  ? say('asking.days', { days: hours / 24 })
                  : say('asking.weeks', { weeks: hours / 168 }),
    });
    const lead = [2, 12, 24, 48, 72, 168].map(inHours);
    const kept = [24, 48, 72, 168].map(inHours);
    const ahead = [7, 14, 21, 28, 42, 60].map((days) => ({
        value: days,
        name: days % 7 === 0 ? say('asking.weeks_ahead', { weeks: days / 7 }) : say('asking.days_ahead', { days }),
    }));
    const most = [1, 2, 3, 5, 10, 20, 50].map((one) => ({ value: one, name: `${one}` }));
    const NUMBERS = [
        { field: 'lead_hours', asks: say('asking.terms_soon'), items: lead },
        { field: 'ahead_days', asks: say('asking.terms_ahead'), items: ahead },
        { field: 'kept_hours', asks: say('asking.terms_kept'), items: kept },
        { field: 'most_open', asks: say('asking.terms_open'), items: most },
    ] as const;
    const WHOM = [
        { value: 'anyone', name: say('asking.whom_anyone') },
        { value: 'families', name: say('asking.whom_families') },
        { value: 'staff', name: say('asking.whom_staff') },
    ];
    const toggled = (list: number[], one: number, is: boolean) =>
        is ? [...list, one] : list.filter((other) => other !== one);

    async function save(allowed: boolean) {
        working = true;
        const { hours, lead_hours, ahead_days, lengths, place_ids, most_open, kept_hours, audience, intro, questions } =
            form;
        const answer = await ask(
            api.PUT('/api/staff/me/knocks', {
                body: {
                    allowed,
                    hours: Object.fromEntries(hours.map((one, i) => [i + 1, one])),
                    lead_hours: Number(lead_hours),
                    ahead_days: Number(ahead_days),
                    lengths,
                    place_ids,
                    most_open: Number(most_open),
                    kept_hours: Number(kept_hours),
                    audience,
                    intro,
                    questions: questions.filter((one) => one.label.trim() !== ''),
                },
            }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        message = beside(answer.trouble);
        if (answer.data) {
            form = { ...answer.data.terms, hours: DAYS.map((_, i) => answer.data.terms.hours[i + 1] ?? '') };
            saved(answer.data, allowed ? say('asking.terms_saved') : say('asking.terms_off'));
        } else
            requestAnimationFrame(() => document.querySelector<HTMLElement>('.terms [aria-invalid="true"]')?.focus());
    }
</script>

<form class="terms grid gap-4" novalidate onsubmit={(event) => event.preventDefault()}>
    <fieldset>
        <legend class="mb-1 font-semibold">{say('asking.terms_days')}</legend>
        <div class="days">
            {#each DAYS as day, i (day)}
                <div>
                    <Label for="hours-{i}">{day}</Label>
                    <Input
                        id="hours-{i}"
                        bind:value={form.hours[i]}
                        placeholder={say('asking.not')}
                        autocomplete="off"
                        aria-invalid={fields[`hours.${i + 1}`] ? 'true' : undefined}
                        aria-describedby="hours-help{fields[`hours.${i + 1}`] ? ` hours-${i}-error` : ''}"
                        class="w-full"
                    />
                    {#if fields[`hours.${i + 1}`]}<Helper id="hours-{i}-error" color="red" class="font-semibold"
                            >{fields[`hours.${i + 1}`]}</Helper
                        >{/if}
                </div>
            {/each}
        </div>
        <Helper id="hours-help" class="mt-1">{say('asking.terms_days_help')}</Helper>
        {#if fields.hours}<Helper color="red" class="font-semibold">{fields.hours}</Helper>{/if}
    </fieldset>
    <div class="flex flex-wrap gap-x-6 gap-y-3">
        <fieldset>
            <legend class="font-semibold">{say('asking.terms_long')}</legend>
            <div class="flex min-h-11 flex-wrap items-center gap-x-4">
                {#each terms.all_lengths as minutes (minutes)}
                    <Checkbox
                        checked={form.lengths.includes(minutes)}
                        onchange={(event) =>
                            (form.lengths = toggled(
                                form.lengths,
                                minutes,
                                (event.currentTarget as HTMLInputElement).checked,
                            ))}>{say('pages.minutes_short', { minutes })}</Checkbox
                    >
                {/each}
            </div>
            {#if fields.lengths}<Helper color="red" class="font-semibold">{fields.lengths}</Helper>{/if}
        </fieldset>
        {#each NUMBERS as one (one.field)}
            <div>
                <Label for={one.field}>{one.asks}</Label>
                <Select id={one.field} placeholder="" items={one.items} bind:value={form[one.field]} />
            </div>
        {/each}
        <div>
            <Label for="whom">{say('asking.terms_whom')}</Label><Select
                id="whom"
                placeholder=""
                items={WHOM}
                bind:value={form.audience}
            />
        </div>
    </div>
    <fieldset>
        <legend class="font-semibold">{say('asking.where')}</legend>
        <div class="flex min-h-11 flex-wrap items-center gap-x-5">
            {#each terms.places as place (place.id)}
                <Checkbox
                    checked={form.place_ids.includes(place.id)}
                    onchange={(event) =>
                        (form.place_ids = toggled(
                            form.place_ids,
                            place.id,
                            (event.currentTarget as HTMLInputElement).checked,
                        ))}>{place.label}</Checkbox
                >
            {/each}
            <a href="/staff/settings#places"
                >{terms.places.length === 0 ? say('asking.terms_place_first') : say('asking.terms_place_more')}</a
            >
        </div>
        {#if fields.place_ids}<Helper color="red" class="font-semibold">{fields.place_ids}</Helper>{/if}
    </fieldset>
    <Field
        name="intro"
        label={say('asking.terms_intro')}
        bind:value={form.intro}
        error={fields.intro}
        maxlength={500}
    />
    <fieldset class="grid gap-2">
        <legend class="font-semibold">{say('asking.terms_questions')}</legend>
        {#each form.questions as question, i (i)}
            <div class="flex flex-wrap items-center gap-3">
                <Input
                    aria-label={say('asking.terms_question', { number: i + 1 })}
                    bind:value={question.label}
                    maxlength={200}
                    class="min-w-0 flex-1 basis-64"
                    aria-invalid={fields[`questions.${i}.label`] ? 'true' : undefined}
                />
                <Checkbox bind:checked={question.required}>{say('asking.terms_required')}</Checkbox>
                <TextButton
                    away
                    aria-label={say('asking.terms_question_out', { number: i + 1 })}
                    onclick={() => (form.questions = form.questions.filter((_, j) => j !== i))}
                    >{say('asking.terms_out')}</TextButton
                >
            </div>
        {/each}
        {#if form.questions.length < 5}<p>
                <TextButton onclick={() => (form.questions = [...form.questions, { label: '', required: false }])}
                    >{say('asking.terms_ask')}</TextButton
                >
            </p>{/if}
    </fieldset>
    {#if message}<Notice>{message}</Notice>{/if}
    <p class="flex flex-wrap gap-3">
        <Button disabled={working} onclick={() => save(true)}
            >{terms.allowed ? say('asking.save') : say('asking.terms_allow')}</Button
        >
        {#if terms.allowed}<Button color="red" outline disabled={working} onclick={() => save(false)}
                >{say('asking.terms_disallow')}</Button
            >{/if}
    </p>
</form>

<style>
    .days {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(100%, 13rem), 1fr));
        gap: 0.4rem 0.8rem;
    }
</style>
