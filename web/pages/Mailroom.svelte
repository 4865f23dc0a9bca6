<script lang="ts">
    /** The demo's mail: every message, as its reader would see it. */
    import { say } from '../lib/say';
    import Masthead from '../parts/Masthead.svelte';

    interface Props {
        messages: { id: number; to: string; subject: string; sent_at: string }[];
        open: {
            id: number;
            from: string;
            to: string;
            subject: string;
            text: string;
            html: string;
            calendar: string;
            /** Whether it has an entry that a calendar program could answer. */
            answers: boolean;
        } | null;
    }
    let { messages, open }: Props = $props();

    let form = $state<'letter' | 'text' | 'calendar'>('letter');
    const forms = {
        letter: say('office.mailroom_letter'),
        text: say('office.mailroom_plain'),
        calendar: say('office.mailroom_entry'),
    } as const;
</script>

<main class="sheet-of-paper">
    <Masthead />
    <h1>{say('office.mailroom')}</h1>
    <p class="mb-6 max-w-prose text-faint">
        {say('office.mailroom_about')}
    </p>
    {#if !open}
        <p>{say('office.mailroom_none')}</p>
    {:else}
        <div class="grid grid-cols-[minmax(0,1fr)] items-start gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
            <section class="slip lg:order-2" aria-labelledby="subject">
                <h2 id="subject">{open.subject}</h2>
                <p class="mt-1 text-faint">{say('office.mailroom_from_to', { from: open.from, to: open.to })}</p>
                <div class="my-4 flex flex-wrap gap-2" role="group" aria-label={say('office.mailroom_show')}>
                    {#each Object.entries(forms).filter(([key]) => key !== 'calendar' || open.calendar !== '') as [key, label] (key)}
                        <button
                            type="button"
                            class="press"
                            class:main={form === key}
                            aria-pressed={form === key}
                            onclick={() => (form = key as typeof form)}>{label}</button
                        >
                    {/each}
                </div>
                {#if open.answers}
                    <form
                        method="post"
                        action="/mailroom/{open.id}/answer"
                        class="mb-4 flex flex-wrap items-center gap-2"
                    >
                        <span class="text-faint">{say('office.mailroom_answer')}</span>
                        <button class="press" name="says" value="ACCEPTED">{say('office.yes')}</button>
                        <button class="press" name="says" value="TENTATIVE">{say('office.maybe')}</button>
                        <button class="press" name="says" value="DECLINED">{say('office.no')}</button>
                    </form>
                {/if}
                {#if form === 'letter'}
                    <iframe
                        title={say('office.mailroom_frame')}
                        src="/mailroom/{open.id}/html"
                        sandbox="allow-popups allow-popups-to-escape-sandbox allow-top-navigation-by-user-activation"
                        class="h-[36rem] w-full rounded-md border border-line bg-white"
                    ></iframe>
                {:else}
                    <pre class="text-[0.9rem] wrap-anywhere whitespace-pre-wrap">{form === 'text'
                            ? open.text
                            : open.calendar}</pre>
                {/if}
            </section>
            <ol class="grid grid-cols-[minmax(0,1fr)] gap-1 lg:order-1">
                {#each messages as message (message.id)}
                    <li>
                        <a
                            href="/mailroom/{message.id}"
                            aria-current={message.id === open.id ? 'true' : undefined}
                            class="block rounded-md border px-3 py-2 no-underline {message.id === open.id
                                ? 'border-board bg-card'
                                : 'border-transparent'}"
                        >
                            <span class="block text-ink">{message.subject}</span>
                            <span class="block text-[0.95rem] text-faint"
                                >{say('office.mailroom_to', { to: message.to })}</span
                            >
                        </a>
                    </li>
                {/each}
            </ol>
        </div>
    {/if}
</main>
