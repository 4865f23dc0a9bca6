<script lang="ts">
    /** Named ranges of dates: terms, closed days. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { Button, Input } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';

    interface Props {
        list: Schema['NamedRange'][];
        label: string;
        add: string;
    }
    let { list, label, add }: Props = $props();
</script>

<ul class="grid gap-2">
    {#each list as range, i (i)}
        <li class="flex flex-wrap items-start gap-2">
            <Input
                class="w-auto! min-w-0 flex-1 basis-40"
                aria-label={say('settings.range_name', { label, number: i + 1 })}
                bind:value={range.name}
            />
            <Input
                type="date"
                class="w-40!"
                aria-label={say('settings.range_first', { label, number: i + 1 })}
                bind:value={range.first}
            />
            <Input
                type="date"
                class="w-40!"
                aria-label={say('settings.range_last', { label, number: i + 1 })}
                bind:value={range.last}
            />
            <TextButton
                away
                class="min-w-10 font-bold"
                aria-label={say('settings.range_away', { label: range.name || label })}
                onclick={() => list.splice(i, 1)}>×</TextButton
            >
        </li>
    {/each}
</ul>
<Button color="alternative" class="mt-2" onclick={() => list.push({ name: '', first: '', last: '' })}>{add}</Button>
