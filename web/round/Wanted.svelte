<script lang="ts">
    /** Whom a family wants to meet, child by child: who teaches it first, then whoever else is in the round. */
    import { say } from '../lib/say';
    import Fold from '../controls/Fold.svelte';
    import type { Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import type { Shortlist } from './shortlist.svelte';

    interface Props {
        page: Schema['RoundPage'];
        list: Shortlist;
    }
    let { page, list }: Props = $props();

    /** Where anybody types a name: about whom they come. */
    let typed = $state<string[]>([]);
    let name = $state('');
    let sought = $state<Record<string, string>>({});

    const bySlug = $derived(new Map(page.sheets.map((one) => [one.slug, one])));
    const known = $derived([...new Set([...list.picks.map((one) => one.student), ...typed])]);
    const children = $derived(
        page.children ??
            known.map((child) => ({ name: child, class: '', teachers: [] as string[], asked: [] as string[] })),
    );
    /** Who is ticked stays in sight, whoever teaches the child. */
    const shown = (child: { name: string; teachers: string[]; asked: string[] }) => [
        ...child.asked,
        ...child.teachers.filter((one) => !child.asked.includes(one)),
        ...list.picks
            .filter(
                (one) =>
                    one.student === child.name &&
                    ![...child.asked, ...child.teachers].includes(one.sheet) &&
                    bySlug.has(one.sheet),
            )
            .map((one) => one.sheet),
    ];
    const found = (child: { name: string; teachers: string[]; asked: string[] }) => {
        const words = sought[child.name] ?? '';
        if (words.trim() === '' && page.children) return [];
        return page.sheets.filter(
            (one) =>
                !shown(child).includes(one.slug) && holds(`${one.host.name} ${one.host.subject} ${one.place}`, words),
        );
    };
    /** What stands already is on the plan, and is changed on the pass. */
    const stands = (slug: string, child: string) =>
        (list.plan?.days ?? []).some((day) =>
            day.meetings.some((one) => one.booked && one.sheet === slug && one.student === child),
        );
    const missing = (child: { name: string; teachers: string[] }) =>
        child.teachers.filter((one) => !list.has(one, child.name) && !stands(one, child.name));

    function add(event: SubmitEvent) {
        event.preventDefault();
        const tidy = name.trim();
        if (tidy !== '' && !known.includes(tidy)) typed = [...typed, tidy];
        name = '';
    }
</script>

{#snippet host(slug: string, child: string, asks = false)}
    {@const one = bySlug.get(slug)!}
    <label class="flex min-h-11 items-center gap-3 border-b border-line py-1">
        <input
            type="checkbox"
            class="size-6"
            checked={list.has(slug, child) || stands(slug, child)}
            disabled={stands(slug, child)}
            onchange={(event) => list.tick(slug, child, event.currentTarget.checked)}
        />
        <span class="min-w-0">
            <strong>{one.host.name}</strong>{#if asks}<span class="chip open ms-2">{say('planning.asks')}</span>{/if}
            <span class="text-faint"
                >{one.host.subject}{one.host.subject ? ', ' : ''}{one.place}{stands(slug, child)
                    ? ', booked'
                    : ''}</span
            >
        </span>
    </label>
{/snippet}

{#each children as child (child.name)}
    <fieldset class="mb-5">
        <legend class="mb-1 text-lg font-semibold">
            {child.name}{#if child.class && !child.name.endsWith(`(${child.class})`)}<span
                    class="font-normal text-faint">, {child.class}</span
                >{/if}
        </legend>
        {#if missing(child).length > 1}
            <button
                type="button"
                class="link"
                onclick={() => missing(child).forEach((one) => list.tick(one, child.name, true))}
                >{say('planning.tick_all', { many: child.teachers.length })}</button
            >
        {/if}
        {#each shown(child) as slug (slug)}{#if bySlug.has(slug)}{@render host(
                    slug,
                    child.name,
                    child.asked.includes(slug),
                )}{/if}{/each}
        <Fold class="mt-1" begins={child.teachers.length === 0}>
            <summary class="min-h-11 cursor-pointer py-2 text-board underline underline-offset-4"
                >{say('planning.somebody_else')}</summary
            >
            <label class="block">
                <span class="mb-1 block">{say('planning.seek')}</span>
                <input type="search" class="box w-full" autocomplete="off" bind:value={sought[child.name]} />
            </label>
            {#each found(child).slice(0, 12) as one (one.slug)}{@render host(one.slug, child.name)}{:else}
                {#if sought[child.name]}<p class="py-2">{say('planning.seek_none')}</p>{/if}
            {/each}
            {#if found(child).length > 12}<p class="py-2 text-faint">
                    {say('planning.seek_more', { many: found(child).length - 12 })}
                </p>{/if}
        </Fold>
    </fieldset>
{/each}
{#if !page.children}
    <form class="flex flex-wrap items-end gap-3" onsubmit={add}>
        <label class="min-w-0 flex-1 basis-52">
            <span class="mb-1 block font-semibold">{say('planning.student')}</span>
            <input class="box w-full" autocomplete="off" maxlength="120" bind:value={name} />
        </label>
        <button class="press"
            >{children.length === 0 ? say('planning.find_teachers') : say('planning.another_child')}</button
        >
    </form>
{/if}
