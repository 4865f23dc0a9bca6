<script lang="ts">
    /** Places to use again and again, each with what to know about it. */
    import { say } from '../lib/say';
    import { Button, Checkbox, Radio } from '../lib/controls';
    import UndoToast from '../controls/UndoToast.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, formOf, type Schema } from '../lib/api';
    import Field from '../controls/Field.svelte';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        settings: Schema['Settings'];
        changed: (settings: Schema['Settings']) => void;
    }
    let { settings, changed }: Props = $props();

    const blank = (): Schema['PlaceForm'] => ({ school: false, kind: 'room', label: '', link: '', directions: '' });
    let place = $state(blank());
    let fields = $state<Record<string, string>>({});

    async function add() {
        const answer = await ask(api.POST('/api/staff/places', { body: place }));
        fields = answer.trouble?.fields ?? {};
        if (!answer.data) return;
        changed(answer.data);
        place = blank();
    }
    let undo = $state<Schema['SavedPlace'] | null>(null);

    async function remove(one: Schema['SavedPlace']) {
        const answer = await ask(api.DELETE('/api/staff/places/{place}', { params: { path: { place: one.id } } }));
        if (!answer.data) return;
        changed(answer.data);
        undo = one;
    }
    let trouble = $state('');

    /** What shows families the way. */
    async function show(one: Schema['SavedPlace'], file: File | null) {
        const answer = await ask(
            api.POST('/api/staff/places/{place}/picture', {
                params: { path: { place: one.id } },
                body: {},
                ...formOf({ picture: file }),
            }),
        );
        trouble = answer.trouble ? (answer.trouble.fields?.picture ?? answer.trouble.message) : '';
        if (answer.data) changed(answer.data);
    }
    async function putBack() {
        if (!undo) return;
        const { id, school, kind, label, link, directions } = undo;
        const answer = await ask(
            api.PUT('/api/staff/places/{place}', {
                params: { path: { place: id } },
                body: { school, kind, label, link: link ?? '', directions },
            }),
        );
        undo = null;
        if (answer.data) changed(answer.data);
    }
</script>

{#if undo}<UndoToast
        said={say('settings.place_removed', { place: undo.label })}
        act={() => void putBack()}
        done={() => (undo = null)}
    />{/if}
<section class="mt-6 grid gap-4" aria-labelledby="places">
    <h2 id="places">{say('settings.places')}</h2>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    {#if settings.office}<p class="text-faint">
            {say('settings.places_about')}
        </p>{/if}
    <ul class="grid gap-3 sm:gap-1">
        {#each settings.places as one (one.id)}
            <li class="flex flex-wrap items-center gap-x-4">
                <span class="me-auto"
                    >{one.school ? say('settings.place_of_school', { place: one.label }) : one.label}
                    <span class="text-faint">{one.directions || one.link}</span></span
                >
                {#if settings.office && one.school && one.kind === 'room'}
                    {#if one.picture}<img
                            src={one.picture}
                            alt={say('settings.way_to', { place: one.label })}
                            class="h-11"
                        />
                        <TextButton
                            aria-label={say('settings.way_remove_of', { place: one.label })}
                            onclick={() => show(one, null)}>{say('settings.no_picture')}</TextButton
                        >
                    {:else}<FilePress
                            label={say('settings.way_show', { place: one.label })}
                            accept="image/png,image/jpeg,image/webp"
                            plain
                            take={(file) => void show(one, file)}>{say('settings.way_picture')}</FilePress
                        >{/if}
                {/if}
                {#if !one.school || settings.office}<TextButton
                        away
                        aria-label={say('settings.range_away', { label: one.label })}
                        onclick={() => remove(one)}>{say('settings.calendar_remove')}</TextButton
                    >{/if}
            </li>
        {/each}
    </ul>
    <form class="slip grid gap-3" novalidate onsubmit={onSent(add)}>
        <div class="flex flex-wrap gap-x-5" role="radiogroup" aria-label={say('settings.kind_of_place')}>
            {#each [['room', say('settings.a_room')], ['phone', say('settings.by_phone')], ['video', say('settings.video')]] as const as [value, label] (value)}
                <Radio name="saved-kind" {value} bind:group={place.kind}>{label}</Radio>
            {/each}
        </div>
        <Field
            name="saved-label"
            label={say('settings.school_called')}
            required
            bind:value={place.label}
            error={fields.label}
        />
        {#if place.kind === 'video'}<Field
                name="saved-link"
                label={say('settings.link')}
                type="url"
                bind:value={place.link}
                error={fields.link}
            />{/if}
        <Field
            name="saved-directions"
            label={say('settings.what_to_know')}
            bind:value={place.directions}
            error={fields.directions}
        />
        {#if settings.office}<Checkbox bind:checked={place.school}>{say('settings.place_school')}</Checkbox>{/if}
        <Button color="alternative" type="submit" class="justify-self-start">{say('settings.add_this_place')}</Button>
    </form>
</section>
