<script lang="ts">
    /** Video links that are still missing: one for several meetings, or for all that have none. */
    import { say } from '../lib/say';
    import { Button, Checkbox } from '../lib/controls';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import TextButton from '../controls/TextButton.svelte';
    import Field from '../controls/Field.svelte';

    interface Props {
        sheet: Schema['HostSheet'];
        changed: (sheet: Schema['HostSheet']) => void;
    }
    let { sheet, changed }: Props = $props();

    let link = $state('');
    let picked = $state<number[]>([]);
    let message = $state('');
    const without = $derived(sheet.bookings.filter((one) => one.video && !one.link && one.state === 'booked'));

    let doubtful = $state(false);

    async function set(bookings: number[], anyway = false) {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/link', {
                params: { path: { sheet: sheet.id } },
                body: { link, anyway, bookings: bookings.length > 0 ? bookings : without.map((one) => one.id) },
            }),
        );
        doubtful = answer.trouble?.fields.link !== undefined && /^https?:/.test(link);
        message = firstOf(answer.trouble);
        if (answer.data) {
            // What was pasted for some is not pasted for the next.
            picked = [];
            link = '';
            changed(answer.data);
        }
    }
</script>

{#if without.length > 0}
    <section class="slip mb-4 max-w-3xl" aria-labelledby="links">
        <h3 id="links" class="mb-2">
            {say('hosting.links_missing', { many: without.length })}
        </h3>
        <Field name="all-link" label={say('hosting.link')} type="url" required bind:value={link} error={message} />
        {#if doubtful}<TextButton onclick={() => set(picked, true)}>{say('hosting.link_keep_anyway')}</TextButton>{/if}
        <fieldset class="my-2">
            <legend class="text-faint">{say('hosting.links_some')}</legend>
            {#each without as one (one.id)}
                <Checkbox value={one.id} bind:group={picked} class="me-5"
                    >{say('hosting.links_one', {
                        day: one.day,
                        from: one.from,
                        who: one.student || one.name,
                    })}</Checkbox
                >
            {/each}
        </fieldset>
        <Button onclick={() => set(picked)}
            >{picked.length > 0
                ? say('hosting.links_keep', { many: picked.length })
                : say('hosting.links_keep_all')}</Button
        >
    </section>
{/if}
