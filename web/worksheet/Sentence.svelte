<script lang="ts">
    /** One sentence of the worksheet: a plain line that says what holds now, and opens in place to be changed. */
    import { say } from '../lib/say';
    import TextButton from '../controls/TextButton.svelte';
    import type { Snippet } from 'svelte';

    interface Props {
        name: 'when' | 'where' | 'ask' | 'rules';
        says: string;
        open?: boolean;
        wrong?: boolean;
        /** What comes of it, in sight whether the blanks are open or not. */
        below?: Snippet;
        children: Snippet;
    }
    let { name, says, open = $bindable(false), wrong = false, below, children }: Props = $props();

    const id = $derived(`sentence-${name}`);
    const shown = $derived(open || wrong);
</script>

<section class="border-t border-line pt-2" aria-labelledby={id}>
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h2 {id} class="min-w-16 shrink-0">{say(`writing.sentence_${name}`)}</h2>
        <p class="min-w-0 flex-1 basis-60" class:text-faint={!says}>{says || say('writing.not_said')}</p>
        <TextButton
            aria-expanded={shown}
            aria-controls="{id}-blanks"
            aria-label={shown ? say(`writing.fold_${name}`) : say(`writing.change_${name}`)}
            onclick={() => (open = !shown)}>{shown ? say('writing.fold') : say('writing.change')}</TextButton
        >
    </div>
    {@render below?.()}
    <div id="{id}-blanks" hidden={!shown} class="mt-2 pb-2">{@render children()}</div>
</section>
