<script lang="ts">
    /** Whoever was invited, or forgot their password, chooses one. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import NewPassword from '../settings/NewPassword.svelte';
    import { api, ask, beside } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        token: string;
        person: { name: string; email: string; school: string } | null;
        said: string;
        least: number;
    }
    let { token, person, said, least }: Props = $props();

    let password = $state('');
    let working = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});

    async function choose() {
        working = true;
        const answer = await ask(
            api.POST('/api/staff/join/{token}', { params: { path: { token } }, body: { password } }),
        );
        if (answer.data) return location.replace(answer.data.to);
        working = false;
        fields = answer.trouble.fields;
        message = beside(answer.trouble);
    }
</script>

<main class="sheet-of-paper">
    <Masthead school={person?.school ?? ''} />
    <div class="max-w-md">
        {#if person}
            <h1 class="mb-2">{person.name}</h1>
            <p class="mb-6">{said}</p>
            <form class="grid gap-4" novalidate onsubmit={onSent(() => !working && choose())}>
                <NewPassword email={person.email} bind:value={password} {least} error={fields.password} />
                {#if message}<Notice>{message}</Notice>{/if}
                <Button type="submit" class="justify-self-start" disabled={working}
                    >{working ? say('pages.one_moment') : say('settings.join_press')}</Button
                >
            </form>
        {:else}
            <h1 class="mb-2">{say('settings.opens_nothing')}</h1>
            <p class="mb-6">{said}</p>
            <p class="flex flex-wrap gap-x-5">
                <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('settings.sign_in')}</a>
                <a class="inline-flex min-h-11 items-center" href="/staff/forgotten"
                    >{say('settings.password_forgotten')}</a
                >
            </p>
        {/if}
    </div>
</main>
