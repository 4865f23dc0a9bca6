<script lang="ts">
    /** Getting a sheet out: its link, the words around it, a QR code, and paper. */
    import { say } from '../lib/say';
    import type { Snippet } from 'svelte';
    import { Button, Checkbox, Input, Label, Textarea } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { onSent } from '../lib/form';

    interface Props {
        sheet: Schema['HostSheet'];
        changed: (sheet: Schema['HostSheet']) => void;
        /** What else is done with the sheet, on the same line. */
        beside?: Snippet;
    }
    let { sheet, changed, beside }: Props = $props();

    let handout = $state<Schema['Handout'] | null>(null);
    let copied = $state('');
    let link = $state<HTMLInputElement>();
    let slug = $state('');
    let message = $state('');
    const files = $derived(`/staff/sheets/${sheet.id}/files`);

    async function copy(what: string, text: string, rich?: string) {
        try {
            if (rich && 'ClipboardItem' in window)
                await navigator.clipboard.write([
                    new ClipboardItem({
                        'text/html': new Blob([rich], { type: 'text/html' }),
                        'text/plain': new Blob([text], { type: 'text/plain' }),
                    }),
                ]);
            else await navigator.clipboard.writeText(text);
        } catch {
            // Without https there is no clipboard for scripts; the marked text is one key away.
            if (what === 'link') link?.select();
            return;
        }
        copied = what;
        setTimeout(() => (copied = ''), 3000);
    }
    let opened = $state(false);
    async function open() {
        opened = !opened;
        if (opened && !handout) await read();
    }
    /** Those that are ticked; none is that of whoever reads this. */
    let languages = $state<string[]>([]);
    const ticked = $derived(languages.length > 0 ? `?languages=${languages.join(',')}` : '');
    async function read() {
        const answer = await ask(
            api.GET('/api/staff/sheets/{sheet}/handout', {
                params: { path: { sheet: sheet.id }, query: { languages: languages.join(',') } },
            }),
        );
        handout = answer.data ?? handout;
    }
    async function rename() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/address', { params: { path: { sheet: sheet.id } }, body: { slug } }),
        );
        message = answer.trouble?.fields.slug ?? answer.trouble?.message ?? '';
        if (answer.data) {
            changed(answer.data);
            handout = null;
        }
    }
</script>

<section class="mt-2" aria-label={say('hosting.share')}>
    <div class="flex flex-wrap items-center gap-x-3 gap-y-2">
        <Label for="link" class="mb-0">{say('hosting.share_pass_on')}</Label>
        <Input
            id="link"
            bind:elementRef={link}
            readonly
            value={sheet.link}
            class="min-w-0 flex-1 basis-52"
            onfocus={() => link?.select()}
        />
        <Button onclick={() => copy('link', sheet.link)}
            >{copied === 'link' ? say('hosting.copied') : say('hosting.copy')}</Button
        >
        <Button color="alternative" href={sheet.visit}>{say('hosting.share_see')}</Button>
        <Button color="alternative" aria-expanded={opened} onclick={open}>{say('hosting.share_more')}</Button>
        {@render beside?.()}
    </div>
    <p class="sr-only" role="status">{copied ? say('hosting.it_is_copied') : ''}</p>
    {#if opened}
        {#if handout}
            <div class="slip mt-3 grid max-w-3xl gap-4">
                <fieldset>
                    <legend class="font-semibold">{say('hosting.share_languages')}</legend>
                    <div class="flex flex-wrap gap-x-4">
                        {#each handout.languages as one (one.code)}<Checkbox
                                value={one.code}
                                bind:group={languages}
                                onchange={() => void read()}>{one.name}</Checkbox
                            >{/each}
                    </div>
                </fieldset>
                {#each [['message', say('hosting.share_message'), handout.message, 8], ['signature', say('hosting.share_signature'), handout.signature, 1], ['page_link', say('hosting.share_link'), handout.page_link, 2], ['page_frame', say('hosting.share_frame'), handout.page_frame, 3]] as const as [key, label, text, rows] (key)}
                    <div>
                        <Label for={key}>{label}</Label>
                        <Textarea id={key} readonly {rows} dir="auto" class="w-full" value={text} />
                        <div class="mt-1 flex flex-wrap gap-3">
                            <Button color="alternative" onclick={() => copy(key, text)}
                                >{copied === key ? say('hosting.copied') : say('hosting.copy')}</Button
                            >
                            {#if key === 'message'}<Button
                                    color="alternative"
                                    onclick={() => copy('rich', text, handout!.rich)}
                                    >{copied === 'rich' ? say('hosting.copied') : say('hosting.copy_rich')}</Button
                                >{/if}
                        </div>
                    </div>
                {/each}
                <div class="flex flex-wrap items-center gap-5">
                    <img src="{files}/qr.svg" alt={say('hosting.qr')} width="150" height="150" class="bg-white" />
                    <div class="grid gap-1">
                        <a href="{files}/qr.svg" download>{say('hosting.qr_code_as_svg')}</a>
                        <a href="{files}/qr.png" download>{say('hosting.qr_code_as_png')}</a>
                        <a href="{files}/notice.pdf{ticked}">{say('hosting.notice')}</a>
                        <a href="{files}/slips.pdf{ticked}">{say('hosting.slips')}</a>
                    </div>
                </div>
                <form class="flex flex-wrap items-end gap-3" onsubmit={onSent(rename)}>
                    <div class="flex-1 basis-60">
                        <Label for="slug">{say('hosting.address')}</Label>
                        <Input id="slug" class="w-full" bind:value={slug} placeholder={sheet.slug} />
                    </div>
                    <Button color="alternative" type="submit">{say('hosting.address_use')}</Button>
                </form>
                {#if message}<Notice>{message}</Notice>{/if}
            </div>
        {/if}
    {/if}
</section>
