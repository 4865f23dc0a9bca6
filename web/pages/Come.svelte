<script lang="ts">
    /** Whoever opened a letter that signs in: one press, for programs that read mail press nothing. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';

    let { token, name }: { token: string; name: string | null } = $props();

    let working = $state(false);
    let trouble = $state('');

    async function come() {
        working = true;
        const answer = await ask(api.POST('/api/staff/come/{token}', { params: { path: { token } } }));
        if (answer.data) return location.replace(answer.data.to);
        working = false;
        trouble = answer.trouble.message;
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    {#if name}
        <h1 class="mb-4">{name}</h1>
        {#if trouble}<Notice class="mb-4">{trouble}</Notice>{/if}
        <Button disabled={working} onclick={come}>{working ? say('pages.one_moment') : say('office.come_press')}</Button
        >
    {:else}
        <h1 class="mb-2">{say('office.come_nothing')}</h1>
        <p class="mb-4">{say('office.come_used')}</p>
        <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('office.sign_in')}</a>
    {/if}
</main>
