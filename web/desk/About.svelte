<script lang="ts">
    /** Whom a turn is about, what they wish to discuss, how to reach them, and what was noted last time. */
    import { say } from '../lib/say';
    import type { Turn } from './desk.svelte';

    let { turn }: { turn: Turn } = $props();
    const language = $derived(
        turn.language
            ? (new Intl.DisplayNames([document.documentElement.lang], { type: 'language' }).of(turn.language) ??
                  turn.language)
            : '',
    );
</script>

<dl class="facts gap-y-0">
    {#if turn.student && turn.student !== turn.who}<dt>{say('desk.about_with')}</dt>
        <dd>
            {turn.guests.length > 0
                ? say('desk.bringing', { who: turn.who, guests: turn.guests.join(', ') })
                : turn.who}
        </dd>{:else if turn.guests.length > 0}<dt>{say('desk.also')}</dt>
        <dd>{turn.guests.join(', ')}</dd>{/if}
    {#each Object.entries(turn.answers) as [question, answer] (question)}
        <dt>{question}</dt>
        <dd class="whitespace-pre-line">{answer}</dd>
    {/each}
    {#if turn.phone}<dt>{say('desk.phone')}</dt>
        <dd><a class="times" href="tel:{turn.phone.replace(/[^+\d]/g, '')}">{turn.phone}</a></dd>{/if}
    {#if language}<dt>{say('desk.language')}</dt>
        <dd>{language}</dd>{/if}
    {#if turn.place}<dt>{say('desk.where')}</dt>
        <dd>
            {turn.place}{#if turn.link}: <a href={turn.link} target="_blank" rel="noreferrer noopener"
                    >{say('desk.open_the_room')}</a
                >{/if}
        </dd>{/if}
    {#if turn.last_note}<dt>{say('desk.last_time')}</dt>
        <dd class="whitespace-pre-line">
            {say('desk.last_note', { when: turn.last_note.when, text: turn.last_note.text })}
        </dd>{/if}
</dl>
