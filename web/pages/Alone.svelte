<script lang="ts">
    /** A tutor without a school: an address that answers, and then a door and a first sheet on one page. */
    import { days } from '../lib/days';
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Button, Checkbox, Input, Label, Radio } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import NewPassword from '../settings/NewPassword.svelte';
    import Where from '../settings/Where.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        token: string | null;
        person: { name: string; email: string } | null;
        least: number;
        zones: { name: string; country: string }[];
    }
    let { token, person, least, zones }: Props = $props();

    const DAYS = days();
    const PLACES = [
        ['video', say('settings.on_video')],
        ['phone', say('settings.by_phone')],
        ['room', say('settings.in_a_room')],
    ] as const;
    let first = $state({ name: '', email: '' });
    // svelte-ignore state_referenced_locally -- begins with what the letter knew
    let form = $state<Omit<Schema['AloneForm'], 'hours'>>({
        name: person?.name ?? '',
        subject: '',
        zone: '',
        country: '',
        password: '',
        minutes: 30,
        place: { kind: 'video', label: say('settings.video'), link: '' },
    });
    let week = $state(DAYS.map((name, i) => ({ name, day: i + 1, on: i < 5, from: '9:00', until: '17:00' })));
    let fields = $state<Record<string, string>>({});
    let trouble = $state('');
    let said = $state('');
    let working = $state(false);

    async function askToBegin() {
        working = true;
        const answer = await ask(api.POST('/api/staff/alone', { body: first }));
        working = false;
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        said = answer.data?.said ?? '';
    }
    async function begin() {
        if (token === null) return;
        working = true;
        const hours = week.filter((one) => one.on).map(({ day, from, until }) => ({ day, from, until }));
        const answer = await ask(
            api.POST('/api/staff/alone/{token}', { params: { path: { token } }, body: { ...form, hours } }),
        );
        if (answer.data) return location.replace(answer.data.to);
        working = false;
        fields = answer.trouble.fields;
        trouble = beside(answer.trouble) || say('settings.alone_another_look');
    }
    const hoursSay = $derived(
        Object.entries(fields).find(([name]) => name === 'hours' || name.startsWith('hours.'))?.[1] ?? '',
    );
</script>

<main class="sheet-of-paper">
    <Masthead />
    {#if token === null}
        <div class="max-w-md">
            <h1 class="mb-2">{say('settings.begin_alone')}</h1>
            <p class="mb-4">{say('settings.alone_intro')}</p>
            {#if said}
                <p class="good-news" role="status">{said}</p>
            {:else}
                <form class="grid gap-4" novalidate onsubmit={onSent(() => !working && askToBegin())}>
                    <Field
                        name="name"
                        label={say('settings.your_name')}
                        autocomplete="name"
                        required
                        bind:value={first.name}
                        error={fields.name}
                    />
                    <Field
                        name="email"
                        label={say('settings.your_e_mail_address')}
                        type="email"
                        autocomplete="email"
                        required
                        bind:value={first.email}
                        error={fields.email}
                    />
                    {#if trouble}<Notice>{trouble}</Notice>{/if}
                    <Button type="submit" class="justify-self-start" disabled={working}
                        >{say('settings.alone_press')}</Button
                    >
                </form>
            {/if}
        </div>
    {:else if person === null}
        <h1 class="mb-2">{say('settings.opens_nothing')}</h1>
        <p class="mb-4">
            <Said key="settings.alone_used">{#snippet link(text)}<a href="/staff/alone">{text}</a>{/snippet}</Said>
        </p>
        <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('settings.sign_in')}</a>
    {:else}
        <h1 class="mb-1">{say('settings.begin_alone')}</h1>
        <p class="mb-4 text-faint">
            {say('settings.alone_later')}
        </p>
        <form class="grid gap-x-10 gap-y-6 lg:grid-cols-2" novalidate onsubmit={(event) => event.preventDefault()}>
            <section class="grid content-start gap-4" aria-labelledby="you">
                <h2 id="you">{say('settings.you')}</h2>
                <Field
                    name="name"
                    label={say('settings.your_name')}
                    required
                    bind:value={form.name}
                    error={fields.name}
                />
                <Field
                    name="subject"
                    label={say('settings.what_you_teach')}
                    required
                    bind:value={form.subject}
                    error={fields.subject}
                />
                <Where {zones} bind:zone={form.zone} bind:country={form.country} errors={fields} />
                <NewPassword email={person.email} bind:value={form.password} {least} error={fields.password} />
            </section>
            <section class="grid content-start gap-4" aria-labelledby="hours">
                <h2 id="hours">{say('settings.alone_hours')}</h2>
                <ul class="grid gap-1">
                    {#each week as one (one.day)}
                        <li class="grid grid-cols-[9rem_1fr_1fr] items-center gap-2">
                            <Checkbox bind:checked={one.on}>{one.name}</Checkbox>
                            {#if one.on}
                                <Input bind:value={one.from} aria-label={say('settings.from', { name: one.name })} />
                                <Input bind:value={one.until} aria-label={say('settings.to', { name: one.name })} />
                            {/if}
                        </li>
                    {/each}
                </ul>
                {#if hoursSay}<p class="font-semibold text-brick">{hoursSay}</p>{/if}
                <div>
                    <Label for="minutes">{say('settings.alone_minutes')}</Label>
                    <Input
                        id="minutes"
                        type="number"
                        min="5"
                        class="w-32"
                        bind:value={
                            () => form.minutes ?? '',
                            (value) => (form.minutes = value === '' || value === null ? null : Number(value))
                        }
                    />
                    {#if fields.minutes}<p class="font-semibold text-brick">{fields.minutes}</p>{/if}
                </div>
                <div class="flex flex-wrap gap-x-5" role="radiogroup" aria-label={say('settings.where')}>
                    {#each PLACES as [kind, name] (kind)}
                        <Radio
                            name="kind"
                            value={kind}
                            bind:group={form.place.kind}
                            onchange={() =>
                                (form.place.label =
                                    kind === 'room'
                                        ? ''
                                        : kind === 'phone'
                                          ? say('settings.by_phone')
                                          : say('settings.video'))}>{name}</Radio
                        >
                    {/each}
                </div>
                {#if form.place.kind === 'room'}
                    <Field
                        name="label"
                        label={say('settings.alone_room')}
                        required
                        bind:value={form.place.label}
                        error={fields['place.label']}
                    />
                {:else if form.place.kind === 'video'}
                    <Field
                        name="link"
                        label={say('settings.the_video_link')}
                        type="url"
                        help={say('settings.shown_only_to_those')}
                        required
                        bind:value={form.place.link}
                        error={fields['place.link']}
                    />
                {/if}
            </section>
            <div class="lg:col-span-2">
                {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}
                <Button type="button" disabled={working} onclick={begin}
                    >{working ? say('pages.one_moment') : say('settings.begin')}</Button
                >
            </div>
        </form>
    {/if}
</main>
