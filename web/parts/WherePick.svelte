<script lang="ts">
    import { say } from '../lib/say';
    /** Which of several places it is to be at. */
    interface Props {
        places: { id: number; label: string; directions?: string }[];
        chosen: number | null;
        pick: (id: number) => void;
    }
    let { places, chosen, pick }: Props = $props();
</script>

<fieldset>
    <legend class="mb-1 font-semibold">{say('visit.where')}</legend>
    {#each places as place (place.id)}
        <label class="flex min-h-11 items-center gap-2">
            <input type="radio" name="place" checked={place.id === chosen} onchange={() => pick(place.id)} />
            {place.label}
            {#if place.directions}<span class="text-faint"><bdi>{place.directions}</bdi></span>{/if}
        </label>
    {/each}
</fieldset>
