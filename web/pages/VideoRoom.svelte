<script lang="ts">
    /** The demo's stand-in for a video service: a room that says whose it is. */
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        title: string;
        host: string;
        when: string;
    }
    let { title, host, when }: Props = $props();
</script>

<main class="sheet-of-paper">
    <Masthead />
    <h1>A room of your own</h1>
    <p class="mt-3 max-w-prose">
        {title} with {host}: <span class="times">{when}</span>. In the demo nobody can be seen or heard here; where a
        video service is set up, its room opens instead.
    </p>
</main>
