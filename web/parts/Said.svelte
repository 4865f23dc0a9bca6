<script lang="ts">
    /** A sentence of which something is shown otherwise than the rest: a snippet for each tag that stands in it. */
    import type { Snippet } from 'svelte';
    import { pieces, type Values } from '../lib/say';

    interface Props {
        key: string;
        values?: Values;
        [tag: string]: Snippet<[string]> | string | Values | undefined;
    }
    let { key, values = {}, ...tags }: Props = $props();
    const shown = (tag: string) => tags[tag] as Snippet<[string]>;
</script>

{#each pieces(key, values) as piece, i (i)}{#if piece.tag}{@render shown(piece.tag)(
            piece.text,
        )}{:else}{piece.text}{/if}{/each}
