<script lang="ts">
    /** What is asked of a host: to be answered with one press, and on which terms they can be asked. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import Fold from '../controls/Fold.svelte';
    import { onMount } from 'svelte';
    import Notice from '../controls/Notice.svelte';
    import Asked from '../knock/Asked.svelte';
    import Terms from '../knock/Terms.svelte';
    import { api, type Schema } from '../lib/api';
    import { Live } from '../lib/live.svelte';
    import Heard from '../parts/Heard.svelte';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        knocks: Schema['HostKnocks'];
    }
    let { host, knocks: first }: Props = $props();

    let fresh = $state.raw<Schema['HostKnocks'] | null>(null);
    const page = $derived(fresh ?? first);
    let said = $state('');

    const live = new Live(
        () => page.channel,
        (headers) => api.GET('/api/staff/knocks', { headers }),
        (data) => (fresh = data),
    );
    onMount(() => live.start());

    function take(answer: Schema['HostKnocks'], what: string) {
        fresh = answer;
        live.fresh();
        said = what;
        scrollTo({ top: 0 });
    }
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <Heard {live} />
    <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h1>{say('asking.asked_of_you')}</h1>
        {#if page.terms.open}<p class="text-faint">
                <Said key="asking.asks_at_door"
                    >{#snippet link(text)}<a href={page.terms.door}>{text}</a>{/snippet}</Said
                >
            </p>{/if}
    </div>
    <div role="status">
        {#if said}<Notice good class="mb-3">{said}</Notice>{/if}
    </div>
    <div class="grid gap-3">
        {#each page.open as knock (knock.id)}
            <Asked {knock} answered={take} />
        {:else}
            <p>
                {page.terms.open ? say('asking.none') : say('asking.none_allowed')}
            </p>
        {/each}
    </div>
    <Fold class="mt-6" begins={!page.terms.allowed}>
        <summary class="min-h-11 cursor-pointer py-2 text-board"><h2 class="inline">{say('asking.terms')}</h2></summary>
        <Terms terms={page.terms} saved={take} />
    </Fold>
    {#if page.over.length > 0}
        <h2 class="mt-6 mb-1">{say('asking.answered_lately')}</h2>
        <ul class="border-t border-line">
            {#each page.over as one (one.id)}
                <li class="flex flex-wrap items-baseline gap-x-4 border-b border-line py-2">
                    <strong>{one.title}</strong><span>{one.who}</span><span class="text-faint">{one.said}</span>
                    {#if one.sheet}<a class="ms-auto" href="/staff/sheets/{one.sheet}">{say('asking.look_up')}</a>{/if}
                </li>
            {/each}
        </ul>
    {/if}
</main>
