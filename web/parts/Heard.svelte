<script lang="ts">
    /** Says when nothing is heard from the server: what is shown is as old as that. */
    import type { Live } from '../lib/live.svelte';
    import { clock } from '../lib/clock.svelte';

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
            You are not signed in any more: nothing was pressed here for half an hour, or you signed out elsewhere. What
            stands here is as it was at {clock.say(at)}.
            <a href="/staff/sign-in" target="_blank">Sign in in another tab</a>; this page goes on then.
        </p>{:else if live.lost}<p class="notice no-print mb-3">
            Nothing has been heard from the school since {clock.say(at)}. What stands here is as it was then; this page
            keeps trying, and catches up by itself.
        </p>{/if}
</div>
