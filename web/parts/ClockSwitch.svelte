<script lang="ts">
    import { say } from '../lib/say';
    import { clock } from '../lib/clock.svelte';

    interface Props {
        /** Asks the server again for what it said on the clock before; without it the page is loaded again. */
        again?: () => unknown;
    }
    let { again = () => location.reload() }: Props = $props();
    function turn() {
        clock.switch();
        again();
    }
</script>

<button
    type="button"
    class="inline-flex min-h-11 cursor-pointer items-center px-1 text-[0.95rem] text-faint underline underline-offset-4"
    onclick={turn}
>
    {clock.twelve ? say('pages.clock_24') : say('pages.clock_12')}
</button>
