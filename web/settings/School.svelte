<script lang="ts">
    /** The school: its name, clock, terms and closed days. For the office. */
    import { Button, Label, Checkbox, Input, Select } from '../lib/controls';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, formOf, type Schema } from '../lib/api';
    import Field from '../controls/Field.svelte';

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
        trouble = answer.trouble ? (Object.values(fields)[0] ?? answer.trouble.message) : '';
        said = answer.data ? 'Kept. Sheets follow it at once.' : '';
        if (answer.data) changed(answer.data);
    }
    async function read(file: File) {
        const answer = await ask(
            api.POST('/api/staff/school/closed-days', {
                body: { file: '' },
                ...formOf({ file }),
            }),
        );
        trouble = answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.message) : '';
        if (answer.data) {
            const known = new Set(school.closed_days.map((one) => `${one.first}|${one.last}`));
            const added = answer.data.closed_days.filter((one) => !known.has(`${one.first}|${one.last}`));
            school.closed_days.push(...added);
            said = `${added.length === 1 ? 'One closed day was' : `${added.length} closed days were`} read. Keep them with the button below.`;
        }
    }
</script>

<section class="mt-10 grid max-w-3xl gap-4" aria-labelledby="school">
    <h2 id="school">The school</h2>
    <form
        class="grid gap-4"
        novalidate
        onsubmit={(event) => {
            event.preventDefault();
            void save();
        }}
    >
        <Field name="school-name" label="School’s name" required bind:value={school.name} error={fields.name} />
        <div class="grid gap-4 sm:grid-cols-3">
            <div>
                <Label for="school-zone">Time zone</Label>
                <Select id="school-zone" class="w-full" bind:value={school.zone} placeholder="">
                    {#each settings.zones as zone (zone)}<option>{zone}</option>{/each}
                </Select>
            </div>
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
        </div>
        <div class="grid gap-4 sm:grid-cols-3">
            <Field
                name="school-phone"
                label="The office’s phone number"
                type="tel"
                help="It stands wherever visitors read that they can ring."
                bind:value={school.phone}
                error={fields.phone}
            />
            <Checkbox bind:checked={school.confirm_addresses} class="sm:col-span-2"
                >A visitor’s first booking counts once their e-mail address has answered; until then the time is kept
                for half an hour</Checkbox
            >
        </div>
        {#each [['terms', 'Terms'], ['closed_days', 'Closed days']] as const as [list, label] (list)}
            <fieldset>
                <legend class="mb-1 font-semibold">{label}</legend>
                <ul class="grid gap-2">
                    {#each school[list] as range, i (i)}
                        <li class="flex flex-wrap items-center gap-2">
                            <Input class="flex-1 basis-40" aria-label="{label} {i + 1}, name" bind:value={range.name} />
                            <Input type="date" aria-label="{label} {i + 1}, first day" bind:value={range.first} />
                            <Input type="date" aria-label="{label} {i + 1}, last day" bind:value={range.last} />
                            <button
                                type="button"
                                class="min-h-11 min-w-11 cursor-pointer font-bold text-brick"
                                aria-label="Take {range.name || label} away"
                                onclick={() => school[list].splice(i, 1)}>×</button
                            >
                        </li>
                    {/each}
                </ul>
                <div class="mt-2 flex flex-wrap gap-3">
                    <Button color="alternative" onclick={() => school[list].push({ name: '', first: '', last: '' })}
                        >Add {list === 'terms' ? 'a term' : 'closed days'}</Button
                    >
                    {#if list === 'closed_days'}
                        <FilePress label="Calendar file" accept=".ics" take={read}>From a calendar file</FilePress>
                    {/if}
                </div>
            </fieldset>
        {/each}
        <p role="status" class:good-news={said}>{said}</p>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        <Button type="submit" class="justify-self-start">Keep the school’s settings</Button>
    </form>
</section>
