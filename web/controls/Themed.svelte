<script lang="ts">
    /** A staff page with its controls themed. */
    import type { Component } from 'svelte';
    import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
    import { theme } from '../lib/theme';

    interface Props {
        page: Component<Record<string, unknown>>;
        data: Record<string, unknown>;
    }
    let { page: Page, data }: Props = $props();
</script>

<ThemeProvider {theme}>
    <Page {...data} />
</ThemeProvider>
