<script lang="ts">
    /** What is about to be published, in one look; nothing is public before the press at its end. */
    import { say } from '../lib/say';
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

<Modal bind:open title={say('writing.summary')} size="md">
    <dl class="facts">
        <dt>{say('writing.what')}</dt>
        <dd class="font-semibold">{draft.form.title || say('writing.no_title')}</dd>
        <dt>{say('writing.when')}</dt>
        <dd>{says.when || say('writing.not_said')}</dd>
        <dt>{say('writing.how_many')}</dt>
        <dd>{draft.drawing?.sentence ?? ''}</dd>
        <dt>{say('writing.sum_where')}</dt>
        <dd>{says.where || say('writing.not_said')}</dd>
        {#if says.hosts}<dt>{say('writing.hosts')}</dt>
            <dd>{says.hosts}</dd>{/if}
        <dt>{say('writing.asked')}</dt>
        <dd>{says.ask}</dd>
        <dt>{say('writing.for_whom')}</dt>
        <dd>{says.forWhom} {says.rules}</dd>
    </dl>
    {#if draft.lost}<Notice class="mt-3">{draft.lost}</Notice>{/if}
    {#if draft.unread}<Notice class="mt-3">{say('writing.unread')}</Notice>{/if}
    {#if missing.length > 0 || faults.length > 0}
        <Notice class="mt-3">
            <p>{say('writing.summary_before')}</p>
            <ul class="list-disc ps-5">
                {#each [...missing, ...faults] as one, i (i)}<li>{one}</li>{/each}
            </ul>
        </Notice>
    {/if}
    {#if warnings.length > 0}
        <Notice class="mt-3">
            <p>{say('writing.summary_look')}</p>
            <ul class="list-disc ps-5">
                {#each warnings as warning, i (i)}<li>{warning.message}</li>{/each}
            </ul>
        </Notice>
    {/if}
    {#if message}<Notice class="mt-3">{message}</Notice>{/if}
    <p class="mt-3 text-faint">{say('writing.summary_draft')}</p>
    {#snippet footer()}
        <Button onclick={publish} disabled={!ready || working}
            >{working ? say('pages.one_moment') : say('writing.publish_it')}</Button
        >
        <!-- The focus begins here, so that Enter publishes nothing. -->
        <Button id="summary-back" color="alternative" onclick={() => (open = false)}>{say('writing.back')}</Button>
    {/snippet}
</Modal>
