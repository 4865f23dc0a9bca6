<script lang="ts">
    /** A colleague has been put on somebody's sheet as one who has to be there: seen, and refused if it cannot be. */
    import { say } from '../lib/say';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { Button } from '../lib/controls';

    interface Props {
        sheet: Schema['HostSheet'];
    }
    let { sheet }: Props = $props();
    let message = $state('');

    async function refuse() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/refuse', { params: { path: { sheet: sheet.id } } }),
        );
        message = answer.trouble?.message ?? '';
        if (answer.data) location.assign(answer.data.to);
    }
</script>

<div class="mt-2 flex flex-wrap items-center gap-3">
    <p>{sheet.asked_of_you}</p>
    <Button color="red" outline onclick={refuse}>{say('hosting.lists_away')}</Button>
    {#if message}<Notice>{message}</Notice>{/if}
</div>
