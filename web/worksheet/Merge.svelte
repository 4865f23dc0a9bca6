<script lang="ts">
    /** Two people have changed one sheet: the second sees where they differ and chooses, sentence by sentence. */
    import { Button, Radio } from '../lib/controls';
    import type { Form } from '../lib/draft.svelte';

    interface Props {
        mine: Form;
        theirs: Form;
        merged: (form: Form) => void;
    }
    let { mine, theirs, merged }: Props = $props();

    const PARTS: [keyof Form, string][] = [
        ['title', 'Title'],
        ['kind', 'Kind'],
        ['intro', 'What is read before booking'],
        ['blocks', 'When'],
        ['joining', 'Blocks that overlap'],
        ['places', 'Where'],
        ['questions', 'Ask'],
        ['rules', 'Rules'],
        ['hosts', 'Colleagues'],
    ];
    const differing = $derived(PARTS.filter(([name]) => JSON.stringify(mine[name]) !== JSON.stringify(theirs[name])));
    let choice = $state<Record<string, 'mine' | 'theirs'>>({});
    const short = (value: unknown) =>
        typeof value === 'string'
            ? value || '(empty)'
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
    <h2 id="merge">Somebody else has changed this sheet meanwhile</h2>
    <p class="mt-1 mb-3">Nothing is lost. Where the two differ, choose which one counts; then save again.</p>
    {#each differing as [name, said] (name)}
        <fieldset class="mb-3 border-t border-line pt-2">
            <legend class="font-semibold">{said}</legend>
            {#each [['mine', 'Mine'], ['theirs', 'Theirs']] as const as [value, label] (value)}
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
    <Button onclick={done}>Go on with these</Button>
</section>
