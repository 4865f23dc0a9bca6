<script lang="ts">
    /** The office gives a round's times: has them looked for, looks at them, pins what has to stay, and publishes. */
    import { say } from '../lib/say';
    import Fold from '../controls/Fold.svelte';
    import { onMount } from 'svelte';
    import { Button, Input, Label, Modal } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import StaffHead from '../parts/StaffHead.svelte';
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
    <StaffHead {host} />
    <div class="mb-2 flex flex-wrap items-center gap-x-4">
        <h1 class="me-auto">{say('arranging.allotment')}</h1>
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}">{title}</a>
    </div>
    {#if page.message}<Notice class="mb-3">{page.message}</Notice>{/if}
    {#if now.state !== 'booked' && now.state !== 'booking'}
        <p class="flex flex-wrap items-center gap-x-4">
            <span>{now.sent_said}</span>
            {#if now.collecting}
                <span>{say('arranging.wishes_until_said', { until: now.until })}</span>
                <TextButton onclick={() => (ending = true)}>{say('arranging.change_that')}</TextButton>
            {:else}
                <span>{say('arranging.wishes_over_since', { until: now.until })}</span>
                {#if !page.busy}<TextButton onclick={() => (ending = true)}>{say('arranging.take_more')}</TextButton
                    >{/if}
            {/if}
        </p>
    {/if}
    <p class="my-2 text-lg" role="status">{now.said}</p>
    {#if page.unheard}<Notice class="mb-3">{say('arranging.allot_unheard', { at: page.unheard })}</Notice>{/if}
    {#if page.busy}
        <div
            class="bar mb-3"
            role="progressbar"
            aria-label={say('arranging.allot_progress')}
            aria-valuemin="0"
            aria-valuemax={now.state === 'booking' ? now.families : now.wishes}
            aria-valuenow={now.state === 'booking' ? now.booked : now.granted}
        >
            {#if now.state === 'booking'}
                <b style:width="{now.families ? (100 * now.booked) / now.families : 0}%"></b>
            {:else}
                <b style:width={share(now.granted)}></b>
                {#if now.bound > 0}<i style:inset-inline-start={share(now.bound)} title={say('arranging.allot_bound')}
                    ></i>{/if}
            {/if}
        </div>
    {/if}
    <div class="mb-4 flex flex-wrap items-center gap-3">
        {#if page.looking}
            <Button color="alternative" disabled={page.beginning} onclick={() => void page.stop()}
                >{say('arranging.allot_stop')}</Button
            >
        {:else if now.state === 'none' || now.state === 'failed'}
            <Button disabled={now.sent === 0} onclick={() => void page.begin(1)}>{say('arranging.allot_press')}</Button>
        {:else if now.state === 'found'}
            <Button disabled={now.collecting} onclick={() => (publishing = true)}
                >{say('arranging.publish_open')}</Button
            >
            <Button color="alternative" onclick={() => void page.begin(now.seed)}
                >{say('arranging.allot_again', { pinned })}</Button
            >
            <TextButton onclick={() => void page.begin(now.seed + 1)}>{say('arranging.allot_another')}</TextButton>
            {#if now.collecting}<span class="text-faint">{say('arranging.publish_later')}</span>{/if}
        {/if}
        {#if page.picture && !page.looking}
            <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}/allotment.csv" download
                >{say('arranging.allot_table')}</a
            >
        {/if}
    </div>
    <!-- Stays while times are looked for anew: what somebody types is not taken from under their hands. -->
    {#if page.picture}
        <div class="mb-3 max-w-md">
            <Label for="pick">{say('arranging.pick_out')}</Label>
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
                    {#if sought.trim() !== ''}<li class="py-2">{say('arranging.pick_none')}</li>{/if}
                {/each}
                {#if found.length > 8}<li class="py-1 text-faint">
                        {say('arranging.pick_more', { many: found.length - 8 })}
                    </li>{/if}
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
                            >{one.asked
                                ? say('arranging.not_asked', { student: one.student })
                                : say('arranging.not_wish', { student: one.student, rank: one.rank })}</span
                        >
                        <span class="block">{one.why}</span>
                    </li>
                {/each}
            </ul>
        </Fold>
    {/if}
</main>

<Modal bind:open={ending} title={say('arranging.until_heading')} size="sm">
    <Label for="until">{say('arranging.until')}</Label>
    <Input id="until" type="datetime-local" bind:value={until} />
    <div class="flex flex-wrap gap-3">
        <Button
            disabled={!until}
            onclick={() => {
                ending = false;
                void page.until(until);
            }}>{say('arranging.until_then')}</Button
        >
        {#if now.collecting}
            <Button
                color="alternative"
                onclick={() => {
                    ending = false;
                    void page.until(null);
                }}>{say('arranging.until_now')}</Button
            >
        {/if}
    </div>
    <p class="text-faint">{say('arranging.until_untold')}</p>
</Modal>

<Modal bind:open={publishing} title={say('arranging.give')} size="md">
    <p>{now.said}</p>
    <p>
        {say('arranging.give_about')}
    </p>
    <div class="flex gap-3">
        <Button
            onclick={() => {
                publishing = false;
                void page.publish();
            }}>{say('arranging.publish_it')}</Button
        >
        <Button color="alternative" onclick={() => (publishing = false)}>{say('arranging.not_yet')}</Button>
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
