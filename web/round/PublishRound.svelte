<script lang="ts">
    /** What comes of publishing a round, before it is done. */
    import { say } from '../lib/say';
    import { Button, Modal } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import type { Setup } from './setup.svelte';

    let { setup, open = $bindable() }: { setup: Setup; open: boolean } = $props();

    const placeless = $derived((setup.round?.parts ?? []).filter((one) => !one.has_place).length);
</script>

<Modal bind:open title={say('arranging.publish_heading')} size="md">
    {#if setup.round}
        <p class="font-semibold">{setup.form.title}</p>
        {#each setup.round.look.sentences as sentence (sentence)}<p>{sentence}</p>{/each}
        <p>{setup.round.look.said} {setup.round.look.short_said} {setup.round.look.untaught_said}</p>
        {#if placeless > 0}
            <Notice>{say('arranging.placeless', { many: placeless })}</Notice>
        {/if}
        <p>
            {setup.form.collects ? say('arranging.publish_wishes') : say('arranging.publish_booking')}
        </p>
        <div class="flex gap-3">
            <Button
                disabled={placeless > 0 || setup.form.staff.length === 0}
                onclick={async () => {
                    open = false;
                    await setup.publish();
                }}>{say('arranging.publish_it')}</Button
            >
            <Button color="alternative" onclick={() => (open = false)}>{say('arranging.not_yet')}</Button>
        </div>
    {/if}
</Modal>
