<script lang="ts">
    /** What comes of publishing a round, before it is done. */
    import { Button, Modal } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import type { Setup } from './setup.svelte';

    let { setup, open = $bindable() }: { setup: Setup; open: boolean } = $props();

    const placeless = $derived((setup.round?.parts ?? []).filter((one) => !one.has_place).length);
</script>

<Modal bind:open title="Publish this round?" size="md">
    {#if setup.round}
        <p class="font-semibold">{setup.form.title}</p>
        {#each setup.round.look.sentences as sentence (sentence)}<p>{sentence}</p>{/each}
        <p>{setup.round.look.said} {setup.round.look.short_said} {setup.round.look.untaught_said}</p>
        {#if placeless > 0}
            <Notice
                >{placeless === 1
                    ? 'One teacher has no place yet. It can be published once they do.'
                    : `${placeless} teachers have no place yet. It can be published once they do.`}</Notice
            >
        {/if}
        <p>
            {setup.form.collects
                ? 'Families can send wishes then; nothing is booked before you give the times.'
                : 'Each of them has a sheet then, and families book.'} What is common to all sheets cannot be changed here
            any more.
        </p>
        <div class="flex gap-3">
            <Button
                disabled={placeless > 0 || setup.form.staff.length === 0}
                onclick={async () => {
                    open = false;
                    await setup.publish();
                }}>Publish it</Button
            >
            <Button color="alternative" onclick={() => (open = false)}>Not yet</Button>
        </div>
    {/if}
</Modal>
