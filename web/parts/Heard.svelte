<script lang="ts">
    /** Says when nothing is heard from the server: what is shown is as old as that. */
    import type { Live } from '../lib/live.svelte';
    import { clock } from '../lib/clock.svelte';
    import Said from './Said.svelte';

    let { live }: { live: Pick<Live<never>, 'heard' | 'lost' | 'out'> } = $props();
    const at = $derived(
        new Date(live.heard).toLocaleTimeString('en-GB', {
            hour: '2-digit',
            minute: '2-digit',
            timeZone: document.documentElement.dataset.zone || undefined,
        }),
    );
</script>

<div role="status">
    {#if live.out}<p class="notice no-print mb-3">
            <Said key="said.signed_out" values={{ at: clock.say(at) }}>
                {#snippet link(text)}<a href="/staff/sign-in" target="_blank">{text}</a>{/snippet}
            </Said>
        </p>{:else if live.lost}<p class="notice no-print mb-3">
            <Said key="said.not_heard" values={{ at: clock.say(at) }} />
        </p>{/if}
</div>
