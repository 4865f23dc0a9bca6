<script lang="ts">
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
    {clock.twelve ? '24-hour clock' : '12-hour clock'}
</button>
