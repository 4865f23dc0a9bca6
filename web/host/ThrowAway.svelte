<script lang="ts">
    /** Removes a sheet on which nobody ever booked: a press, and a second one on a sentence that says what is lost. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { tick } from 'svelte';
    import { api, ask } from '../lib/api';

    interface Props {
        id: number;
        /** Whether somebody may have its link. */
        published: boolean;
    }
    let { id, published }: Props = $props();

    let asking = $state(false);
    let message = $state('');
    let box = $state<HTMLElement>();

    async function turn(now: boolean) {
        asking = now;
        await tick();
        box?.focus();
    }
    async function press() {
        const answer = await ask(api.DELETE('/api/staff/sheets/{sheet}', { params: { path: { sheet: id } } }));
        message = answer.trouble?.message ?? '';
        if (answer.data) location.assign(answer.data.to);
    }
</script>

<div tabindex="-1" bind:this={box}>
    {#if asking}
        <p class="mb-2">
            {published ? say('hosting.throw_published') : say('hosting.throw_draft')}
        </p>
        <div class="flex flex-wrap gap-3">
            <Button color="red" outline onclick={press}>{say('hosting.throw_press')}</Button>
            <Button color="alternative" onclick={() => turn(false)}>{say('hosting.leave_it')}</Button>
        </div>
    {:else}
        <TextButton onclick={() => turn(true)}>{say('hosting.throw')}</TextButton>
    {/if}
    {#if message}<Notice class="mt-2">{message}</Notice>{/if}
</div>
