<script lang="ts">
    /** Classes whose families may book before all others, and from when. */
    import { say } from '../lib/say';
    import { Checkbox, Input, Label } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import type { Setup } from './setup.svelte';

    interface Props {
        setup: Setup;
        classes: { id: number; name: string }[];
    }
    let { setup, classes }: Props = $props();

    const cohorts = $derived(setup.form.cohorts);

    function set(index: number, change: Partial<(typeof cohorts)[number]>) {
        setup.form.cohorts = cohorts.map((one, i) => (i === index ? { ...one, ...change } : one));
        setup.typed();
    }
</script>

{#each cohorts as one, i (i)}
    <fieldset class="border-s-4 border-line ps-3">
        <legend class="font-semibold">{say('arranging.cohort')}</legend>
        <div class="flex max-h-28 flex-wrap gap-x-4 overflow-y-auto">
            {#each classes as each (each.id)}
                <Checkbox
                    checked={one.classes.includes(each.id)}
                    onchange={(event) =>
                        set(i, {
                            classes: event.currentTarget.checked
                                ? [...one.classes, each.id]
                                : one.classes.filter((id) => id !== each.id),
                        })}>{each.name}</Checkbox
                >
            {/each}
        </div>
        <div class="flex flex-wrap items-end gap-4">
            <div>
                <Label for="cohort-{i}">{say('arranging.from')}</Label>
                <Input
                    id="cohort-{i}"
                    type="datetime-local"
                    value={one.opens_at}
                    onchange={(event) => set(i, { opens_at: (event.currentTarget as HTMLInputElement).value })}
                />
            </div>
            <TextButton
                onclick={() => {
                    setup.form.cohorts = cohorts.filter((_, at) => at !== i);
                    setup.typed();
                }}>{say('arranging.cohort_not')}</TextButton
            >
        </div>
        {#if setup.fields[`cohorts.${i}.opens_at`] ?? setup.fields[`cohorts.${i}.classes`]}
            <p class="font-semibold text-brick">
                {setup.fields[`cohorts.${i}.opens_at`] ?? setup.fields[`cohorts.${i}.classes`]}
            </p>
        {/if}
    </fieldset>
{/each}
{#if classes.length > 0 && setup.form.opens_at}
    <p>
        <TextButton
            onclick={() => {
                setup.form.cohorts = [...cohorts, { classes: [], opens_at: '' }];
            }}>{say('arranging.cohort_add')}</TextButton
        >
    </p>
{/if}
