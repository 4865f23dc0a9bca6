<script lang="ts">
    /** What came to the mailbox for answers and was left alone, for the office. */
    import { say } from '../lib/say';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        /** Of the mailbox; empty where none is read. */
        address: string;
        left: { id: number; when: string; from: string; subject: string; why: string }[];
    }
    let { host, address, left }: Props = $props();
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1>{say('office.mail_left')}</h1>
    <p class="mb-2 max-w-prose text-faint">
        {address ? say('office.mail_answers', { mailbox: address }) : say('office.mail_none_read')}
    </p>
    <ul class="divide-y divide-line">
        {#each left as one (one.id)}
            <li class="grid gap-x-4 py-2 sm:grid-cols-[15rem_1fr]">
                <span class="times text-faint">{one.when}</span>
                <span class="min-w-0 break-words"
                    ><strong>{one.from || say('office.no_sender')}</strong>
                    {one.subject}<br /><span class="text-faint">{one.why}</span></span
                >
            </li>
        {:else}
            <li class="py-2">{say('office.mail_left_none')}</li>
        {/each}
    </ul>
</main>
