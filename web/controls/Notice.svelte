<script lang="ts">
    /** What went wrong, or needs another look: said at once to those who cannot see it. */
    import type { Snippet } from 'svelte';
    import { Alert } from '../lib/controls';

    interface Props {
        /** Good news is said quietly. */
        good?: boolean;
        class?: string;
        children: Snippet;
    }
    let { good = false, class: extra = '', children }: Props = $props();
</script>

<Alert
    color={good ? 'primary' : 'red'}
    role={good ? 'status' : 'alert'}
    transition={undefined}
    class="text-ink {good ? 'border-marigold' : 'border-brick'} {extra}">{@render children()}</Alert
>
