<script lang="ts">
    /** The other guardian may have a time for the same student: whoever it is gets a word from this visitor, and answers or does not. */
    import { say } from '../lib/say';
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
        {say('visit.join_sent')}
    </p>
{:else}
    <div class="flex flex-wrap items-center gap-3">
        <p class="basis-full">
            {say('visit.join_about')}
        </p>
        <button type="button" class="press" onclick={press}>{say('visit.join')}</button>
        {#if message}<p class="notice basis-full" role="alert">{message}</p>{/if}
    </div>
{/if}
