<script lang="ts">
    /** What is about to be published, in one look; nothing is public before the press at its end. */
    import { Button, Modal } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import type { Draft } from '../lib/draft.svelte';

    interface Props {
        draft: Draft;
        /** What the sentences of the worksheet say. */
        says: { when: string; where: string; ask: string; rules: string; hosts: string; forWhom: string };
        open: boolean;
        working: boolean;
        message: string;
        publish: () => void;
    }
    let { draft, says, open = $bindable(), working, message, publish }: Props = $props();

    const missing = $derived(draft.drawing?.missing ?? []);
    // What is missing as a whole is not said again blank by blank.
    const faults = $derived([
        ...new Set(
            Object.entries(draft.drawing?.errors ?? {})
                .filter(([name]) => missing.length === 0 || !/^(title|blocks|places)/.test(name))
                .map(([, said]) => said),
        ),
    ]);
    const warnings = $derived(draft.drawing?.warnings ?? []);
    $effect(() => {
        if (open) requestAnimationFrame(() => document.getElementById('summary-back')?.focus());
    });
    const ready = $derived(draft.settled && !draft.unread && missing.length === 0 && faults.length === 0);
</script>

<Modal bind:open title="Look it over, then publish" size="md">
    <dl class="facts">
        <dt>What</dt>
        <dd class="font-semibold">{draft.form.title || 'No title yet'}</dd>
        <dt>When</dt>
        <dd>{says.when || 'Not said yet.'}</dd>
        <dt>How many</dt>
        <dd>{draft.drawing?.sentence ?? ''}</dd>
        <dt>Where</dt>
        <dd>{says.where || 'Not said yet.'}</dd>
        {#if says.hosts}<dt>With</dt>
            <dd>{says.hosts}</dd>{/if}
        <dt>Asked</dt>
        <dd>{says.ask}</dd>
        <dt>For whom</dt>
        <dd>{says.forWhom} {says.rules}</dd>
    </dl>
    {#if draft.lost}<Notice class="mt-3">{draft.lost}</Notice>{/if}
    {#if draft.unread}<Notice class="mt-3"
            >The line at the top cannot be read as it stands. Mend it, or empty it.</Notice
        >{/if}
    {#if missing.length > 0 || faults.length > 0}
        <Notice class="mt-3">
            <p>Before it can open:</p>
            <ul class="list-disc ps-5">
                {#each [...missing, ...faults] as one, i (i)}<li>{one}</li>{/each}
            </ul>
        </Notice>
    {/if}
    {#if warnings.length > 0}
        <Notice class="mt-3">
            <p>Look again, if you have not:</p>
            <ul class="list-disc ps-5">
                {#each warnings as warning, i (i)}<li>{warning.message}</li>{/each}
            </ul>
        </Notice>
    {/if}
    {#if message}<Notice class="mt-3">{message}</Notice>{/if}
    <p class="mt-3 text-faint">As long as nobody has booked, you can take it back to a draft.</p>
    {#snippet footer()}
        <Button onclick={publish} disabled={!ready || working}>{working ? 'One moment…' : 'Publish it'}</Button>
        <!-- The focus begins here, so that Enter publishes nothing. -->
        <Button id="summary-back" color="alternative" onclick={() => (open = false)}>Back to the worksheet</Button>
    {/snippet}
</Modal>
