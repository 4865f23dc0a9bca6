<script lang="ts">
    /** What whoever holds the pass has asked for, how it stands, and other times that are offered instead. */
    import { api, ask, type Schema } from '../lib/api';

    interface Props {
        pass: Schema['Pass'];
        changed: (pass: Schema['Pass'], said: string) => void;
    }
    let { pass, changed }: Props = $props();

    let working = $state(false);
    let message = $state('');
    let leaving = $state<number | null>(null);
    const token = $derived(pass.path.slice('/p/'.length));

    async function take(knock: Schema['PassKnock'], choice: number) {
        working = true;
        const answer = await ask(
            api.POST('/api/p/{token}/knocks/{knock}/take', {
                params: { path: { token, knock: knock.id } },
                body: { choice },
            }),
        );
        working = false;
        message = answer.trouble?.message ?? '';
        if (answer.data)
            changed(
                answer.data,
                answer.data.knocks.some((one) => one.id === knock.id)
                    ? 'Taken. Now the others are asked whether they can, too.'
                    : 'This time is yours.',
            );
    }
    async function takeBack(knock: Schema['PassKnock']) {
        working = true;
        const answer = await ask(
            api.POST('/api/p/{token}/knocks/{knock}/take-back', { params: { path: { token, knock: knock.id } } }),
        );
        working = false;
        leaving = null;
        message = answer.trouble?.message ?? '';
        if (answer.data) changed(answer.data, 'You ask no longer. The times are free again.');
    }
</script>

{#if pass.knocks.length > 0}
    <section class="no-print mb-6" aria-labelledby="asked">
        <h2 id="asked" class="mb-2">Asked for</h2>
        {#if message}<p class="notice mb-3" role="alert">{message}</p>{/if}
        <div class="grid gap-3">
            {#each pass.knocks as knock (knock.id)}
                <article class="slip" class:over={!knock.open}>
                    <h3>{knock.title}</h3>
                    <p class="text-faint">
                        {[`with ${knock.host}`, knock.student && `about ${knock.student}`, knock.place]
                            .filter(Boolean)
                            .join(', ')}
                    </p>
                    <p class="mt-1">{knock.said}</p>
                    {#if knock.word}<blockquote class="my-2 border-l-4 border-marigold pl-3 whitespace-pre-line">
                            {knock.word}
                        </blockquote>{/if}
                    <ul class="mt-1">
                        {#each knock.choices as choice (choice.id)}
                            <li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
                                <span class="times">{choice.when}</span>
                                {#if choice.can_take}<button
                                        type="button"
                                        class="press main"
                                        disabled={working}
                                        onclick={() => take(knock, choice.id)}>Take this time</button
                                    >{/if}
                            </li>
                        {/each}
                    </ul>
                    {#if knock.open}
                        {#if leaving === knock.id}
                            <p class="mt-2 flex flex-wrap items-center gap-3">
                                {knock.host}
                                {knock.state === 'unconfirmed'
                                    ? 'has not been asked yet.'
                                    : 'hears that you ask no longer.'}
                                <button
                                    type="button"
                                    class="press away"
                                    disabled={working}
                                    onclick={() => takeBack(knock)}>Yes, take it back</button
                                >
                                <button type="button" class="press" onclick={() => (leaving = null)}>Leave it</button>
                            </p>
                        {:else}<p class="mt-2">
                                <button type="button" class="press away" onclick={() => (leaving = knock.id)}
                                    >Ask no longer</button
                                >
                            </p>{/if}
                    {:else}<p class="mt-2">
                            <a class="press" href="{knock.door}?pass={token}">Ask for another time</a>
                        </p>{/if}
                </article>
            {/each}
        </div>
    </section>
{/if}

<style>
    .over {
        opacity: 0.85;
    }
</style>
