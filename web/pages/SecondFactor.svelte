<script lang="ts">
    /** The second question when somebody signs in: the code that their telephone shows. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside, firstOf } from '../lib/api';
    import { comeInByPasskey, machineCan } from '../lib/passkey';
    import Masthead from '../parts/Masthead.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        name: string;
        /** Whether their telephone shows codes; whether they have a passkey that can be shown here. */
        telephone: boolean;
        passkey: boolean;
    }
    let { name, telephone, passkey }: Props = $props();

    let code = $state('');
    let working = $state(false);
    let trouble = $state('');
    let fields = $state<Record<string, string>>({});

    async function byPasskey() {
        working = true;
        const wrong = await comeInByPasskey();
        working = false;
        fields = {};
        trouble = firstOf(wrong);
    }
    async function show() {
        working = true;
        const answer = await ask(api.POST('/api/staff/session/second', { body: { code } }));
        if (answer.data) return location.assign(answer.data.to);
        working = false;
        fields = answer.trouble.fields;
        trouble = beside(answer.trouble);
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    <div class="max-w-md">
        <h1 class="mb-2">{say('settings.factor_heading')}</h1>
        {#if passkey && machineCan()}
            <p class="mb-3">{say('settings.factor_passkey', { name })}</p>
            <p class="mb-6">
                <Button disabled={working} onclick={byPasskey}>{say('settings.factor_passkey_press')}</Button>
            </p>
            <p class="mb-3">
                {telephone ? say('settings.factor_or_digits') : say('settings.factor_or_codes')}
            </p>
        {:else}
            <p class="mb-6">
                {telephone ? say('settings.factor_digits', { name }) : say('settings.factor_codes', { name })}
            </p>
        {/if}
        <form class="grid gap-4" novalidate onsubmit={onSent(() => !working && show())}>
            <Field
                name="code"
                label={say('settings.code')}
                autocomplete="one-time-code"
                required
                bind:value={code}
                error={fields.code}
            />
            {#if trouble}<Notice>{trouble}</Notice>{/if}
            <div class="flex flex-wrap items-center gap-x-5">
                <Button type="submit" color={passkey && machineCan() ? 'alternative' : undefined} disabled={working}
                    >{working ? say('pages.one_moment') : say('settings.sign_in')}</Button
                >
                <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('settings.begin_again')}</a>
            </div>
        </form>
    </div>
</main>
