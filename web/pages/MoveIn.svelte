<script lang="ts">
    /** An empty server becomes a school's: one page, whose address opens once. */
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import NewPassword from '../settings/NewPassword.svelte';
    import Where from '../settings/Where.svelte';
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

    let form = $state<Schema['MoveInForm']>({
        school: '',
        zone: '',
        country: '',
        name: '',
        email: '',
        password: '',
    });
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
                <Where {zones} bind:zone={form.zone} bind:country={form.country} errors={fields} />
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
