<script lang="ts">
    /** What whoever holds the pass has asked for, how it stands, and other times that are offered instead. */
    import { say } from '../lib/say';
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

    function where({ host, student, place }: Schema['PassKnock']): string {
        const whom = student ? say('pass.knock_of_about', { host, student }) : say('pass.knock_of', { host });
        return place ? say('pass.place_then', { where: whom, place }) : whom;
    }

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
                    ? say('pass.knock_taken_others')
                    : say('pass.knock_taken'),
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
        if (answer.data) changed(answer.data, say('pass.knock_back'));
    }
</script>

{#if pass.knocks.length > 0}
    <section class="no-print mb-6" aria-labelledby="asked">
        <h2 id="asked" class="mb-2">{say('pass.knocks')}</h2>
        {#if message}<p class="notice mb-3" role="alert">{message}</p>{/if}
        <div class="grid gap-3">
            {#each pass.knocks as knock (knock.id)}
                <article class="slip" class:over={!knock.open}>
                    <h3>{knock.title}</h3>
                    <p class="text-faint">
                        {where(knock)}
                    </p>
                    <p class="mt-1">{knock.said}</p>
                    {#if knock.word}<blockquote class="my-2 border-s-4 border-marigold ps-3 whitespace-pre-line">
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
                                        onclick={() => take(knock, choice.id)}>{say('pass.take_time')}</button
                                    >{/if}
                            </li>
                        {/each}
                    </ul>
                    {#if knock.open}
                        {#if leaving === knock.id}
                            <p class="mt-2 flex flex-wrap items-center gap-3">
                                {knock.state === 'unconfirmed'
                                    ? say('pass.knock_leaving_unasked', { host: knock.host })
                                    : say('pass.knock_leaving', { host: knock.host })}
                                <button
                                    type="button"
                                    class="press away"
                                    disabled={working}
                                    onclick={() => takeBack(knock)}>{say('pass.knock_back_yes')}</button
                                >
                                <button type="button" class="press" onclick={() => (leaving = null)}
                                    >{say('pass.knock_leave')}</button
                                >
                            </p>
                        {:else}<p class="mt-2">
                                <button type="button" class="press away" onclick={() => (leaving = knock.id)}
                                    >{say('pass.knock_back_press')}</button
                                >
                            </p>{/if}
                    {:else}<p class="mt-2">
                            <a class="press" href="{knock.door}?pass={token}">{say('pass.knock_again')}</a>
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
