<script lang="ts">
    /** What came to the mailbox for answers and was left alone, for the office. */
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        host: string;
        /** Of the mailbox; empty where none is read. */
        address: string;
        left: { id: number; when: string; from: string; subject: string; why: string }[];
    }
    let { host, address, left }: Props = $props();
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <h1>Mail that was left alone</h1>
    <p class="mb-2 max-w-prose text-faint">
        {address
            ? `Calendar programs answer our entries to ${address}. What was understood is done; the rest stays in the mailbox as it came, and is listed here for a month.`
            : 'No mailbox is read, so calendar programs answer the other side by ordinary mail. How one is set up stands in the notes for the technician.'}
    </p>
    <ul class="divide-y divide-line">
        {#each left as one (one.id)}
            <li class="grid gap-x-4 py-2 sm:grid-cols-[15rem_1fr]">
                <span class="times text-faint">{one.when}</span>
                <span class="min-w-0 break-words"
                    ><strong>{one.from || 'No sender'}</strong>
                    {one.subject}<br /><span class="text-faint">{one.why}</span></span
                >
            </li>
        {:else}
            <li class="py-2">Nothing was left alone.</li>
        {/each}
    </ul>
</main>
