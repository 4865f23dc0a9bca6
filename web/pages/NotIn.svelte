<script lang="ts">
    /** Somebody came back from the school's own service and is not in; why, and what to do. */
    import { say } from '../lib/say';
    import Masthead from '../parts/Masthead.svelte';

    let { said }: { said: string } = $props();
</script>

<main class="sheet-of-paper">
    <Masthead />
    <h1 class="mb-2">{say('signin.not_in')}</h1>
    <p class="mb-4 max-w-2xl" role="alert">{said}</p>
    <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">{say('signin.back')}</a>
</main>
