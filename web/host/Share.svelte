<script lang="ts">
    /** Getting a sheet out: its link, the words around it, a QR code, and paper. */
    import { Button, Input } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';

    interface Props {
        sheet: Schema['HostSheet'];
        changed: (sheet: Schema['HostSheet']) => void;
    }
    let { sheet, changed }: Props = $props();

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
    async function open(event: Event) {
        if (!(event.currentTarget as HTMLDetailsElement).open || handout) return;
        const answer = await ask(
            api.GET('/api/staff/sheets/{sheet}/handout', { params: { path: { sheet: sheet.id } } }),
        );
        handout = answer.data ?? null;
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

<section class="slip mt-6 max-w-3xl" aria-label="Share">
    <label for="link" class="mb-1 block font-semibold">The link to pass on</label>
    <div class="flex flex-wrap gap-3">
        <Input
            id="link"
            bind:elementRef={link}
            readonly
            value={sheet.link}
            class="flex-1 basis-64"
            onfocus={() => link?.select()}
        />
        <Button onclick={() => copy('link', sheet.link)}>{copied === 'link' ? 'Copied' : 'Copy'}</Button>
        <Button color="alternative" href={sheet.link}>See it as a visitor</Button>
    </div>
    <p class="sr-only" role="status">{copied ? 'It is copied.' : ''}</p>
    <details class="mt-3" ontoggle={open}>
        <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
            >A message, a QR code, paper, a course page</summary
        >
        {#if handout}
            <div class="grid gap-5 pt-2">
                {#each [['message', 'A message ready to paste', handout.message, 8], ['signature', 'A line for your e-mail signature', handout.signature, 1], ['page_link', 'A link for a course page', handout.page_link, 2], ['page_frame', 'A small frame for a course page', handout.page_frame, 3]] as const as [key, label, text, rows] (key)}
                    <div>
                        <label for={key} class="mb-1 block font-semibold">{label}</label>
                        <textarea id={key} readonly {rows} class="box w-full" value={text}></textarea>
                        <div class="mt-1 flex flex-wrap gap-3">
                            <Button color="alternative" onclick={() => copy(key, text)}
                                >{copied === key ? 'Copied' : 'Copy'}</Button
                            >
                            {#if key === 'message'}<Button
                                    color="alternative"
                                    onclick={() => copy('rich', text, handout!.rich)}
                                    >{copied === 'rich' ? 'Copied' : 'Copy with a link in it'}</Button
                                >{/if}
                        </div>
                    </div>
                {/each}
                <div class="flex flex-wrap items-center gap-5">
                    <img src="{files}/qr.svg" alt="QR code of the link" width="150" height="150" class="bg-white" />
                    <div class="grid gap-1">
                        <a href="{files}/qr.svg" download>QR code as SVG</a>
                        <a href="{files}/qr.png" download>QR code as PNG</a>
                        <a href="{files}/notice.pdf" download>Notice for the door (PDF)</a>
                        <a href="{files}/slips.pdf" download>Slips to tear off (PDF)</a>
                    </div>
                </div>
                <form
                    class="flex flex-wrap items-end gap-3"
                    onsubmit={(event) => {
                        event.preventDefault();
                        void rename();
                    }}
                >
                    <div class="flex-1 basis-60">
                        <label for="slug" class="mb-1 block font-semibold"
                            >Another address; the old one goes on working</label
                        >
                        <Input id="slug" class="w-full" bind:value={slug} placeholder={sheet.slug} />
                    </div>
                    <Button color="alternative" type="submit">Use this address</Button>
                </form>
                {#if message}<Notice>{message}</Notice>{/if}
            </div>
        {/if}
    </details>
</section>
