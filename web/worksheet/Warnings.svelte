<script lang="ts">
    /** What looks like a slip in one sentence, each with its mend one press away. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import type { Draft } from '../lib/draft.svelte';

    interface Props {
        draft: Draft;
        /** The fields it is about begin so. */
        about: string[];
    }
    let { draft, about }: Props = $props();
    const warnings = $derived(
        (draft.drawing?.warnings ?? []).filter((one) => about.some((start) => one.about.startsWith(start))),
    );
</script>

{#if warnings.length > 0}
    <ul class="my-3 grid gap-2" aria-label={say('writing.look_again')}>
        {#each warnings as warning, i (i)}
            <li class="notice flex flex-wrap items-center gap-x-4 gap-y-1">
                <span class="min-w-0 flex-1 basis-60">{warning.message}</span>
                {#if warning.mend}
                    <Button
                        color="alternative"
                        onclick={() => draft.mend(warning.mend!.form as Record<string, unknown>)}
                        >{warning.mend.label}</Button
                    >
                {/if}
            </li>
        {/each}
    </ul>
{/if}
