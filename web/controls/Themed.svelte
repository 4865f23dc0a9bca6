<script lang="ts">
    /** A staff page with its controls themed. */
    import type { Component } from 'svelte';
    import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
    import { provedBy } from '../lib/prove';
    import { proving } from '../lib/proving.svelte';
    import { theme } from '../lib/theme';
    import Prove from './Prove.svelte';

    interface Props {
        page: Component<Record<string, unknown>>;
        data: Record<string, unknown>;
    }
    let { page: Page, data }: Props = $props();

    provedBy((wanted) => proving.ask(wanted));
</script>

<ThemeProvider {theme}>
    <Page {...data} />
    <Prove />
</ThemeProvider>
