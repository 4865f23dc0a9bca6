<script lang="ts">
    /** Somebody came back from the school's own service and is not in; why, and what to do. */
    import Masthead from '../parts/Masthead.svelte';

    let { said }: { said: string } = $props();
</script>

<main class="sheet-of-paper">
    <Masthead />
    <h1 class="mb-2">You are not signed in</h1>
    <p class="mb-4 max-w-2xl" role="alert">{said}</p>
    <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">Back to signing in</a>
</main>
