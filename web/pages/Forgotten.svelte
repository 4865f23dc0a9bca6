<script lang="ts">
    /** Whoever forgot their password asks for a letter. */
    import { Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside } from '../lib/api';
    import Field from '../controls/Field.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import { onSent } from '../lib/form';
    import { say } from '../lib/say';

    let email = $state('');
    let said = $state('');
    let message = $state('');
    let fields = $state<Record<string, string>>({});

    async function send() {
        const answer = await ask(api.POST('/api/staff/forgotten', { body: { email } }));
        said = answer.data?.said ?? '';
        fields = answer.trouble?.fields ?? {};
        message = beside(answer.trouble);
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    <div class="max-w-md">
        <h1 class="mb-2">{say('signin.forgotten')}</h1>
        <p class="mb-6">{say('signin.forgotten_what')}</p>
        <form class="grid gap-4" novalidate onsubmit={onSent(send)}>
            <Field
                name="email"
                label={say('signin.email')}
                type="email"
                autocomplete="username"
                required
                bind:value={email}
                change={() => (said = '')}
                error={fields.email}
            />
            {#if message}<Notice>{message}</Notice>{/if}
            {#if said}<Notice good>{said}</Notice>{/if}
            <div class="flex flex-wrap items-center gap-x-5">
                <Button type="submit" disabled={said !== ''}>{say('signin.send_letter')}</Button>
                <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('signin.back')}</a>
            </div>
        </form>
    </div>
</main>
