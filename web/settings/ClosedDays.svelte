<script lang="ts">
    /** The school's closed days, a snow day among them: whoever has booked then is moved or told, on all sheets. For the office. */
    import { say } from '../lib/say';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, firstOf, formOf, type Schema } from '../lib/api';
    import { Button } from '../lib/controls';
    import Effect from '../worksheet/Effect.svelte';
    import Ranges from './Ranges.svelte';

    interface Props {
        settings: Schema['Settings'];
        changed: (settings: Schema['Settings']) => void;
    }
    let { settings, changed }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    let days = $state(structuredClone($state.snapshot(settings.school.closed_days ?? [])) as Schema['NamedRange'][]);
    let effect = $state<Schema['Effect'] | null>(null);
    let word = $state('');
    let said = $state('');
    let trouble = $state('');
    let working = $state(false);

    async function save(settle?: Schema['Settle']) {
        working = true;
        said = trouble = '';
        const body = { closed_days: $state.snapshot(days), word, ...(settle ? { settle } : {}) };
        const answer = await ask(api.PUT('/api/staff/school/closed-days', { body }));
        working = false;
        if (answer.data) {
            effect = null;
            said = say('settings.closed_kept');
            changed(answer.data);
            return;
        }
        const notYet = answer.body as Schema['NotYet'] | null;
        if (answer.status === 409 && notYet?.effect) effect = notYet.effect;
        else trouble = firstOf(answer.trouble);
    }
    async function again(settle: Schema['Settle']) {
        const answer = await ask(
            api.POST('/api/staff/school/closed-days/effect', {
                body: { closed_days: $state.snapshot(days), word, settle },
            }),
        );
        if (answer.data) effect = answer.data;
    }
    async function read(file: File) {
        const answer = await ask(
            api.POST('/api/staff/school/closed-days', { body: { file: '' }, ...formOf({ file }) }),
        );
        trouble = answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.message) : '';
        if (answer.data) {
            const known = new Set(days.map((one) => `${one.first}|${one.last}`));
            const added = answer.data.closed_days.filter((one) => !known.has(`${one.first}|${one.last}`));
            days.push(...added);
            said = say('settings.closed_read', { many: added.length });
        }
    }
</script>

<section class="mt-6 max-w-4xl" aria-labelledby="closed-days">
    <h2 id="closed-days" class="mb-1">{say('settings.closed_days')}</h2>
    <p class="mb-2 text-faint">{say('settings.closed_about')}</p>
    {#if effect}
        <Effect
            hits={effect}
            {working}
            bind:word
            {again}
            save={(settle) => void save(settle)}
            back={() => (effect = null)}
            backTo={say('settings.closed_back')}
        />
    {:else}
        <Ranges list={days} label={say('settings.closed_days')} add={say('settings.closed_add')} />
        <div class="mt-2 flex flex-wrap gap-3">
            <FilePress label={say('settings.calendar_file')} accept=".ics" take={read}
                >{say('settings.closed_from_file')}</FilePress
            >
            <Button disabled={working} onclick={() => void save()}
                >{working ? say('pages.one_moment') : say('settings.closed_keep')}</Button
            >
        </div>
    {/if}
    {#if said}<Notice good class="mt-2">{said}</Notice>{/if}
    {#if trouble}<Notice class="mt-2">{trouble}</Notice>{/if}
</section>
