<script lang="ts">
    /** A sheet inside a course page: the free times to look at; a press opens the sheet itself. */
    import { say } from '../lib/say';
    import { onMount } from 'svelte';
    import type { Schema } from '../lib/api';
    import Ruler from '../ruler/Ruler.svelte';

    let sheet: Schema['VisitSheet'] = $props();
    let box = $state<HTMLElement>();

    onMount(() => {
        // The page around gives the frame this height; it learns nothing else.
        const tell = () => parent.postMessage({ recess: 'height', height: box?.scrollHeight ?? 480 }, '*');
        const watch = new ResizeObserver(tell);
        if (box) watch.observe(box);
        return () => watch.disconnect();
    });
</script>

<main class="p-3" bind:this={box}>
    <h1 class="text-[1.4rem]">{sheet.title}</h1>
    <p class="mb-3 text-faint">
        {say('office.frame_about', { host: sheet.host.name, zone: sheet.zone, free: sheet.free })}
    </p>
    <h2 class="sr-only">{say('office.free_times')}</h2>
    <div class="grid gap-4">
        {#each sheet.days.slice(0, 3) as day (day.date)}
            <Ruler
                {day}
                pick={(slot) =>
                    window.open(`/s/${sheet.slug}?slot=${encodeURIComponent(slot.key)}`, '_blank', 'noopener')}
            />
        {/each}
    </div>
    <p class="mt-3">
        <a class="press main" href="/s/{sheet.slug}" target="_blank" rel="noopener">{say('office.see_all_times')}</a>
    </p>
</main>
