<script lang="ts">
    /** The head of a page: whose it is, and the way to where it begins. */
    import type { Snippet } from 'svelte';
    import { say } from '../lib/say';

    interface Props {
        school?: string;
        home?: string;
        /** The ways that whoever is signed in has from here. */
        children?: Snippet;
    }
    let { school = '', home = '/', children }: Props = $props();
</script>

<header class="{children ? 'mb-3' : 'mb-6 pb-2'} flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-line">
    <a href={home} class="inline-flex min-h-11 items-center gap-2 no-underline">
        <img src="/icon.svg" alt="" width="28" height="28" />
        <span class="font-display text-lg font-bold text-ink {children ? 'max-[359px]:sr-only' : ''}"
            >{school || say('pages.recess')}</span
        >
    </a>
    {@render children?.()}
</header>
