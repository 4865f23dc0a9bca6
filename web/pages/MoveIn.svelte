<script lang="ts">
    /** An empty server becomes a school's: one page, whose address opens once. */
    import { Button, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import NewPassword from '../settings/NewPassword.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        token: string;
        open: boolean;
        least: number;
        from: string;
        zones: { name: string; country: string }[];
    }
    let { token, open, least, from, zones }: Props = $props();

    const countryOf = (zone: string) => zones.find((one) => one.name === zone)?.country ?? '';
    // Proposed, and seen: as this machine is set.
    // svelte-ignore state_referenced_locally -- the zones stay the same
    const here = zones.some((one) => one.name === Intl.DateTimeFormat().resolvedOptions().timeZone)
        ? Intl.DateTimeFormat().resolvedOptions().timeZone
        : '';
    let form = $state<Schema['MoveInForm']>({
        school: '',
        zone: here,
        country: countryOf(here),
        name: '',
        email: '',
        password: '',
    });
    const names = new Intl.DisplayNames('en', { type: 'region' });
    // svelte-ignore state_referenced_locally -- the zones stay the same
    const countries = [...new Set(zones.map((one) => one.country).filter(Boolean))]
        .map((code) => ({ code, name: names.of(code) ?? code }))
        .sort((a, b) => a.name.localeCompare(b.name));

    let fields = $state<Record<string, string>>({});
    let trouble = $state('');
    let said = $state('');
    let working = $state(false);

    async function tryMail() {
        working = true;
        said = '';
        const answer = await ask(
            api.POST('/api/begin/{token}/letter', { params: { path: { token } }, body: { email: form.email } }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        said = answer.data?.said ?? '';
    }
    async function moveIn() {
        working = true;
        const answer = await ask(api.POST('/api/begin/{token}', { params: { path: { token } }, body: form }));
        if (answer.data) return location.replace(answer.data.to);
        working = false;
        fields = answer.trouble.fields;
        trouble = beside(answer.trouble) || 'Something above needs another look. Nothing was lost.';
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    {#if open}
        <h1 class="mb-1">A school moves in</h1>
        <p class="mb-4 text-faint">This page opens once. What you say here can be changed later in the settings.</p>
        <form class="grid gap-x-10 gap-y-6 lg:grid-cols-2" novalidate onsubmit={(event) => event.preventDefault()}>
            <section class="grid content-start gap-4" aria-labelledby="the-school">
                <h2 id="the-school">The school</h2>
                <Field
                    name="school"
                    label="What it is called"
                    required
                    bind:value={form.school}
                    error={fields.school}
                />
                <div>
                    <Label for="zone">Time zone</Label>
                    <Select
                        id="zone"
                        class="w-full"
                        placeholder="Choose one"
                        bind:value={form.zone}
                        aria-invalid={fields.zone ? 'true' : undefined}
                        onchange={() => (form.country = countryOf(form.zone) || form.country)}
                    >
                        {#each zones as zone (zone.name)}<option value={zone.name}>{zone.name}</option>{/each}
                    </Select>
                    {#if fields.zone}<p class="mt-1 font-semibold text-brick">{fields.zone}</p>{/if}
                </div>
                <div>
                    <Label for="country">Country</Label>
                    <Select
                        id="country"
                        class="w-full"
                        placeholder="Choose one"
                        bind:value={form.country}
                        aria-invalid={fields.country ? 'true' : undefined}
                    >
                        {#each countries as country (country.code)}<option value={country.code}>{country.name}</option
                            >{/each}
                    </Select>
                    <p class="mt-1 text-faint">So phone numbers are read as people there write them.</p>
                    {#if fields.country}<p class="mt-1 font-semibold text-brick">{fields.country}</p>{/if}
                </div>
            </section>
            <section class="grid content-start gap-4" aria-labelledby="you">
                <h2 id="you">You, the first of its office</h2>
                <Field
                    name="name"
                    label="Your name"
                    autocomplete="name"
                    required
                    bind:value={form.name}
                    error={fields.name}
                />
                <Field
                    name="email"
                    label="Your e-mail address"
                    type="email"
                    autocomplete="username"
                    required
                    bind:value={form.email}
                    error={fields.email}
                />
                <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
                    <Button color="light" disabled={working} onclick={tryMail}>Try the mail</Button>
                    <span class="text-faint">A letter from {from} goes there at once.</span>
                </div>
                <p role="status" class:good-news={said}>{said}</p>
                <NewPassword bind:value={form.password} {least} error={fields.password} />
            </section>
            <div class="lg:col-span-2">
                {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}
                <Button type="button" disabled={working} onclick={moveIn}>{working ? 'One moment…' : 'Move in'}</Button>
            </div>
        </form>
    {:else}
        <h1 class="mb-2">This address opens nothing any more</h1>
        <p class="mb-6">
            It was used already, or its day is over. Whoever looks after the server gets another with
            <code>bin/recess first-key</code>, as long as nobody has moved in.
        </p>
        <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">Sign in</a>
    {/if}
</main>
