<script lang="ts">
    /** The school: its name, clock and terms. For the office. */
    import { Button, Label, Checkbox, Input, Select } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import Field from '../controls/Field.svelte';
    import TextButton from '../controls/TextButton.svelte';

    import Ranges from './Ranges.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        settings: Schema['Settings'];
        changed: (settings: Schema['Settings']) => void;
    }
    let { settings, changed }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    let school = $state<Schema['SchoolForm']>(
        structuredClone($state.snapshot(settings.school)) as Schema['SchoolForm'],
    );
    let fields = $state<Record<string, string>>({});
    let said = $state('');
    let trouble = $state('');

    async function save() {
        const answer = await ask(api.PUT('/api/staff/school', { body: school }));
        fields = answer.trouble?.fields ?? {};
        trouble = firstOf(answer.trouble);
        said = answer.data ? 'Kept. Sheets follow it at once.' : '';
        if (answer.data) changed(answer.data);
    }
</script>

<section class="mt-2 grid max-w-3xl gap-4" aria-labelledby="school">
    <h2 id="school" class="sr-only">Name, clock and rules</h2>
    <form class="grid gap-4" novalidate onsubmit={onSent(save)}>
        <div class="grid gap-4 sm:grid-cols-[2fr_1fr]">
            <Field name="school-name" label="School’s name" required bind:value={school.name} error={fields.name} />
            <div>
                <Label for="school-zone">Time zone</Label>
                <Select id="school-zone" class="w-full" bind:value={school.zone} placeholder="">
                    {#each settings.zones as zone (zone)}<option>{zone}</option>{/each}
                </Select>
            </div>
        </div>
        <div class="grid gap-4 sm:grid-cols-3 sm:items-end">
            <Field
                name="school-country"
                label="Country, two letters"
                required
                bind:value={school.country}
                error={fields.country}
            />
            <div>
                <Label for="travel">Minutes from room to room</Label>
                <Input
                    id="travel"
                    type="number"
                    min="0"
                    class="w-full"
                    bind:value={
                        () => school.travel_minutes ?? '',
                        (value) => (school.travel_minutes = value === '' || value === null ? null : Number(value))
                    }
                />
            </div>
            <div>
                <Label for="quiet">Minutes to a quiet corner, before and after video</Label>
                <Input
                    id="quiet"
                    type="number"
                    min="0"
                    class="w-full"
                    bind:value={
                        () => school.quiet_minutes ?? '',
                        (value) => (school.quiet_minutes = value === '' || value === null ? null : Number(value))
                    }
                />
            </div>
        </div>
        {#each school.ways ?? [] as way, i (i)}
            <div class="grid gap-2 sm:grid-cols-[1fr_1fr_7rem_auto] sm:items-end">
                <div>
                    <Label for="way-from-{i}">From rooms that begin with</Label>
                    <Input id="way-from-{i}" class="w-full" placeholder="Gym" bind:value={way.from} />
                </div>
                <div>
                    <Label for="way-to-{i}">to rooms that begin with</Label>
                    <Input id="way-to-{i}" class="w-full" placeholder="Room 2" bind:value={way.to} />
                </div>
                <div>
                    <Label for="way-minutes-{i}">Minutes</Label>
                    <Input
                        id="way-minutes-{i}"
                        type="number"
                        min="0"
                        class="w-full"
                        bind:value={
                            () => way.minutes ?? '',
                            (value) => (way.minutes = value === '' || value === null ? null : Number(value))
                        }
                    />
                </div>
                <TextButton onclick={() => (school.ways = school.ways?.filter((_, at) => at !== i))}
                    >Take it out</TextButton
                >
                {#if fields[`ways.${i}.from`] ?? fields[`ways.${i}.to`] ?? fields[`ways.${i}.minutes`]}
                    <p class="font-semibold text-brick sm:col-span-4">
                        {fields[`ways.${i}.from`] ?? fields[`ways.${i}.to`] ?? fields[`ways.${i}.minutes`]}
                    </p>
                {/if}
            </div>
        {/each}
        <p>
            <TextButton onclick={() => (school.ways = [...(school.ways ?? []), { from: '', to: '', minutes: 10 }])}
                >Between other buildings or floors it takes longer</TextButton
            >
        </p>
        <div class="sm:w-1/2">
            <Field
                name="school-phone"
                label="The office’s phone number"
                type="tel"
                help="It stands wherever visitors read that they can ring."
                bind:value={school.phone}
                error={fields.phone}
            />
        </div>
        <Checkbox bind:checked={school.confirm_addresses}
            >A visitor’s first booking counts once their e-mail address has answered; until then the time is kept for
            half an hour</Checkbox
        >
        <Checkbox bind:checked={school.guardians_apart}
            >Guardians are kept apart: what the one has booked is never told to the other, who reads that the office
            knows more. Nobody can ask to be added to a meeting</Checkbox
        >
        <div class="grid gap-4 sm:grid-cols-2 sm:items-end">
            <div>
                <Label for="keep-days">Days for which what visitors told stays, after their last meeting</Label>
                <Input
                    id="keep-days"
                    type="number"
                    min="7"
                    class="w-32"
                    bind:value={
                        () => school.keep_days ?? '',
                        (value) => (school.keep_days = value === '' || value === null ? null : Number(value))
                    }
                />
                {#if fields.keep_days}<p class="font-semibold text-brick">{fields.keep_days}</p>{/if}
            </div>
            <div>
                <Label for="log-days">Days for which it is kept who did what</Label>
                <Input
                    id="log-days"
                    type="number"
                    min="31"
                    class="w-32"
                    bind:value={
                        () => school.log_days ?? '',
                        (value) => (school.log_days = value === '' || value === null ? null : Number(value))
                    }
                />
                {#if fields.log_days}<p class="font-semibold text-brick">{fields.log_days}</p>{/if}
            </div>
        </div>
        <div class="flex flex-wrap gap-x-8">
            <Checkbox bind:checked={school.office_second_factor}>The office needs a second factor to sign in</Checkbox>
            <Checkbox bind:checked={school.mail_sign_in}>Staff can sign in by a letter instead of a password</Checkbox>
        </div>
        <fieldset>
            <legend class="mb-1 font-semibold">Terms</legend>
            <Ranges list={school.terms} label="Terms" add="Add a term" />
        </fieldset>
        <p role="status" class:good-news={said}>{said}</p>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        <Button type="submit" class="justify-self-start">Keep the school’s settings</Button>
    </form>
</section>
