<script lang="ts">
    /** How long before the meeting one reminder goes out: a number and its unit. */
    import { say } from '../lib/say';
    import Blank from '../controls/Blank.svelte';
    import Pick from '../controls/Pick.svelte';
    import TextButton from '../controls/TextButton.svelte';

    interface Props {
        minutes: number;
        number: number;
        put: (minutes: number) => void;
        away: () => void;
    }
    let { minutes, number, put, away }: Props = $props();

    const UNITS = [
        [1440, say('writing.unit_days')],
        [60, say('writing.unit_hours')],
        [1, say('writing.unit_minutes')],
    ] as const;
    // The largest unit that says it in whole numbers, until another is picked.
    // svelte-ignore state_referenced_locally -- begins with what is kept
    let unit = $state<number>(UNITS.find(([size]) => minutes > 0 && minutes % size === 0)?.[0] ?? 1);
</script>

<span class="whitespace-nowrap"
    ><Blank
        name="reminder-{number}"
        label={say('writing.reminder_long', { number })}
        type="number"
        size={4}
        min={1}
        bind:value={
            () => Math.round((minutes / unit) * 100) / 100, (typed) => put(Math.round(Number(typed ?? 0) * unit))
        }
        change={() => undefined}
    />
    <Pick
        aria-label={say('writing.reminder_unit', { number })}
        value={String(unit)}
        onchange={(event) => {
            const amount = minutes / unit;
            unit = Number(event.currentTarget.value);
            put(Math.round(amount * unit));
        }}
    >
        {#each UNITS as [size, name] (size)}<option value={String(size)}>{name}</option>{/each}
    </Pick><TextButton away aria-label={say('writing.reminder_out', { number })} onclick={away}>×</TextButton></span
>
