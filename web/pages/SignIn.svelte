<script lang="ts">
    /** For staff. Visitors never see this. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Button, Checkbox } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside, firstOf } from '../lib/api';
    import { comeInByPasskey, machineCan } from '../lib/passkey';
    import Field from '../controls/Field.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        demo: { password: string; people: { email: string; who: string }[] } | null;
        /** Whether a letter can sign one in. */
        by_letter: boolean;
        /** What the school's own service is called; null where there is none. */
        elsewhere: string | null;
        /** Whether this address can have passkeys. */
        passkeys: boolean;
        tutors: boolean;
    }
    let { demo, by_letter, elsewhere, passkeys, tutors }: Props = $props();

    let email = $state('');
    let password = $state('');
    let remember = $state(false);
    let working = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});

    let said = $state('');
    async function letter() {
        const answer = await ask(api.POST('/api/staff/session/letter', { body: { email } }));
        fields = answer.trouble?.fields ?? {};
        message = beside(answer.trouble);
        said = answer.data?.said ?? '';
    }
    async function byPasskey() {
        working = true;
        const wrong = await comeInByPasskey(remember);
        working = false;
        fields = {};
        message = firstOf(wrong);
    }
    function signInAs(who: string, by: string) {
        [email, password] = [who, by];
        return signIn();
    }
    async function signIn() {
        working = true;
        const answer = await ask(api.POST('/api/staff/session', { body: { email, password, remember } }));
        if (answer.data) return location.assign(answer.data.to);
        working = false;
        fields = answer.trouble.fields;
        message = beside(answer.trouble);
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    <div class="max-w-md">
        <h1 class="mb-6">{say('settings.sign_in')}</h1>
        <form class="grid gap-4" novalidate onsubmit={onSent(() => !working && signIn())}>
            <Field
                name="email"
                label={say('settings.e_mail_address')}
                type="email"
                autocomplete="username"
                required
                bind:value={email}
                error={fields.email}
            />
            <Field
                name="password"
                label={say('settings.password')}
                type="password"
                autocomplete="current-password"
                required
                bind:value={password}
                error={fields.password}
            />
            <Checkbox bind:checked={remember}>{say('settings.remember')}</Checkbox>
            {#if message}<Notice>{message}</Notice>{/if}
            <div class="flex flex-wrap items-center gap-x-5">
                <Button type="submit" disabled={working}
                    >{working ? say('pages.one_moment') : say('settings.sign_in')}</Button
                >
                <a class="inline-flex min-h-11 items-center" href="/staff/forgotten"
                    >{say('settings.password_forgotten')}</a
                >
            </div>
        </form>
        {#if passkeys && machineCan()}
            <p class="mt-5">
                <Button color="alternative" disabled={working} onclick={byPasskey}
                    >{say('settings.sign_in_passkey')}</Button
                >
            </p>
        {/if}
        {#if elsewhere}
            <p class="mt-3">
                <Button color="alternative" href="/staff/elsewhere"
                    >{say('settings.sign_in_elsewhere', { elsewhere })}</Button
                >
            </p>
        {/if}
        {#if by_letter}
            <p class="mt-3">
                <TextButton onclick={letter}>{say('settings.sign_in_letter')}</TextButton>
            </p>
        {/if}
        <div role="status">
            {#if said}<p class="good-news mt-3">{said}</p>{/if}
        </div>
        {#if tutors}<p class="mt-3">
                <Said key="settings.to_alone">{#snippet link(text)}<a href="/staff/alone">{text}</a>{/snippet}</Said>
            </p>{/if}
        {#if demo}
            <div class="mt-6 text-faint">
                <p>{say('settings.demo', { password: demo.password })}</p>
                <ul>
                    {#each demo.people as one (one.email)}
                        <li>
                            <TextButton disabled={working} onclick={() => signInAs(one.email, demo.password)}
                                >{one.who}</TextButton
                            >
                        </li>
                    {/each}
                </ul>
            </div>
        {/if}
    </div>
</main>
