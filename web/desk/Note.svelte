<script lang="ts">
    /** A private note about a meeting: kept as it is typed, and said whose it is. */
    import { say } from '../lib/say';
    import { Textarea } from '../lib/controls';
    import { api, ask } from '../lib/api';
    import type { Turn } from './desk.svelte';

    let { turn }: { turn: Turn } = $props();
    // svelte-ignore state_referenced_locally
    let text = $state(turn.note);
    let said = $state(say('desk.note_private'));
    let timer: ReturnType<typeof setTimeout> | undefined;

    function typed() {
        clearTimeout(timer);
        said = say('desk.note_keeping');
        timer = setTimeout(keep, 600);
    }
    async function keep() {
        clearTimeout(timer);
        if (turn.booking === null || text === turn.note) return;
        const answer = await ask(
            api.PUT('/api/staff/bookings/{booking}/note', {
                params: { path: { booking: turn.booking } },
                body: { text },
            }),
        );
        said = answer.trouble ? (answer.trouble.fields.text ?? answer.trouble.message) : say('desk.note_kept');
    }
</script>

<div>
    <label class="font-semibold" for="note-{turn.key}">{say('desk.your_note')}</label>
    <Textarea
        id="note-{turn.key}"
        class="w-full"
        rows={2}
        maxlength={5000}
        aria-describedby="note-said-{turn.key}"
        bind:value={text}
        oninput={typed}
        onblur={keep}
    />
    <p id="note-said-{turn.key}" class="text-[0.9rem] text-faint" role="status">{said}</p>
</div>
