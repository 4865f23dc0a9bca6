<script lang="ts">
    /** Many invited at once, out of a table: a look first, then the letters. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, formOf, type Schema } from '../lib/api';

    interface Props {
        sent: (list: Schema['StaffList'], said: string) => void;
    }
    let { sent }: Props = $props();

    const MOST = 8;
    let file = $state.raw<File | null>(null);
    let look = $state<Schema['StaffFile'] | null>(null);
    let trouble = $state('');
    let working = $state(false);

    const said = (answer: { trouble?: { message: string; fields: Record<string, string> } }) =>
        answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.message) : '';
    const body = (one: File) => ({ body: { file: '' }, ...formOf({ file: one }) });

    async function lookAt(chosen: File) {
        look = null;
        const answer = await ask(api.POST('/api/staff/people/file', body(chosen)));
        trouble = said(answer);
        look = answer.data ?? null;
        file = answer.data ? chosen : null;
    }
    async function send() {
        if (!file || working) return;
        working = true;
        const answer = await ask(api.POST('/api/staff/people/file/invitations', body(file)));
        working = false;
        trouble = said(answer);
        if (!answer.data) return;
        look = file = null;
        sent(answer.data.list, answer.data.said);
    }
</script>

<section class="slip grid gap-3" aria-labelledby="many">
    <h2 id="many">{say('settings.many')}</h2>
    <p class="text-faint">
        {say('settings.many_about')}
    </p>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    {#if look}
        <p role="status" class="font-semibold">{look.said}</p>
        {#if look.new.length > 0}<p>
                {look.new.slice(0, MOST).join(', ')}{look.new.length > MOST ? '…' : ''}
            </p>{/if}
        {#if look.notes.length > 0}
            <ul class="max-h-48 list-disc overflow-auto ps-5">
                {#each look.notes as note (note)}<li>{note}</li>{/each}
            </ul>
        {/if}
        <div class="flex flex-wrap items-center gap-x-4">
            {#if look.new.length > 0}<Button disabled={working} onclick={send}
                    >{working
                        ? say('pages.one_moment')
                        : say('settings.send_letters', { many: look.new.length })}</Button
                >{/if}
            <TextButton onclick={() => ((look = null), (file = null))}>{say('settings.leave_it')}</TextButton>
        </div>
    {:else}
        <FilePress label={say('settings.many_table')} accept=".csv,.txt,.tsv,text/csv" take={(one) => void lookAt(one)}
            >{say('settings.many_choose')}</FilePress
        >
    {/if}
</section>
