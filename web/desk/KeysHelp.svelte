<script lang="ts">
    /** The single keys of the desk, and the switch for whoever would press them by accident (WCAG 2.2, 2.1.4). */
    import { say } from '../lib/say';
    import { Checkbox, Modal } from '../lib/controls';

    interface Props {
        open: boolean;
        on: boolean;
        keys: [string, string][];
    }
    let { open = $bindable(), on = $bindable(), keys }: Props = $props();
</script>

<Modal bind:open title={say('desk.keys')} size="xs" autoclose={false}>
    <dl class="facts">
        {#each keys as [key, does] (key)}
            <dt><kbd class="chip">{key}</kbd></dt>
            <dd>{does}</dd>
        {/each}
    </dl>
    <Checkbox bind:checked={on}>{say('desk.keys_on')}</Checkbox>
</Modal>
