<script lang="ts">
    /** The office gives a round's times: has them looked for, looks at them, pins what has to stay, and publishes. */
    import Fold from '../controls/Fold.svelte';
    import { onMount } from 'svelte';
    import { Button, Input, Label, Modal } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import Masthead from '../parts/Masthead.svelte';
    import AllotPicked from '../round/AllotPicked.svelte';
    import AllotPicture from '../round/AllotPicture.svelte';
    import { AllotmentPage } from '../round/allotment.svelte';

    interface Props {
        host: string;
        round: number;
        title: string;
        first: Schema['Allotment'];
    }
    let { host, round, title, first }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    const page = new AllotmentPage(round, first);
    let sought = $state('');
    let ending = $state(false);
    let publishing = $state(false);
    let until = $state('');

    const now = $derived(page.now);
    const share = (part: number) => `${now.wishes ? (100 * part) / now.wishes : 0}%`;
    const pinned = $derived((page.picture?.meetings ?? []).filter((one) => one.pinned).length);
    const found = $derived.by(() => {
        if (sought.trim() === '' || !page.picture) return [];
        const named = (kind: 'family' | 'host', names: string[]) =>
            names.map((name, index) => ({ kind, index, name })).filter((one) => holds(one.name, sought));
        return [
            ...named(
                'host',
                page.picture.hosts.map((one) => one.name),
            ),
            ...named('family', page.picture.families),
        ];
    });

    onMount(() => page.watch());
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <div class="mb-2 flex flex-wrap items-center gap-x-4">
        <h1 class="mr-auto">Allotment</h1>
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}">{title}</a>
    </div>
    {#if page.message}<Notice class="mb-3">{page.message}</Notice>{/if}
    {#if now.state !== 'booked' && now.state !== 'booking'}
        <p class="flex flex-wrap items-center gap-x-4">
            <span>{now.sent_said}</span>
            {#if now.collecting}
                <span>They can until {now.until}.</span>
                <TextButton onclick={() => (ending = true)}>Change that</TextButton>
            {:else}
                <span>Since {now.until} no more are taken.</span>
                {#if !page.busy}<TextButton onclick={() => (ending = true)}>Take more</TextButton>{/if}
            {/if}
        </p>
    {/if}
    <p class="my-2 text-lg" role="status">{now.said}</p>
    {#if page.unheard}<Notice class="mb-3"
            >No word since {page.unheard}. It goes on by itself; this page asks again each second.</Notice
        >{/if}
    {#if page.busy}
        <div
            class="bar mb-3"
            role="progressbar"
            aria-label="How far it is"
            aria-valuemin="0"
            aria-valuemax={now.state === 'booking' ? now.families : now.wishes}
            aria-valuenow={now.state === 'booking' ? now.booked : now.granted}
        >
            {#if now.state === 'booking'}
                <b style:width="{now.families ? (100 * now.booked) / now.families : 0}%"></b>
            {:else}
                <b style:width={share(now.granted)}></b>
                {#if now.bound > 0}<i style:left={share(now.bound)} title="More can never be granted"></i>{/if}
            {/if}
        </div>
    {/if}
    <div class="mb-4 flex flex-wrap items-center gap-3">
        {#if page.looking}
            <Button color="alternative" disabled={page.beginning} onclick={() => void page.stop()}
                >Stop, and take what there is</Button
            >
        {:else if now.state === 'none' || now.state === 'failed'}
            <Button disabled={now.sent === 0} onclick={() => void page.begin(1)}>Find times</Button>
        {:else if now.state === 'found'}
            <Button disabled={now.collecting} onclick={() => (publishing = true)}>Publish…</Button>
            <Button color="alternative" onclick={() => void page.begin(now.seed)}
                >{pinned === 0 ? 'Find times again' : `Find again; ${pinned} stay${pinned === 1 ? 's' : ''}`}</Button
            >
            <TextButton onclick={() => void page.begin(now.seed + 1)}>Find another way</TextButton>
            {#if now.collecting}<span class="text-faint">It can be published once wishes are over.</span>{/if}
        {/if}
        {#if page.picture && !page.looking}
            <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}/allotment.csv" download
                >All of it as a table</a
            >
        {/if}
    </div>
    <!-- Stays while times are looked for anew: what somebody types is not taken from under their hands. -->
    {#if page.picture}
        <div class="mb-3 max-w-md">
            <Label for="pick">Pick out a family or a teacher</Label>
            <Input id="pick" type="search" autocomplete="off" bind:value={sought} />
            <ul>
                {#each found.slice(0, 8) as one (one.kind + one.index)}
                    <li>
                        <TextButton
                            onclick={() => {
                                page.picked = { kind: one.kind, index: one.index };
                                sought = '';
                            }}>{one.name}</TextButton
                        >
                    </li>
                {:else}
                    {#if sought.trim() !== ''}<li class="py-2">Nobody here is called that.</li>{/if}
                {/each}
                {#if found.length > 8}<li class="py-1 text-faint">{found.length - 8} more; type a few letters.</li>{/if}
            </ul>
        </div>
    {/if}
    {#if page.picture && !page.looking}
        {#if page.picture.none.length > 0}
            <section class="notice mb-4" aria-labelledby="none">
                <h2 id="none" class="mb-1 text-base font-semibold">{page.picture.none_said}</h2>
                <ul class="max-h-64 overflow-auto" tabindex="-1">
                    {#each page.picture.none as one (one.family)}
                        <li class="border-t border-line py-1 first:border-0">
                            <TextButton onclick={() => (page.picked = { kind: 'family', index: one.family })}
                                >{page.picture.families[one.family]}</TextButton
                            >
                            {#each one.said as why, i (i)}<span class="block">{why}</span>{/each}
                            <strong class="font-semibold">{one.helps}</strong>
                        </li>
                    {/each}
                </ul>
            </section>
        {:else}
            <p class="mb-3 text-faint">{page.picture.none_said}</p>
        {/if}
        {#if page.picked}<AllotPicked picture={page.picture} {page} />{/if}
        <AllotPicture picture={page.picture} {page} />
        <Fold class="mt-4" begins={page.picture.not.length <= 12}>
            <summary class="min-h-11 cursor-pointer py-2 font-semibold">{page.picture.not_said}</summary>
            <ul class="columns-1 gap-x-8 lg:columns-2">
                {#each page.picture.not as one (one.id)}
                    <li class="break-inside-avoid border-b border-line py-1">
                        <TextButton onclick={() => (page.picked = { kind: 'family', index: one.family })}
                            >{page.picture.families[one.family]}</TextButton
                        >
                        <span class="text-faint"
                            >about {one.student}, {one.asked ? 'asked for' : `wish ${one.rank}`}</span
                        >
                        <span class="block">{one.why}</span>
                    </li>
                {/each}
            </ul>
        </Fold>
    {/if}
</main>

<Modal bind:open={ending} title="Until when are wishes taken?" size="sm">
    <Label for="until">Until</Label>
    <Input id="until" type="datetime-local" bind:value={until} />
    <div class="flex flex-wrap gap-3">
        <Button
            disabled={!until}
            onclick={() => {
                ending = false;
                void page.until(until);
            }}>Until then</Button
        >
        {#if now.collecting}
            <Button
                color="alternative"
                onclick={() => {
                    ending = false;
                    void page.until(null);
                }}>End it now</Button
            >
        {/if}
    </div>
    <p class="text-faint">Families whose wishes are not in yet are not told; write to them first.</p>
</Modal>

<Modal bind:open={publishing} title="Give all of them their times?" size="md">
    <p>{now.said}</p>
    <p>
        All meetings are booked then. Each family hears of all of its times in one letter, each teacher in one; what is
        still free can be booked by everybody. It cannot be taken back at once: after that, single meetings are moved or
        cancelled.
    </p>
    <div class="flex gap-3">
        <Button
            onclick={() => {
                publishing = false;
                void page.publish();
            }}>Publish it</Button
        >
        <Button color="alternative" onclick={() => (publishing = false)}>Not yet</Button>
    </div>
</Modal>

<style>
    .bar {
        position: relative;
        height: 1.4rem;
        border: 1px solid var(--edge);
        border-radius: 4px;
        background: var(--card);
    }
    .bar b {
        display: block;
        height: 100%;
        background: var(--board);
    }
    .bar i {
        position: absolute;
        top: -4px;
        bottom: -4px;
        width: 3px;
        background: var(--marigold);
    }
</style>
