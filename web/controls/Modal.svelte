<script lang="ts">
    /**
     * A dialog that is gone at the press that closes it. While one fades, the page behind it is still inert: what
     * somebody types or presses in that time goes nowhere, and nothing says so.
     */
    import type { ComponentProps } from 'svelte';
    import FlowbiteModal from 'flowbite-svelte/Modal.svelte';

    let { open = $bindable(false), ...rest }: ComponentProps<typeof FlowbiteModal> = $props();
</script>

<FlowbiteModal bind:open {...rest} transitionParams={{ duration: 0 }} />
