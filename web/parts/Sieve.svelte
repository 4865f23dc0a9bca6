<script module lang="ts">
    import type { Schema } from '../lib/api';

    export interface Sifted {
        part: 'any' | 'morning' | 'afternoon' | 'late';
    }
    /** Whether a slot is in the part of the day asked for, by the clock time the server has written on it. */
    export function kept(slot: Schema['Slot'], sifted: Sifted): boolean {
        const hour = Number(slot.from.slice(0, 2));
        return (
            sifted.part === 'any' ||
            (sifted.part === 'morning' && hour < 12) ||
            (sifted.part === 'afternoon' && hour >= 12 && hour < 16) ||
            (sifted.part === 'late' && hour >= 16)
        );
    }
</script>

<script lang="ts">
    /** Parts of the day to choose from, each saying how many free times remain. */
    interface Props {
        sheet: Schema['VisitSheet'];
        sifted: Sifted;
    }
    let { sheet, sifted = $bindable() }: Props = $props();

    const PARTS = [
        ['any', 'Any time'],
        ['morning', 'Mornings'],
        ['afternoon', 'Afternoons'],
        ['late', 'From 16:00'],
    ] as const;
    const free = $derived(
        sheet.days.flatMap((day) =>
            day.stretches.flatMap((part) => part.slots.filter((slot) => slot.state === 'free')),
        ),
    );
    const count = $derived(
        Object.fromEntries(PARTS.map(([part]) => [part, free.filter((slot) => kept(slot, { part })).length])),
    );
    const useful = $derived(PARTS.filter(([part]) => part !== 'any' && count[part]! > 0).length > 1);
</script>

{#if useful}
    <div class="mb-4 flex flex-wrap gap-2" role="group" aria-label="Part of the day">
        {#each PARTS as [part, label] (part)}
            {#if part === 'any' || count[part]! > 0}
                <button
                    type="button"
                    class="press"
                    class:main={sifted.part === part}
                    aria-pressed={sifted.part === part}
                    onclick={() => (sifted = { part })}>{label}: {count[part]}</button
                >
            {/if}
        {/each}
    </div>
{/if}
