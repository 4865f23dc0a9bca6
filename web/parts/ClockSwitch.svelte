<script lang="ts">
    import { clock } from '../lib/clock.svelte';
</script>

<button
    type="button"
    class="inline-flex min-h-11 cursor-pointer items-center px-1 text-[0.95rem] text-faint underline underline-offset-4"
    onclick={() => clock.switch()}
>
    {clock.twelve ? 'Show 16:40 instead of 4:40 pm' : 'Show 4:40 pm instead of 16:40'}
</button>
