<script lang="ts">
    /** Another password for oneself. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Whose from '../controls/Whose.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside } from '../lib/api';
    import NewPassword from './NewPassword.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        email: string;
        least: number;
    }
    let { email, least }: Props = $props();

    let current = $state('');
    let password = $state('');
    let fields = $state<Record<string, string>>({});
    let said = $state('');
    let trouble = $state('');

    async function change() {
        const answer = await ask(api.PUT('/api/staff/me/password', { body: { current, password } }));
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        said = answer.data?.said ?? '';
        if (answer.data) current = password = '';
    }
</script>

<details class="max-w-md">
    <summary class="min-h-11 cursor-pointer py-2 font-semibold">{say('settings.password_another')}</summary>
    <form class="grid gap-4" novalidate onsubmit={onSent(change)}>
        <Whose {email} />
        <Field
            name="current"
            label={say('settings.password_now')}
            type="password"
            autocomplete="current-password"
            required
            bind:value={current}
            error={fields.current}
        />
        <NewPassword bind:value={password} {least} error={fields.password} />
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        {#if said}<Notice good>{said}</Notice>{/if}
        <Button type="submit" class="justify-self-start">{say('settings.password_press')}</Button>
    </form>
</details>
