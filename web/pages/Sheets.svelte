<script lang="ts">
    /** A staff member's sheets at a glance. */
    import type { Schema } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        host: string;
        sheets: Schema['SheetRow'][];
    }
    let { host, sheets }: Props = $props();
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <div class="mb-6 flex flex-wrap items-center gap-4">
        <h1>Your sheets</h1>
        <a class="press main ml-auto" href="/staff/sheets/new">Write a new sheet</a>
    </div>
    {#if sheets.length === 0}
        <p class="max-w-prose">
            A sheet says when and where people can meet you. Write the first one, publish it, and pass its link on.
        </p>
    {:else}
        <ul class="grid gap-3">
            {#each sheets as sheet (sheet.id)}
                <li class="slip grid gap-x-6 gap-y-2 md:grid-cols-[minmax(0,1fr)_16rem] md:items-center">
                    <div>
                        <h2 class="flex flex-wrap items-center gap-3">
                            <a href="/staff/sheets/{sheet.id}" class="py-1">{sheet.title}</a>
                            <span class="chip {sheet.state}">{sheet.state}</span>
                        </h2>
                        <p class="times text-faint">{sheet.when}</p>
                    </div>
                    <div>
                        <p>{sheet.taken} of {sheet.slots} taken</p>
                        <svg
                            viewBox="0 0 {Math.max(sheet.slots, 1)} 1"
                            preserveAspectRatio="none"
                            class="fill mt-1"
                            aria-hidden="true"
                        >
                            <rect width={sheet.slots} height="1" class="ground" />
                            <rect width={sheet.taken} height="1" class="taken" />
                        </svg>
                    </div>
                </li>
            {/each}
        </ul>
    {/if}
</main>

<style>
    .fill {
        width: 100%;
        height: 0.7rem;
        border: 1px solid var(--edge);
    }
    .ground {
        fill: var(--wash);
    }
    .taken {
        fill: var(--board);
    }
</style>
