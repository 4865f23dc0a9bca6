<script lang="ts">
    /** Another time on the same sheet, for somebody who has one already: the old one stays theirs until the new one is. */
    import { say } from '../lib/say';
    import { onMount, tick } from 'svelte';
    import type { Schema, Trouble } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import Ruler from '../ruler/Ruler.svelte';

    /** What is to be picked from; what of it whoever moves can have beyond the rules for visitors, with what these would be told. */
    export interface Times {
        zone_name: string;
        days: Schema['RulerDay'][];
        later: string | null;
        choose_host?: Schema['VisitSheet']['choose_host'];
        beyond?: Record<string, string>;
    }

    /** Why it was not moved; with whom it can be had there, where that is somebody else alone. */
    export interface NotMoved {
        message: string;
        other: { slug: string; name: string } | null;
    }

    interface Props {
        load: (from: string | null) => Promise<{ data?: Times; trouble?: Trouble }>;
        /** Where it is now. */
        now: string;
        /** Whom it is with now, by the name of their door: whoever moves it is told where that would be somebody else. */
        host?: string;
        move: (slot: string, host: string | null) => Promise<NotMoved | null>;
        /** What is said where the time is not for moving to, but to be offered. */
        offering?: boolean;
    }
    let { load, now, host, move, offering = false }: Props = $props();

    let sheet = $state<Times | null>(null);
    let chosen = $state<{ key: string; said: string; other: { slug: string; name: string } | null } | null>(null);
    let message = $state('');
    let working = $state(false);
    let from = $state<string | null>(null);
    let confirm = $state<HTMLElement>();

    async function look() {
        const answer = await load(from);
        sheet = answer.data ? withOwn(answer.data) : null;
        message = answer.trouble?.message ?? '';
    }
    /** To whoever moves it, its own time is free, but no new one. */
    function withOwn(of: Times): Times {
        for (const slot of of.days.flatMap((day) => day.stretches.flatMap((part) => part.slots)))
            if (slot.key === now) slot.state = 'taken';
            else if (of.beyond?.[slot.key]) slot.state = 'free';
        return of;
    }
    onMount(look);

    /** Whom one would meet there, where it is not the same one. */
    function otherAt(slot: Schema['RulerSlot']) {
        const there = slot.hosts ?? [];
        return host === undefined || there.length === 0 || there.includes(host)
            ? null
            : (sheet?.choose_host?.find((one) => one.slug === there[0]) ?? null);
    }
    async function show() {
        await tick();
        confirm?.focus({ preventScroll: true });
        confirm?.scrollIntoView({ block: 'nearest' });
    }
    async function press() {
        if (!chosen) return;
        working = true;
        const failed = await move(chosen.key, chosen.other?.slug ?? null);
        working = false;
        message = failed?.message ?? '';
        if (!failed) return;
        // Somebody else took its host meanwhile: the next press says with whom it is.
        if (failed.other) chosen.other = failed.other;
        await look();
        message ||= failed.message;
    }
</script>

<div class="mt-4">
    {#if sheet}
        {#if !offering}<p class="mb-2">{say('visit.move_intro')}</p>{/if}
        <div class="grid gap-4">
            {#each sheet.days as day (day.date)}
                <Ruler
                    {day}
                    chosen={chosen?.key}
                    names={{ [now]: say('visit.move_now') }}
                    zone={sheet.zone_name}
                    called={say('visit.move_ruler', { day: day.label })}
                    pick={(slot) => {
                        chosen = {
                            key: slot.key,
                            said: say('pages.slot', {
                                day: day.label,
                                from: clock.say(slot.from),
                                until: clock.say(slot.until),
                            }),
                            other: otherAt(slot),
                        };
                        void show();
                    }}
                />
            {/each}
        </div>
        {#if sheet.later}<button
                type="button"
                class="press mt-3"
                onclick={() => {
                    from = sheet!.later;
                    void look();
                }}>{say('visit.later_days')}</button
            >{/if}
        {#if chosen}
            <div tabindex="-1" bind:this={confirm}>
                <p class="mt-3 font-semibold">{chosen.said}</p>
                {#if sheet.beyond?.[chosen.key]}<p class="notice mt-2">
                        {offering
                            ? say('visit.move_beyond_offer', { why: sheet.beyond[chosen.key]! })
                            : say('visit.move_beyond', { why: sheet.beyond[chosen.key]! })}
                    </p>{/if}
                {#if chosen.other}<p class="notice mt-2">{say('visit.move_with', { host: chosen.other.name })}</p>{/if}
                <button type="button" class="press main mt-2" disabled={working} onclick={press}
                    >{offering
                        ? say('visit.move_offer')
                        : working
                          ? say('visit.move_working')
                          : chosen.other
                            ? say('visit.move_press_with', { host: chosen.other.name })
                            : say('visit.move_press')}</button
                >
            </div>
        {/if}
    {/if}
    {#if message}<p class="notice mt-3" role="alert">{message}</p>{/if}
</div>
