<script lang="ts">
    /** One sheet in the list: what it is, how full, and what is done with it without opening it. */
    import { say } from '../lib/say';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { Badge, Button, Input, Label, Progressbar } from '../lib/controls';
    import { onSent } from '../lib/form';

    interface Props {
        sheet: Schema['SheetRow'];
        host: string;
        turn: (to: 'open' | 'paused' | 'closed' | 'draft') => void;
        putAway: () => void;
    }
    let { sheet, host, turn, putAway }: Props = $props();

    let start = $state<string | null>(null);
    let message = $state('');

    async function copy() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/copy', {
                params: { path: { sheet: sheet.id } },
                body: { start: start ?? '' },
            }),
        );
        message = answer.trouble ? (answer.trouble.fields.start ?? answer.trouble.message) : '';
        if (answer.data) location.assign(`/staff/sheets/${answer.data.id}/edit`);
    }
</script>

<li class="grid gap-x-5 border-b border-line py-1.5 md:grid-cols-[minmax(0,1fr)_9rem_18rem] md:items-center">
    <div class="min-w-0">
        <h2 class="flex flex-wrap items-center gap-x-3 text-base">
            <a href="/staff/sheets/{sheet.id}" class="py-1">{sheet.title}</a>
            <Badge color={sheet.state === 'open' ? 'primary' : 'gray'} border
                >{say(`hosting.state_${sheet.state}`)}</Badge
            >
            {#if sheet.fresh > 0 && sheet.state !== 'draft'}<Badge
                    class="border-2 border-marigold font-semibold text-ink"
                    >{say('hosting.new', { many: sheet.fresh })}</Badge
                >{/if}
            {#if sheet.asked > 0}<Badge class="border-2 border-marigold font-semibold text-ink"
                    >{say('hosting.wishes_small', { many: sheet.asked })}</Badge
                >{/if}
            {#if sheet.next}<span class="font-sans text-[0.95rem] font-normal"
                    >{say('hosting.next_meeting', { when: sheet.next })}</span
                >{/if}
        </h2>
        <p class="times text-[0.95rem] text-faint md:truncate" title={sheet.when}>
            {say(`hosting.kind_${sheet.kind}`, { when: sheet.when })}
            {#if sheet.owner !== host}{say('hosting.of_owner', { owner: sheet.owner })}{/if}
        </p>
    </div>
    <div class="text-[0.95rem]">
        <p>{sheet.fill}</p>
        <Progressbar
            progress={sheet.slots === 0 ? 0 : Math.round((100 * sheet.taken) / sheet.slots)}
            size="h-2"
            class="border border-line bg-transparent dark:bg-transparent"
            aria-hidden="true"
        />
    </div>
    <div class="flex flex-wrap gap-x-2 md:justify-end">
        {#if sheet.state === 'open'}
            <TextButton onclick={() => turn('paused')}>{say('hosting.pause')}</TextButton>
            <TextButton onclick={() => turn('closed')}>{say('hosting.close')}</TextButton>
        {:else if sheet.state === 'paused' || sheet.state === 'closed'}
            <TextButton onclick={() => turn('open')}>{say('hosting.open_again')}</TextButton>
        {/if}
        <TextButton aria-expanded={start !== null} onclick={() => (start = start === null ? '' : null)}
            >{say('hosting.copy')}</TextButton
        >
        {#if sheet.owner === host && !(sheet.of_round && sheet.state === 'draft')}<TextButton onclick={putAway}
                >{say('hosting.put_away_2')}</TextButton
            >{/if}
    </div>
    {#if start !== null}
        <form class="flex flex-wrap items-end gap-3 pb-2 md:col-span-3" onsubmit={onSent(copy)}>
            <div>
                <Label for="start-{sheet.id}">{say('hosting.copy_start')}</Label>
                <Input id="start-{sheet.id}" class="w-44!" type="date" required bind:value={start} />
            </div>
            <Button type="submit">{say('hosting.copy_press')}</Button>
            {#if message}<p class="font-semibold text-brick" role="alert">{message}</p>{/if}
        </form>
    {/if}
</li>
