<script lang="ts">
    /** What a pass shows wherever it is shown: how to keep one without an address, what was just done, the plan, the bookings. */
    import type { Schema } from '../lib/api';
    import type { ComponentProps } from 'svelte';
    import KeepThisPass from './KeepThisPass.svelte';
    import PassView from './PassView.svelte';

    interface Props {
        pass: Schema['Pass'];
        changed: (pass: Schema['Pass']) => void;
        /** The slot of what has just been booked: it is open. */
        newest?: string | null;
        asked?: ComponentProps<typeof PassView>['asked'];
    }
    let { pass, changed, newest = null, asked }: Props = $props();
</script>

{#if !pass.email}<KeepThisPass {pass} />{/if}
{#each pass.left as said (said)}<p class="notice mb-3">{said}</p>{/each}
<PassView {pass} {newest} {changed} {asked} />
