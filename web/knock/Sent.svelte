<script lang="ts">
    /** That it was asked, and where the answer comes. */
    import { say } from '../lib/say';
    import { onMount } from 'svelte';
    import type { Schema } from '../lib/api';
    import { listed } from '../lib/listed';
    import Said from '../parts/Said.svelte';
    import { clock } from '../lib/clock.svelte';
    import type { Choice } from './choices.svelte';

    interface Props {
        sent: Schema['Knocked'];
        list: Choice[];
        /** Who is asked, by their names. */
        asked: string[];
        kept: string;
    }
    let { sent, list, asked, kept }: Props = $props();

    let news = $state<HTMLElement>();
    onMount(() => {
        news?.focus();
        news?.scrollIntoView({ block: 'nearest' });
    });
</script>

{#snippet link(text: string)}<a href={sent.path}>{text}</a>{/snippet}

<section class="good-news mt-6 max-w-3xl" tabindex="-1" bind:this={news} aria-labelledby="sent">
    <h2 id="sent">
        {sent.state === 'unconfirmed'
            ? say('asking.sent_press_more')
            : say('asking.sent', { names: listed(asked), many: asked.length })}
    </h2>
    <p>
        {#if sent.state === 'unconfirmed'}<Said key="asking.sent_kept" values={{ email: sent.email }} {link} />
        {:else if sent.email}<Said key="asking.sent_hear" values={{ email: sent.email, kept }} {link} />
        {:else}<Said key="asking.sent_answer" values={{ kept }} {link} />{/if}
    </p>
</section>
<ul class="mt-4 max-w-3xl">
    {#each list as choice (choice.key)}<li class="times">
            {say('pages.slot', { day: choice.day, from: clock.say(choice.from), until: clock.say(choice.until) })}
        </li>{/each}
</ul>
<p class="mt-4"><a class="press" href={sent.path}>{say('asking.sent_to_bookings')}</a></p>
