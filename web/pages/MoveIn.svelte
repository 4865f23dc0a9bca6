<script lang="ts">
    /** An empty server becomes a school's: one page, whose address opens once. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
        trouble = beside(answer.trouble) || say('settings.alone_another_look');
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    {#if open}
        <h1 class="mb-1">{say('settings.a_school_moves_in')}</h1>
        <p class="mb-4 text-faint">{say('settings.move_in_once')}</p>
        <form class="grid gap-x-10 gap-y-6 lg:grid-cols-2" novalidate onsubmit={(event) => event.preventDefault()}>
            <section class="grid content-start gap-4" aria-labelledby="the-school">
                <h2 id="the-school">{say('settings.the_school')}</h2>
                <Field
                    name="school"
                    label={say('settings.school_called')}
                    required
                    bind:value={form.school}
                    error={fields.school}
                />
                <Where {zones} bind:zone={form.zone} bind:country={form.country} errors={fields} />
            </section>
            <section class="grid content-start gap-4" aria-labelledby="you">
                <h2 id="you">{say('settings.move_in_you')}</h2>
                <Field
                    name="name"
                    label={say('settings.your_name')}
                    autocomplete="name"
                    required
                    bind:value={form.name}
                    error={fields.name}
                />
                <Field
                    name="email"
                    label={say('settings.your_e_mail_address')}
                    type="email"
                    autocomplete="username"
                    required
                    bind:value={form.email}
                    error={fields.email}
                />
                <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
                    <Button color="light" disabled={working} onclick={tryMail}>{say('settings.mail_try')}</Button>
                    <span class="text-faint">{say('settings.mail_try_help', { from })}</span>
                </div>
                <p role="status" class:good-news={said}>{said}</p>
                <NewPassword bind:value={form.password} {least} error={fields.password} />
            </section>
            <div class="lg:col-span-2">
                {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}
                <Button type="button" disabled={working} onclick={moveIn}
                    >{working ? say('pages.one_moment') : say('settings.move_in')}</Button
                >
            </div>
        </form>
    {:else}
        <h1 class="mb-2">{say('settings.opens_nothing')}</h1>
        <p class="mb-6">
            <Said key="settings.move_in_used">{#snippet code(text)}<code>{text}</code>{/snippet}</Said>
        </p>
        <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('settings.sign_in')}</a>
    {/if}
</main>
