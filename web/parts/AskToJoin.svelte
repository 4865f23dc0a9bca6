<script lang="ts">
    /** The other guardian may have a time for the same student: whoever it is gets a word from this visitor, and answers or does not. */
    import { api, ask, firstOf, type Schema } from '../lib/api';

    interface Props {
        slug: string;
        /** Who asks, and about whom. */
        who: () => Schema['JoinForm'];
    }
    let { slug, who }: Props = $props();

    let sent = $state(false);
    let message = $state('');

    async function press() {
        const answer = await ask(
            api.POST('/api/s/{slug}/ask-to-join', {
                params: { path: { slug } },
                body: who(),
            }),
        );
        sent = answer.data !== undefined;
        message = firstOf(answer.trouble);
    }
</script>

{#if sent}
    <p class="good-news" role="status">
        If somebody has a time for this student, they have a message from you now and can add you. Then a private page
        of your own comes to your address.
    </p>
{:else}
    <div class="flex flex-wrap items-center gap-3">
        <p class="basis-full">
            Are you the student’s other guardian? Whoever booked for them can add you to the same meeting.
        </p>
        <button type="button" class="press" onclick={press}>Ask to join</button>
        {#if message}<p class="notice basis-full" role="alert">{message}</p>{/if}
    </div>
{/if}
