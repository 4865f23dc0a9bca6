<script lang="ts">
    /** The school's public page: who can be met. */
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        school: string;
        sheets: { path: string; title: string; host: { name: string; subject: string }; free: number }[];
    }
    let { school, sheets }: Props = $props();
</script>

<main class="sheet-of-paper">
    <Masthead {school} />
    <h1>Meet our staff</h1>
    {#if sheets.length === 0}
        <p class="mt-4">Nothing can be booked just now. The office knows when the next meetings are.</p>
    {:else}
        <p class="mt-2 max-w-prose">Choose who you would like to meet, then pick a time. No account is needed.</p>
        <ul class="mt-6 grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
            {#each sheets as sheet (sheet.path)}
                <li class="slip grid content-start gap-1">
                    <h2><a href={sheet.path} class="inline-block py-1">{sheet.host.name}</a></h2>
                    <p>{sheet.host.subject}</p>
                    <p class="text-faint">
                        {sheet.title} · {sheet.free === 0 ? 'every time is taken' : `${sheet.free} free`}
                    </p>
                </li>
            {/each}
        </ul>
    {/if}
    <p class="mt-10"><a class="inline-block py-2" href="/staff">For staff: sign in</a></p>
</main>
