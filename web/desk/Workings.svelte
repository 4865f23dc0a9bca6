<script lang="ts">
    /** How one's own desk works: from when visitors can say that they are here, and when lateness matters. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
        said = failed || say('desk.kept');
    }
</script>

<details class="mt-4">
    <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
        >{say('desk.workings')}</summary
    >
    <p class="flex flex-wrap items-center gap-x-2 gap-y-1">
        <Said key="desk.arrive"
            >{#snippet blank(label)}<input
                    class="box w-20"
                    aria-label={label}
                    type="number"
                    min="0"
                    max="120"
                    bind:value={arrive}
                />{/snippet}</Said
        >
        <Said key="desk.missing"
            >{#snippet blank(label)}<input
                    class="box w-20"
                    aria-label={label}
                    type="number"
                    min="1"
                    max="60"
                    bind:value={missing}
                />{/snippet}</Said
        >
        <Said key="desk.threshold"
            >{#snippet blank(label)}<input
                    class="box w-20"
                    aria-label={label}
                    type="number"
                    min="5"
                    max="120"
                    bind:value={late}
                />{/snippet}</Said
        >
        <Button size="sm" color="alternative" onclick={keep}>{say('desk.keep_it_so')}</Button>
        <span role="status">{said}</span>
    </p>
</details>
