<script lang="ts">
    /** That it was asked, and where the answer comes. */
    import { onMount } from 'svelte';
    import type { Schema } from '../lib/api';
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

<section class="good-news mt-6 max-w-3xl" tabindex="-1" bind:this={news} aria-labelledby="sent">
    <h2 id="sent">
        {sent.state === 'unconfirmed'
            ? 'One press more: look into your mail.'
            : `${asked.join(' and ')} ${asked.length > 1 ? 'are' : 'is'} asked.`}
    </h2>
    <p>
        {sent.state === 'unconfirmed'
            ? `Your times are kept for half an hour. Press what stands in the message to ${sent.email}, and they are asked.`
            : sent.email
              ? `You hear by a message to ${sent.email}. ${kept}`
              : `The answer comes to your bookings. ${kept}`}
        How it stands is on <a href={sent.path}>a private page</a>. Only you should have its address.
    </p>
</section>
<ul class="mt-4 max-w-3xl">
    {#each list as choice (choice.key)}<li class="times">
            {choice.day}, {clock.say(choice.from)} to {clock.say(choice.until)}
        </li>{/each}
</ul>
<p class="mt-4"><a class="press" href={sent.path}>To your bookings</a></p>
