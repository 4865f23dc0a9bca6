<script lang="ts">
    import { clock } from '../lib/clock.svelte';
</script>

<button
    type="button"
    class="inline-flex min-h-11 cursor-pointer items-center px-1 text-[0.95rem] text-faint underline underline-offset-4"
    onclick={() => clock.switch()}
>
    {clock.twelve ? '24-hour clock' : '12-hour clock'}
</button>
