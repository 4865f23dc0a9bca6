<script lang="ts">
    /** Whom a turn is about, what they wish to discuss, how to reach them, and what was noted last time. */
    import type { Turn } from './desk.svelte';

    let { turn }: { turn: Turn } = $props();
    const language = $derived(
        turn.language ? (new Intl.DisplayNames(['en'], { type: 'language' }).of(turn.language) ?? turn.language) : '',
    );
</script>

<dl class="facts gap-y-0">
    {#if turn.student && turn.student !== turn.who}<dt>With</dt>
        <dd>
            {turn.who}{turn.guests.length > 0 ? `, bringing ${turn.guests.join(', ')}` : ''}
        </dd>{:else if turn.guests.length > 0}<dt>Also</dt>
        <dd>{turn.guests.join(', ')}</dd>{/if}
    {#each Object.entries(turn.answers) as [question, answer] (question)}
        <dt>{question}</dt>
        <dd class="whitespace-pre-line">{answer}</dd>
    {/each}
    {#if turn.phone}<dt>Phone</dt>
        <dd><a class="times" href="tel:{turn.phone.replace(/[^+\d]/g, '')}">{turn.phone}</a></dd>{/if}
    {#if language}<dt>Language</dt>
        <dd>{language}</dd>{/if}
    {#if turn.place}<dt>Where</dt>
        <dd>
            {turn.place}{#if turn.link}: <a href={turn.link} target="_blank" rel="noreferrer noopener">open the room</a
                >{/if}
        </dd>{/if}
    {#if turn.last_note}<dt>Last time</dt>
        <dd class="whitespace-pre-line">{turn.last_note.when}: {turn.last_note.text}</dd>{/if}
</dl>
