<script lang="ts">
    /** Rules that have no sentence of their own yet: a line and a blank each, as the rulebook declares them. */
    import { Checkbox } from '../lib/controls';
    import Pick from '../controls/Pick.svelte';
    import type { Draft } from '../lib/draft.svelte';
    import { besides, type Term } from '../lib/rulebook';
    import Blank from '../controls/Blank.svelte';

    interface Props {
        draft: Draft;
        rulebook: Term[];
    }
    let { draft, rulebook }: Props = $props();
    const rules = $derived(draft.form.rules as unknown as Record<string, string | number | boolean | null>);
    const change = () => draft.changed();
</script>

{#each besides(rulebook) as term (term.name)}
    <p class="line">
        {#if term.kind === 'yes'}
            <Checkbox
                checked={rules[term.name] === true}
                onchange={(event) => {
                    rules[term.name] = event.currentTarget.checked;
                    change();
                }}>{term.asks}</Checkbox
            >
        {:else if term.kind === 'choice'}
            <label
                >{term.asks}:
                <Pick
                    value={rules[term.name]}
                    onchange={(event) => {
                        rules[term.name] = event.currentTarget.value;
                        change();
                    }}
                >
                    {#each term.choices as choice (choice)}<option>{choice}</option>{/each}
                </Pick></label
            >
        {:else}
            {term.asks}:
            <Blank
                name="rules.{term.name}"
                label={term.asks}
                type={term.kind === 'whole' ? 'number' : term.kind === 'moment' ? 'datetime-local' : 'text'}
                min={term.kind === 'whole' ? term.least : undefined}
                bind:value={
                    () => rules[term.name] as string | number | null,
                    (value: string | number | null) => (rules[term.name] = value)
                }
            />
        {/if}
    </p>
{/each}
