<script lang="ts">
    /** All of "When" typed in one go: said back below, asked where it can be read in two ways. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Input, Label } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Draft } from '../lib/draft.svelte';

    interface Props {
        draft: Draft;
    }
    let { draft }: Props = $props();

    /** Single occurrences that differ, which no line can say: they stay when the line is typed over. */
    const beside = $derived(
        (draft.drawing?.blocks ?? []).flatMap((block) => block.beside.map((one) => ({ ...one, block: block.index }))),
    );
    const error = $derived(draft.lineError);
    const pointed = $derived(
        error === null
            ? null
            : {
                  before: draft.line.slice(0, error.position),
                  at: draft.line.slice(error.position, error.position + Math.max(1, error.length)) || '␣',
                  after: draft.line.slice(error.position + Math.max(1, error.length)),
              },
    );
</script>

<div>
    <Label for="quick-line"
        ><Said key="writing.quick"
            >{#snippet faint(text)}<span class="font-normal text-faint">{text}</span>{/snippet}</Said
        ></Label
    >
    <Input
        id="quick-line"
        dir="auto"
        class="w-full text-[1.05rem] tabular-nums"
        bind:value={draft.line}
        oninput={() => draft.typedLine()}
        placeholder={say('writing.quick_example')}
        autocomplete="off"
        spellcheck="false"
        aria-describedby="quick-said"
        aria-invalid={draft.unread ? 'true' : undefined}
    />
    <div id="quick-said" aria-live="polite">
        {#if error && pointed}
            <p class="times mt-1 wrap-anywhere text-faint" aria-hidden="true">
                {pointed.before}<mark class="pointed">{pointed.at}</mark>{pointed.after}
            </p>
            <Notice class="mt-1">
                {error.message}
                {#if error.understood}<span class="block text-faint"
                        >{say('writing.quick_understood', { understood: error.understood })}</span
                    >{/if}
            </Notice>
        {:else if draft.asks}
            <Notice class="mt-1">
                <p class="mb-1">{draft.asks.asks}</p>
                {#each draft.asks.readings as reading (reading.line)}
                    <TextButton class="block text-start" onclick={() => draft.say(reading.line)}
                        >{reading.said}</TextButton
                    >
                {/each}
            </Notice>
        {/if}
        {#each draft.notes as note, i (i)}
            <p class="mt-1">
                {note.message}
                {#if note.other}<TextButton class="min-h-0 py-0" onclick={() => draft.say(note.other!.line)}
                        >{say('writing.quick_make', { what: note.other.label })}</TextButton
                    >{/if}
            </p>
        {/each}
    </div>
    {#if beside.length > 0}
        <ul class="mt-1" aria-label={say('writing.quick_beside')}>
            {#each beside as one (`${one.block} ${one.date}`)}
                <li>
                    {one.said}
                    <TextButton
                        class="min-h-0 py-0"
                        aria-label={say('writing.as_usual', { what: one.said })}
                        onclick={() => {
                            const block = draft.form.blocks[one.block]!;
                            block.changes = block.changes.filter((changed) => changed.date !== one.date);
                            draft.changed();
                        }}>{say('writing.as_usual_2')}</TextButton
                    >
                </li>
            {/each}
        </ul>
    {/if}
</div>

<style>
    .pointed {
        background: none;
        color: var(--brick);
        border-bottom: 3px solid var(--brick);
        font-weight: 700;
    }
</style>
