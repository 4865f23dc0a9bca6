<script lang="ts">
    /** Video links that are still missing: one for several meetings, or for all that have none. */
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
            {without.length === 1
                ? 'One meeting has no video link yet'
                : `${without.length} meetings have no video link yet`}
        </h3>
        <Field name="all-link" label="Link" type="url" required bind:value={link} error={message} />
        {#if doubtful}<TextButton onclick={() => set(picked, true)}>Keep this link all the same</TextButton>{/if}
        <fieldset class="my-2">
            <legend class="text-faint">Only for some of them</legend>
            {#each without as one (one.id)}
                <Checkbox value={one.id} bind:group={picked} class="mr-5"
                    >{one.day}
                    {one.from}, {one.student || one.name}</Checkbox
                >
            {/each}
        </fieldset>
        <Button onclick={() => set(picked)}
            >{picked.length > 0 ? `Keep it for ${picked.length}` : 'Keep it for all of them'} and tell each</Button
        >
    </section>
{/if}
