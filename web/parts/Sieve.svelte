<script lang="ts">
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { kept, type Sifted } from '../lib/sifted';

    /** What can be asked of a time: the part of the day, where, with whom; each choice says how many free times remain. */
    interface Props {
        sheet: Schema['VisitSheet'];
        sifted: Sifted;
    }
    let { sheet, sifted = $bindable() }: Props = $props();

    interface Choice {
        label: string;
        change: Partial<Sifted>;
        on: boolean;
        count: number;
    }
    const free = $derived(
        sheet.days.flatMap((day) =>
            day.stretches.flatMap((stretch) => stretch.slots.filter((slot) => slot.state === 'free')),
        ),
    );
    const choice = (label: string, change: Partial<Sifted>): Choice => ({
        label,
        change,
        on: Object.entries(change).every(([what, value]) => sifted[what as keyof Sifted] === value),
        count: free.filter((slot) => kept(slot, { ...sifted, ...change })).length,
    });
    /** A choice that leaves something, the way back, and what is on: the rest is of no use. */
    function useful(choices: Choice[]): Choice[] {
        const left = choices.filter((one, at) => at === 0 || one.count > 0 || one.on);
        return left.length > 2 ? left : [];
    }
    const parts = $derived(
        useful([
            choice(say('visit.any_time'), { part: 'any' }),
            choice(say('visit.mornings'), { part: 'morning' }),
            choice(say('visit.afternoons'), { part: 'afternoon' }),
            choice(say('visit.from', { at: clock.say('16:00') }), { part: 'late' }),
        ]),
    );
    const places = $derived(
        useful([
            choice(say('visit.anywhere'), { place: null }),
            ...sheet.places.map((place) => choice(place.label, { place: place.id })),
        ]),
    );
    const hosts = $derived(
        useful([
            choice(say('visit.anybody'), { host: null }),
            ...sheet.choose_host.map((host) => choice(host.name, { host: host.slug })),
        ]),
    );
</script>

{#snippet pick(name: string, choices: Choice[])}
    {#if choices.length > 0}
        <p class="flex items-center gap-2">
            <label class="font-semibold" for="sieve-{name}">{name}</label>
            <select
                class="box"
                id="sieve-{name}"
                value={choices.findIndex((one) => one.on)}
                onchange={(event) => (sifted = { ...sifted, ...choices[+event.currentTarget.value]!.change })}
            >
                {#each choices as one, at (one.label)}
                    <option value={at}>{say('visit.choice', { choice: one.label, free: one.count })}</option>
                {/each}
            </select>
        </p>
    {/if}
{/snippet}

{#if parts.length > 0}
    <div class="mb-4 flex flex-wrap gap-2" role="group" aria-label={say('visit.part_of_the_day')}>
        {#each parts as one (one.label)}
            <button
                type="button"
                class="press"
                class:main={one.on}
                aria-pressed={one.on}
                onclick={() => (sifted = { ...sifted, ...one.change })}
                >{say('visit.choice', { choice: one.label, free: one.count })}</button
            >
        {/each}
    </div>
{/if}
<div class="mb-5 flex flex-wrap gap-x-6 gap-y-2 empty:hidden">
    {@render pick(say('visit.where'), places)}
    {@render pick(say('visit.with'), hosts)}
</div>
