<script lang="ts">
    /** Another time on the same sheet, for somebody who has one already: the old one stays theirs until the new one is. */
    import { onMount } from 'svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import Ruler from './Ruler.svelte';

    interface Props {
        slug: string;
        token?: string;
        /** Which booking is moved: it does not stand in its own way. */
        moving?: number;
        /** Where it is now. */
        now: string;
        move: (slot: string) => Promise<string | null>;
    }
    let { slug, token, moving, now, move }: Props = $props();

    let sheet = $state<Schema['VisitSheet'] | null>(null);
    let chosen = $state<{ key: string; said: string } | null>(null);
    let message = $state('');
    let working = $state(false);
    let from = $state<string | null>(null);

    async function load() {
        const answer = await ask(
            api.GET('/api/s/{slug}', {
                params: {
                    path: { slug },
                    query: {
                        ...(token ? { pass: token } : {}),
                        ...(moving ? { moving: String(moving) } : {}),
                        ...(from ? { from } : {}),
                    },
                },
            }),
        );
        sheet = answer.data ?? null;
        message = answer.trouble?.message ?? '';
    }
    onMount(load);

    async function press() {
        if (!chosen) return;
        working = true;
        message = (await move(chosen.key)) ?? '';
        working = false;
        if (message) void load();
    }
</script>

<div class="mt-4">
    {#if sheet}
        <p class="mb-2">Pick the new time. The old one stays yours until you have it.</p>
        <div class="grid gap-4">
            {#each sheet.days as day (day.date)}
                <Ruler
                    {day}
                    chosen={chosen?.key}
                    names={{ [now]: 'yours now' }}
                    pick={(slot) =>
                        (chosen = {
                            key: slot.key,
                            said: `${day.label}, ${clock.say(slot.from)} to ${clock.say(slot.until)}`,
                        })}
                />
            {/each}
        </div>
        {#if sheet.later}<button
                type="button"
                class="press mt-3"
                onclick={() => {
                    from = sheet!.later;
                    void load();
                }}>Later days</button
            >{/if}
        {#if chosen}
            <p class="mt-3 font-semibold">{chosen.said}</p>
            <button type="button" class="press main mt-2" disabled={working} onclick={press}
                >{working ? 'Moving it…' : 'Move it there'}</button
            >
        {/if}
    {/if}
    {#if message}<p class="notice mt-3" role="alert">{message}</p>{/if}
</div>
