<script lang="ts">
    /** Who else has to be there. */
    import { say } from '../lib/say';
    import { listed } from '../lib/listed';
    import Fold from '../controls/Fold.svelte';
    import type { Schema } from '../lib/api';
    import type { Asking } from './asking.svelte';

    interface Props {
        page: Schema['KnockPage'];
        asking: Asking;
        asked: string[];
    }
    let { page, asking, asked }: Props = $props();

    const MOST = 5;
    const full = $derived(asking.typed.with.length >= MOST);
</script>

{#if page.others.length > 0}
    <Fold class="-my-2" begins={asking.typed.with.length > 0}>
        <summary
            >{asking.typed.with.length > 0
                ? say('asking.with_these', { names: listed(asked) })
                : say('asking.with')}</summary
        >
        <div class="flex max-h-44 flex-wrap gap-x-5 overflow-y-auto">
            {#each page.others as one (one.slug)}
                <label class="inline-flex min-h-11 items-center gap-2">
                    <input
                        type="checkbox"
                        checked={asking.typed.with.includes(one.slug)}
                        disabled={full && !asking.typed.with.includes(one.slug)}
                        onchange={(event) => void asking.together(one.slug, event.currentTarget.checked)}
                    />
                    {one.name}<span class="text-faint">{one.subject}</span>
                </label>
            {/each}
        </div>
        {#if asking.fields.with}<p class="font-semibold text-brick" role="alert">{asking.fields.with}</p>{/if}
    </Fold>
{/if}

<style>
    summary {
        min-height: 2.75rem;
        padding: 0.5rem 0;
        cursor: pointer;
        color: var(--board);
    }
</style>
