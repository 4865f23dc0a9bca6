<script lang="ts">
    /** How one's own desk works: from when visitors can say that they are here, and when lateness matters. */
    import { Button } from '../lib/controls';
    import type { Desk } from './desk.svelte';

    let { desk }: { desk: Desk } = $props();
    // svelte-ignore state_referenced_locally
    let arrive = $state(desk.data.arrive_minutes);
    // svelte-ignore state_referenced_locally
    let missing = $state(desk.data.missing_minutes);
    // svelte-ignore state_referenced_locally
    let late = $state(desk.data.threshold);
    let said = $state('');
    async function keep() {
        const failed = await desk.set({ arrive_minutes: arrive, missing_minutes: missing, late_threshold: late });
        said = failed || 'Kept.';
    }
</script>

<details class="mt-4">
    <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4">How your desk works</summary>
    <p class="flex flex-wrap items-center gap-x-2 gap-y-1">
        <label for="arrive">Visitors can say that they are here from</label>
        <input id="arrive" class="box w-20" type="number" min="0" max="120" bind:value={arrive} />
        <span>minutes before their time.</span>
        <label for="missing">Who is not there counts as missing after</label>
        <input id="missing" class="box w-20" type="number" min="1" max="60" bind:value={missing} />
        <span>minutes.</span>
        <label for="threshold">Whoever comes later is told when you run late by</label>
        <input id="threshold" class="box w-20" type="number" min="5" max="120" bind:value={late} />
        <span>minutes.</span>
        <Button size="sm" color="alternative" onclick={keep}>Keep it so</Button>
        <span role="status">{said}</span>
    </p>
</details>
