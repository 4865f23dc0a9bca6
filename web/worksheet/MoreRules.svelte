<script lang="ts">
    /** Rules that have no sentence of their own yet: a line and a blank each, as the rulebook declares them. */
    import type { Draft } from '../lib/draft.svelte';
    import { besides, type Term } from '../lib/rulebook';
    import Blank from '../parts/Blank.svelte';

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
            <label class="inline-flex items-center gap-2"
                ><input
                    type="checkbox"
                    checked={rules[term.name] === true}
                    onchange={(event) => {
                        rules[term.name] = event.currentTarget.checked;
                        change();
                    }}
                />
                {term.asks}</label
            >
        {:else if term.kind === 'choice'}
            <label
                >{term.asks}:
                <select
                    class="pick"
                    value={rules[term.name]}
                    onchange={(event) => {
                        rules[term.name] = event.currentTarget.value;
                        change();
                    }}
                >
                    {#each term.choices as choice (choice)}<option>{choice}</option>{/each}
                </select></label
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
                error={draft.errors[`rules.${term.name}`]}
                {change}
            />
        {/if}
    </p>
{/each}
