<script lang="ts">
    /** Two people have changed one sheet: the second sees where they differ and chooses, sentence by sentence. */
    import { say } from '../lib/say';
    import { Button, Radio } from '../lib/controls';
    import type { Form } from '../lib/draft.svelte';

    interface Props {
        mine: Form;
        theirs: Form;
        merged: (form: Form) => void;
    }
    let { mine, theirs, merged }: Props = $props();

    const PARTS: [keyof Form, string][] = [
        ['title', say('writing.title')],
        ['kind', say('writing.part_kind')],
        ['intro', say('writing.part_intro')],
        ['blocks', say('writing.when')],
        ['joining', say('writing.part_joining')],
        ['places', say('writing.part_where')],
        ['questions', say('writing.ask')],
        ['rules', say('writing.part_rules')],
        ['hosts', say('writing.colleagues')],
    ];
    const differing = $derived(PARTS.filter(([name]) => JSON.stringify(mine[name]) !== JSON.stringify(theirs[name])));
    let choice = $state<Record<string, 'mine' | 'theirs'>>({});
    const short = (value: unknown) =>
        typeof value === 'string'
            ? value || say('writing.empty')
            : JSON.stringify(value, (key, one) => (['id', 'changes', 'key'].includes(key) ? undefined : one)).slice(
                  0,
                  400,
              );

    function done() {
        const form = { ...theirs } as Record<string, unknown>;
        for (const [name] of differing) if ((choice[name] ?? 'mine') === 'mine') form[name] = mine[name];
        merged({ ...(form as Form), version: theirs.version });
    }
</script>

<section class="slip" aria-labelledby="merge">
    <h2 id="merge">{say('writing.merge')}</h2>
    <p class="mt-1 mb-3">{say('writing.merge_about')}</p>
    {#each differing as [name, said] (name)}
        <fieldset class="mb-3 border-t border-line pt-2">
            <legend class="font-semibold">{said}</legend>
            {#each [['mine', say('writing.mine')], ['theirs', say('writing.theirs')]] as const as [value, label] (value)}
                <Radio
                    name="merge-{name}"
                    {value}
                    group={choice[name] ?? 'mine'}
                    onchange={() => (choice[name] = value)}
                    class="items-baseline"
                    ><span><strong>{label}:</strong> {short((value === 'mine' ? mine : theirs)[name])}</span></Radio
                >
            {/each}
        </fieldset>
    {/each}
    <Button onclick={done}>{say('writing.merge_press')}</Button>
</section>
