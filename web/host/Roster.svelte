<script lang="ts">
    /** Of a sheet that is for families: who is not booked yet, and writing to them. */
    import { onMount } from 'svelte';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';

    let { sheet }: { sheet: Schema['HostSheet'] } = $props();

    let roster = $state<Schema['Roster'] | null>(null);
    let word = $state('');
    let writing = $state(false);
    let working = $state(false);
    let said = $state('');
    let trouble = $state('');
    const path = $derived({ params: { path: { sheet: sheet.id } } });

    onMount(async () => (roster = (await ask(api.GET('/api/staff/sheets/{sheet}/roster', path))).data ?? null));
    async function write() {
        working = true;
        const answer = await ask(api.POST('/api/staff/sheets/{sheet}/letters', { ...path, body: { word } }));
        working = false;
        trouble = answer.trouble ? answer.trouble.fields.word || beside(answer.trouble) : '';
        if (!answer.data) return;
        roster = answer.data.roster;
        said = answer.data.said;
        writing = false;
    }
</script>

{#if roster && roster.said}
    <section class="mt-4" aria-labelledby="roster">
        <div class="flex flex-wrap items-baseline gap-x-4 gap-y-2">
            <h2 id="roster">{roster.said}</h2>
            <a href="/staff/sheets/{sheet.id}/files/cards.pdf">Cards with codes, on paper</a>
            {#if roster.to_write > 0 && sheet.state === 'open' && !sheet.put_away}
                <Button color="alternative" aria-expanded={writing} onclick={() => (writing = !writing)}
                    >Write to those who have not booked</Button
                >
            {/if}
        </div>
        <p role="status" class:good-news={said}>{said}</p>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        {#if writing}
            <div class="slip mt-2 grid max-w-2xl gap-3">
                <p>
                    {roster.to_write === 1 ? 'One guardian gets' : `${roster.to_write} guardians get`} a letter with a link
                    of their own. Nobody gets two within a day.
                </p>
                <Field name="letter-word" label="A word from you" lines={3} maxlength={1000} bind:value={word} />
                <Button class="justify-self-start" disabled={working} onclick={write}
                    >{working
                        ? 'One moment…'
                        : roster.to_write === 1
                          ? 'Send the letter'
                          : `Send ${roster.to_write} letters`}</Button
                >
            </div>
        {/if}
        {#if roster.missing.length > 0}
            <details class="mt-1">
                <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                    >Who is not booked yet</summary
                >
                <ul class="columns-2 gap-x-8 sm:columns-3">
                    {#each roster.missing as one, i (i)}
                        <li>
                            {one.name} <span class="text-faint">{one.class}{one.can_write ? '' : ', no address'}</span>
                        </li>
                    {/each}
                </ul>
                {#if roster.more > 0}<p class="text-faint">And {roster.more} more.</p>{/if}
            </details>
        {/if}
    </section>
{/if}
