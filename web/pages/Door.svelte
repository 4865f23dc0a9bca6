<script lang="ts">
    /** A staff member's door: who this is, and what can be booked with them. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import type { Schema } from '../lib/api';
    import { elsewhereBriefly } from '../lib/elsewhere';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';

    let { school, office, zone, host, knock, sheets }: Schema['DoorPage'] = $props();
</script>

<main class="sheet-of-paper">
    <Masthead {school} />
    <div class="flex items-center gap-4">
        {#if host.picture}<img src={host.picture} alt="" width="96" height="96" class="rounded-full" />{/if}
        <div>
            <h1>{host.name}</h1>
            <p class="text-lg text-faint">{[host.title, host.subject].filter(Boolean).join(', ')}</p>
        </div>
    </div>
    {#if sheets.length === 0 && !knock}
        <p class="mt-6">
            <Said key="board.none_here">{#snippet link(text)}<a href="/">{text}</a>{/snippet}</Said>
        </p>
    {/if}
    <ul class="mt-6 grid max-w-3xl gap-4">
        {#each sheets as sheet (sheet.path)}
            {@const there = sheet.next_at && elsewhereBriefly(sheet.next_at, zone)}
            <li class="slip">
                <h2><a href={sheet.path} class="inline-block py-1">{sheet.title}</a></h2>
                {#if sheet.intro}<p class="mt-1"><bdi>{sheet.intro}</bdi></p>{/if}
                <p class="mt-1 text-faint">
                    {there ? say('board.next_elsewhere', { next: sheet.next, there }) : sheet.next}
                </p>
            </li>
        {/each}
    </ul>
    {#if knock}
        <p class="mt-6">
            {sheets.length === 0 ? say('board.ask_all_the_same') : say('board.ask_none_suits')}
            <a class="press ms-2" href={knock}>{say('board.ask_for_time', { host: host.name })}</a>
        </p>
    {/if}
    <Office phone={office} />
</main>
