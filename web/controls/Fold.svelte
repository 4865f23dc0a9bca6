<script lang="ts">
    /** A fold that begins open or shut, and is its reader's from then on: what the page hears meanwhile neither opens nor shuts it. */
    import type { Snippet } from 'svelte';

    interface Props {
        begins: boolean;
        class?: string;
        /** Its summary, and what lies in it. */
        children: Snippet;
    }
    let { begins, class: extra = '', children }: Props = $props();
    // svelte-ignore state_referenced_locally
    let open = $state(begins);
</script>

<details class={extra} bind:open>
    {@render children()}
</details>
