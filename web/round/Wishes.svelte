<script lang="ts">
    /** What a family wishes, the most wanted first, and sending it; times are given to all wishes at once. */
    import Said from '../parts/Said.svelte';
    import { say } from '../lib/say';
    import { tick } from 'svelte';
    import type { Schema } from '../lib/api';
    import AboutChildren from './AboutChildren.svelte';
    import type { Shortlist } from './shortlist.svelte';
    import WhoComes from './WhoComes.svelte';

    interface Props {
        page: Schema['RoundPage'];
        list: Shortlist;
    }
    let { page, list }: Props = $props();

    let who = $state({ name: '', email: '', phone: '' });
    let sending = $state(false);
    let said = $state<HTMLElement>();

    const wishes = $derived(page.wishes!);
    const name = (slug: string) => page.sheets.find((one) => one.slug === slug)?.host.name ?? slug;
    const called = ({ sheet, student }: { sheet: string; student: string }) =>
        student ? say('planning.who_about', { name: name(sheet), student }) : name(sheet);
    const fields = $derived(list.trouble?.fields ?? {});

    async function send() {
        if (sending) return;
        sending = true;
        const token = await list.send(who);
        sending = false;
        // From now on it is theirs on the pass, also after a reload.
        if (token && !page.pass) location.replace(`/r/${page.slug}?pass=${token}`);
        await tick();
        said?.focus();
    }
    /** The focus goes with what is moved. */
    async function move(event: MouseEvent, index: number, by: number) {
        const way = (event.currentTarget as HTMLElement).dataset.way;
        list.move(index, by);
        await tick();
        const row = document.querySelectorAll('.wishes li')[index + by];
        const button = row?.querySelector<HTMLButtonElement>(`[data-way=${way}]:not(:disabled)`);
        (button ?? row?.querySelector<HTMLButtonElement>('button:not(:disabled)'))?.focus();
    }
</script>

{#snippet bold(text: string)}<strong>{text}</strong>{/snippet}

{#if list.trouble}
    <p class="notice mb-3" role="alert" tabindex="-1" bind:this={said}>{list.trouble.message}</p>
{/if}
{#if list.picks.length === 0}
    <p class="text-faint">{say('planning.wishes_empty')}</p>
{:else}
    <p class="mb-2">{say('planning.wishes_order')}</p>
    <ol class="wishes mb-3">
        {#each list.picks as pick, i (pick.sheet + pick.student)}
            <li>
                <span class="rank">{i + 1}</span>
                <span class="min-w-0"
                    >{#if pick.student}<Said
                            key="planning.meeting_about"
                            values={{ name: name(pick.sheet), student: pick.student }}
                            {bold}
                        />{:else}{@render bold(name(pick.sheet))}{/if}</span
                >
                <span class="ms-auto flex flex-none">
                    <button
                        type="button"
                        class="step"
                        data-way="up"
                        disabled={i === 0}
                        aria-label={say('planning.wish_more', { name: called(pick) })}
                        onclick={(event) => move(event, i, -1)}>↑</button
                    >
                    <button
                        type="button"
                        class="step"
                        data-way="down"
                        disabled={i === list.picks.length - 1}
                        aria-label={say('planning.wish_less', { name: called(pick) })}
                        onclick={(event) => move(event, i, 1)}>↓</button
                    >
                </span>
            </li>
        {/each}
    </ol>
{/if}
{#if list.plan && list.plan.left.length > 0}
    <h3 class="mb-1 text-lg">{say('planning.wishes_left')}</h3>
    <ul class="mb-4">
        {#each list.plan.left as left (left.sheet + left.student)}
            <li class="notice mb-2">
                {left.why}
                {#if left.student}<span class="text-faint">{say('planning.about', { student: left.student })}</span
                    >{/if}
            </li>
        {/each}
    </ul>
{/if}
<AboutChildren {page} {list} children={[...new Set(list.picks.map((one) => one.student))]} />
<p class="mb-3" role="status">
    {#if list.isSent}{list.sentSaid}
    {:else if list.sent}{say('planning.wishes_unsent')}
    {/if}
    {wishes.said}
</p>
{#if list.picks.length > 0 && !list.isSent}
    <WhoComes pass={page.pass} bind:who {fields} />
    {#if fields.windows}<p class="mt-2 font-semibold text-brick">{fields.windows}</p>{/if}
    <div class="in-sight">
        <button type="button" class="press main w-full" disabled={sending} onclick={send}
            >{sending
                ? say('planning.wishes_sending')
                : list.sent
                  ? say('planning.wishes_send_again')
                  : say('planning.wishes_send', { many: list.picks.length })}</button
        >
    </div>
{/if}
{#if list.sent}
    <button type="button" class="link" onclick={() => list.takeBack()}>{say('planning.wishes_back')}</button>
{/if}

<style>
    .wishes li {
        display: flex;
        align-items: center;
        gap: 0.6rem;
        min-height: 3rem;
        border-bottom: 1px solid var(--line);
    }
    .rank {
        min-width: 1.6rem;
        color: var(--board);
        font-weight: 700;
        font-variant-numeric: tabular-nums;
    }
    .step {
        width: 2.75rem;
        height: 2.75rem;
        color: var(--board);
        font-size: 1.2rem;
    }
    .step:disabled {
        opacity: 0.25;
    }
</style>
