<script lang="ts">
    /** The "Where" sentence: one place or several, of which the visitor picks. */
    import { say } from '../lib/say';
    import { Button, Radio } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import type { Draft } from '../lib/draft.svelte';
    import Field from '../controls/Field.svelte';
    import Warnings from './Warnings.svelte';

    interface Props {
        draft: Draft;
        saved: Schema['SavedPlace'][];
        /** Whether a link can be made for each meeting. */
        makesRooms: boolean;
    }
    let { draft, saved, makesRooms }: Props = $props();

    const places = $derived(draft.form.places);
    const KINDS = [
        ['room', say('writing.place_room')],
        ['phone', say('writing.place_phone')],
        ['video', say('writing.place_video')],
    ] as const;
    const MODES = [
        ['one', say('writing.link_one')],
        ['each', say('writing.link_each')],
        ['later', say('writing.link_by_hand')],
    ] as const;

    function add(from?: Schema['SavedPlace']) {
        const place = {
            id: null,
            kind: from?.kind ?? ('room' as const),
            label: from?.label ?? '',
            link: from?.link ?? '',
            link_mode: 'one' as const,
            directions: from?.directions ?? '',
        };
        const blank = draft.form.places.findIndex((one) => one.label === '' && one.link === '');
        if (from && blank >= 0) draft.form.places[blank] = place;
        else draft.form.places.push(place);
        draft.changed();
    }
    const written: Record<string, Partial<Record<string, { label: string; directions: string }>>> = {};
    function kind(place: Schema['PlaceOffered'], to: Schema['PlaceOffered']['kind']) {
        // What was written for a room is not said of a video link; back again, it is there again.
        const key = `${draft.form.places.indexOf(place)}`;
        written[key] = { ...written[key], [place.kind]: { label: place.label, directions: place.directions } };
        place.kind = to;
        const before = written[key]?.[to];
        place.label = before?.label || { room: '', phone: say('writing.place_phone'), video: say('writing.video') }[to];
        place.directions = before?.directions ?? '';
        draft.changed();
    }
</script>

<div class="grid gap-3">
    {#each places as place, i (i)}
        {@const numbered = (label: string) =>
            places.length > 1 ? say('writing.place_numbered', { label, number: i + 1 }) : label}
        <fieldset class="slip grid gap-2" aria-label={numbered(say('writing.place'))}>
            <div class="flex flex-wrap gap-x-5" role="radiogroup" aria-label={numbered(say('writing.place_kind'))}>
                {#each KINDS as [value, label] (value)}
                    <Radio name="place-kind-{i}" {value} group={place.kind} onchange={() => kind(place, value)}
                        >{label}</Radio
                    >
                {/each}
                {#if places.length > 1}
                    <TextButton
                        away
                        class="ms-auto"
                        onclick={() =>
                            draft.take(
                                say('writing.place_gone', { place: place.label || say('writing.the_place') }),
                                () => {
                                    draft.form.places.splice(i, 1);
                                    // A block keeps its own places, which are counted.
                                    for (const block of draft.form.blocks)
                                        block.places = block.places
                                            .filter((n) => n !== i)
                                            .map((n) => (n > i ? n - 1 : n));
                                },
                            )}>{say('writing.take_out')}</TextButton
                    >
                {/if}
            </div>
            <Field
                name="places.{i}.label"
                label={numbered(place.kind === 'room' ? say('writing.place_which_room') : say('writing.place_called'))}
                required
                bind:value={place.label}
                error={draft.errors[`places.${i}.label`]}
                change={() => draft.changed()}
            />
            {#if place.kind === 'video'}
                <div class="grid gap-1" role="radiogroup" aria-label={numbered(say('writing.link_mode'))}>
                    {#each MODES.filter(([mode]) => makesRooms || mode !== 'each' || place.link_mode === 'each') as [value, label] (value)}
                        <Radio
                            name="link-mode-{i}"
                            {value}
                            bind:group={place.link_mode}
                            onchange={() => draft.changed()}>{label}</Radio
                        >
                    {/each}
                </div>
                {#if draft.errors[`places.${i}.link_mode`]}
                    <p class="font-semibold text-brick">{draft.errors[`places.${i}.link_mode`]}</p>
                {/if}
                {#if place.link_mode === 'one'}
                    <Field
                        name="places.{i}.link"
                        label={numbered(say('writing.link'))}
                        type="url"
                        help={makesRooms ? say('writing.link_help_empty') : say('writing.link_help')}
                        required={!makesRooms}
                        bind:value={place.link}
                        error={draft.errors[`places.${i}.link`]}
                        change={() => draft.changed()}
                    />
                {/if}
            {/if}
            <Field
                name="places.{i}.directions"
                label={numbered(say('writing.directions'))}
                help={place.kind === 'room' ? say('writing.directions_room') : say('writing.directions_video')}
                bind:value={place.directions}
                error={draft.errors[`places.${i}.directions`]}
                change={() => draft.changed()}
            />
        </fieldset>
    {/each}
    <Warnings {draft} about={['places']} />
    {#if draft.errors.places}<p class="font-semibold text-brick">{draft.errors.places}</p>{/if}
    <div class="flex flex-wrap gap-3">
        <Button color="alternative" onclick={() => add()}>{say('writing.place_add')}</Button>
        {#each saved.filter((one) => !places.some((place) => place.label === one.label)) as one (one.id)}
            <Button color="alternative" onclick={() => add(one)}
                >{say('writing.place_saved', { place: one.label })}</Button
            >
        {/each}
    </div>
</div>
