<script lang="ts">
    /** The school: its name, clock and terms. For the office. */
    import { say } from '../lib/say';
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
        said = answer.data ? say('settings.school_kept') : '';
        if (answer.data) changed(answer.data);
    }
</script>

<section class="mt-2 grid max-w-3xl gap-4" aria-labelledby="school">
    <h2 id="school" class="sr-only">{say('settings.school_heading')}</h2>
    <form class="grid gap-4" novalidate onsubmit={onSent(save)}>
        <div class="grid gap-4 sm:grid-cols-[2fr_1fr]">
            <Field
                name="school-name"
                label={say('settings.schools_name')}
                required
                bind:value={school.name}
                error={fields.name}
            />
            <div>
                <Label for="school-zone">{say('settings.time_zone')}</Label>
                <Select id="school-zone" class="w-full" bind:value={school.zone} placeholder="">
                    {#each settings.zones as zone (zone)}<option>{zone}</option>{/each}
                </Select>
            </div>
        </div>
        <div class="grid gap-4 sm:grid-cols-3 sm:items-end">
            <Field
                name="school-country"
                label={say('settings.country_two_letters')}
                required
                bind:value={school.country}
                error={fields.country}
            />
            <div>
                <Label for="travel">{say('settings.walk')}</Label>
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
                <Label for="quiet">{say('settings.quiet')}</Label>
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
                    <Label for="way-from-{i}">{say('settings.ways_from')}</Label>
                    <Input id="way-from-{i}" class="w-full" placeholder={say('settings.gym')} bind:value={way.from} />
                </div>
                <div>
                    <Label for="way-to-{i}">{say('settings.ways_to')}</Label>
                    <Input id="way-to-{i}" class="w-full" placeholder={say('settings.room_2')} bind:value={way.to} />
                </div>
                <div>
                    <Label for="way-minutes-{i}">{say('settings.minutes')}</Label>
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
                    >{say('settings.take_it_out')}</TextButton
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
                >{say('settings.ways_add')}</TextButton
            >
        </p>
        <div class="sm:w-1/2">
            <Field
                name="school-phone"
                label={say('settings.office_phone')}
                type="tel"
                help={say('settings.office_phone_help')}
                bind:value={school.phone}
                error={fields.phone}
            />
        </div>
        <Checkbox bind:checked={school.confirm_addresses}>{say('settings.confirm_first')}</Checkbox>
        <Checkbox bind:checked={school.guardians_apart}>{say('settings.kept_apart')}</Checkbox>
        <div class="grid gap-4 sm:grid-cols-2 sm:items-end">
            <div>
                <Label for="keep-days">{say('settings.retention')}</Label>
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
                <Label for="log-days">{say('settings.retention_log')}</Label>
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
            <Checkbox bind:checked={school.office_second_factor}>{say('settings.office_factor')}</Checkbox>
            <Checkbox bind:checked={school.mail_sign_in}>{say('settings.by_letter')}</Checkbox>
        </div>
        <fieldset>
            <legend class="mb-1 font-semibold">{say('settings.terms')}</legend>
            <Ranges list={school.terms} label={say('settings.terms')} add={say('settings.add_term')} />
        </fieldset>
        <p role="status" class:good-news={said}>{said}</p>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        <Button type="submit" class="justify-self-start">{say('settings.school_keep')}</Button>
    </form>
</section>
