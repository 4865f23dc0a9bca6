<script lang="ts">
    /** The host's page on the day: who is in, who is next, who waits, and what can be pressed. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { onMount, tick } from 'svelte';
    import { Badge, Button, Textarea } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import UndoToast from '../controls/UndoToast.svelte';
    import { clock } from '../lib/clock.svelte';
    import { now } from '../lib/now.svelte';
    import type { Schema } from '../lib/api';
    import About from '../desk/About.svelte';
    import AskedOnDesk from '../knock/AskedOnDesk.svelte';
    import DayRuler from '../desk/DayRuler.svelte';
    import KeysHelp from '../desk/KeysHelp.svelte';
    import TurnRow from '../desk/TurnRow.svelte';
    import Unbooked from '../desk/Unbooked.svelte';
    import UnderWay from '../desk/UnderWay.svelte';
    import Workings from '../desk/Workings.svelte';
    import { Desk, minutesSince, names, overBy } from '../desk/desk.svelte';
    import Heard from '../parts/Heard.svelte';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        desk: Schema['Desk'];
        /** For the office: letters that do not go out, in a sentence each. */
        stuck: string[];
    }
    let { host, desk: first, stuck }: Props = $props();

    // svelte-ignore state_referenced_locally
    const desk = new Desk(first);
    let chosen = $state<string | null>(null);
    let form = $state<'' | 'late' | 'break' | 'unbooked' | 'word'>('');
    let word = $state('');
    let help = $state(false);
    let keysOn = $state(localStorage.getItem('recess.desk-keys') !== 'off');
    $effect(() => localStorage.setItem('recess.desk-keys', keysOn ? 'on' : 'off'));

    onMount(() => {
        now.every(1000);
        return desk.live.start();
    });

    const next = $derived(desk.next);
    const open = $derived(desk.turns.find((one) => one.key === chosen));
    const show = (what: typeof form) => (form = form === what ? '' : what);
    const callNext = () => next.length > 0 && desk.press({ what: 'call', who: next.map((one) => one.key) });

    const how = $derived.by(() => {
        if (desk.data.back !== null && desk.data.back > now.seconds)
            return say('desk.how_break', { minutes: Math.ceil((desk.data.back - now.seconds) / 60) });
        // Nobody is on time whose meeting is over by its own card, whoever comes next.
        const over = overBy(desk.under, now.seconds);
        if (over >= 3 && over > desk.data.runs_late) return say('desk.how_over', { minutes: over });
        if (desk.data.runs_late >= 3) return say('desk.how_late', { minutes: desk.data.runs_late });
        return desk.under.length > 0 || desk.turns.some((one) => one.ended !== null) ? say('desk.how_on_time') : '';
    });
    async function choose(key: string) {
        chosen = chosen === key ? null : key;
        await tick();
        document.querySelector(`[data-turn="${key}"]`)?.scrollIntoView({ block: 'nearest' });
    }
    function step(by: number) {
        const keys = desk.turns.map((one) => one.key);
        const at = chosen === null ? (by > 0 ? -1 : keys.length) : keys.indexOf(chosen);
        const to = keys[Math.max(0, Math.min(keys.length - 1, at + by))];
        if (to && to !== chosen) void choose(to);
    }
    const under = () => desk.under.map((one) => one.key);
    const KEYS: Record<string, [string, () => void]> = {
        n: [say('desk.key_n'), () => void callNext()],
        e: [say('desk.key_e'), () => under().length && void desk.press({ what: 'end', who: under() })],
        m: [say('desk.key_m'), () => under().length && void desk.press({ what: 'more', who: under(), minutes: 5 })],
        j: [say('desk.key_j'), () => step(1)],
        k: [say('desk.key_k'), () => step(-1)],
        h: [say('desk.key_h'), () => chosen && void desk.press({ what: 'here', who: [chosen] })],
        i: [say('desk.key_i'), () => chosen && void desk.press({ what: 'call', who: [chosen] })],
        c: [say('desk.key_c'), () => chosen && void desk.press({ what: 'met', who: [chosen] })],
        x: [say('desk.key_x'), () => chosen && void desk.press({ what: 'missed', who: [chosen] })],
        l: [say('desk.key_l'), () => show('late')],
        b: [say('desk.key_b'), () => show('break')],
        w: [say('desk.key_w'), () => show('word')],
        a: [say('desk.key_a'), () => show('unbooked')],
        z: [say('desk.key_z'), () => void desk.undo()],
        '?': [say('desk.key_list'), () => (help = true)],
    };
    function key(event: KeyboardEvent) {
        const target = event.target as HTMLElement;
        if (event.ctrlKey || event.metaKey || event.altKey || help) return;
        if (target.closest('input, textarea, select, [contenteditable]')) return;
        // The list of keys can always be looked up; there they are switched on again.
        const act =
            keysOn || event.key === '?' ? KEYS[event.key.length === 1 ? event.key.toLowerCase() : ''] : undefined;
        if (!act || (!desk.data.whole && 'lbwa'.includes(event.key.toLowerCase()))) return;
        event.preventDefault();
        act[1]();
    }
    async function late(minutes: number) {
        if ((await desk.press({ what: 'late', who: [], minutes })) === '') form = '';
    }
    async function rest(minutes: number) {
        if ((await desk.press({ what: 'break', who: [], minutes })) === '') form = '';
    }
    async function send() {
        if ((await desk.press({ what: 'word', who: [], word })) === '') {
            form = '';
            word = '';
        }
    }
</script>

<svelte:window
    onkeydown={key}
    onpointerdown={() => desk.touched()}
    onpointermove={(event) => event.buttons && desk.touched()}
    onkeyup={() => desk.touched()}
/>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <Heard live={desk.live} />
    {#each stuck as one (one)}
        <Notice class="mb-2">{one} <a href="/staff/sheets">{say('desk.stands_on_sheets')}</a></Notice>
    {/each}
    {#if desk.data.asked > 0}<AskedOnDesk asked={desk.data.asked} />{/if}
    <div class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-2">
        <h1>{desk.data.own ? say('desk.your_desk') : say('desk.desk_of', { name: desk.data.person.name })}</h1>
        <p class="me-auto">
            {desk.data.day}
            {#if how}<Badge color={/late|over$/.test(how) ? 'red' : 'primary'} border class="ms-2">{how}</Badge>{/if}
        </p>
        <!-- One line on a phone, which moves under a thumb: who is in stands on its first screen. -->
        <div
            class="flex min-w-0 basis-full gap-3 overflow-x-auto py-1 sm:basis-auto sm:flex-wrap sm:overflow-visible [&>*]:shrink-0"
        >
            {#each desk.data.desks as other (other.id)}<Button
                    size="sm"
                    color="alternative"
                    href="/staff/desk/{other.id}">{say('desk.desk_of', { name: other.name })}</Button
                >{/each}
            {#if desk.data.whole}<Button
                    size="sm"
                    color="alternative"
                    aria-expanded={form === 'late'}
                    onclick={() => show('late')}>{say('desk.running_late')}</Button
                >{/if}
            {#if !desk.data.whole}
                <!-- Breaks, lateness and who just came in are the host's. -->
            {:else if desk.data.back !== null && desk.data.back > now.seconds}
                <Button size="sm" onclick={() => rest(0)}>{say('desk.back_from_the_break')}</Button>
            {:else}
                <Button size="sm" color="alternative" aria-expanded={form === 'break'} onclick={() => show('break')}
                    >{say('desk.break')}</Button
                >
            {/if}
            {#if desk.data.whole}<Button
                    size="sm"
                    color="alternative"
                    aria-expanded={form === 'unbooked'}
                    onclick={() => show('unbooked')}>{say('desk.somebody_came_in')}</Button
                >{/if}
            {#if desk.data.whole && desk.waiting.length > 0}<Button
                    size="sm"
                    color="alternative"
                    aria-expanded={form === 'word'}
                    onclick={() => show('word')}>{say('desk.word_all')}</Button
                >{/if}
            <Button size="sm" color="alternative" href="/staff/lists?date={desk.data.date}">{say('desk.paper')}</Button>
            <Button size="sm" color="alternative" aria-label={say('desk.keys')} onclick={() => (help = true)}>?</Button>
        </div>
    </div>
    {#if desk.message}<Notice class="mb-2">{desk.message}</Notice>{/if}
    {#if form === 'late' || form === 'break'}
        <p class="mb-2 flex flex-wrap items-center gap-2">
            {form === 'late' ? say('desk.late_by') : say('desk.back_in')}
            {#each form === 'late' ? [5, 10, 15, 20, 30] : [5, 10, 15, 30] as minutes (minutes)}
                <Button size="sm" color="alternative" onclick={() => (form === 'late' ? late(minutes) : rest(minutes))}
                    >{say('desk.minutes', { minutes })}</Button
                >
            {/each}
            {#if form === 'late' && desk.data.late_minutes > 0}<Button
                    size="sm"
                    color="alternative"
                    onclick={() => late(0)}>{say('desk.not_late_any_more')}</Button
                >{/if}
        </p>
    {:else if form === 'unbooked'}
        <Unbooked {desk} done={() => (form = '')} />
    {:else if form === 'word'}
        <div class="mb-2 grid max-w-xl gap-2">
            <label for="word-to-all" class="font-semibold"
                >{say('desk.word_all_label', { many: desk.waiting.length })}</label
            >
            <Textarea id="word-to-all" class="w-full" rows={2} maxlength={300} bind:value={word} />
            <p><Button size="sm" disabled={!word.trim()} onclick={send}>{say('desk.send_it')}</Button></p>
        </div>
    {/if}
    <div class="grid items-start gap-4 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div class="min-w-0 lg:col-span-2"><DayRuler {desk} {chosen} choose={(turn) => choose(turn.key)} /></div>
        <!-- On a phone, whoever is in stands before the whole day. -->
        <div class="grid gap-3 max-sm:order-first">
            {#if desk.under.length > 0}<UnderWay {desk} {next} {callNext} />{/if}
            {#if next.length > 0}
                {@const one = next[0]!}
                <section class="border-s-4 border-line ps-3" aria-labelledby="next">
                    <h2 id="next">{say('desk.next', { names: names(next) })}</h2>
                    <p class="times mb-1">
                        {one.until
                            ? say('desk.next_from_to', { from: clock.say(one.from), until: clock.say(one.until) })
                            : say('desk.next_from', { from: clock.say(one.from) })}
                        {one.arrived !== null
                            ? say('desk.here_for', { minutes: minutesSince(one.arrived) })
                            : say('desk.not_here_yet')}
                    </p>
                    {#if desk.under.length === 0}<Button size="lg" class="mb-2" onclick={callNext}
                            >{next.length > 1
                                ? say('desk.call_all', { many: next.length })
                                : say('desk.call_in')}</Button
                        >{/if}
                    {#each next as turn (turn.key)}
                        {#if next.length > 1}<h3>{turn.student || turn.who}</h3>{/if}
                        <About {turn} />
                    {/each}
                </section>
            {:else if desk.under.length === 0}
                <p>
                    <Said key="desk.none_to_come"
                        >{#snippet link(text)}<a href="/staff/sheets">{text}</a>{/snippet}</Said
                    >
                </p>
            {/if}
        </div>
        <section aria-labelledby="day">
            <h2 id="day">
                {desk.late.length > 0
                    ? say('desk.waiting_late', { many: desk.waiting.length, late: desk.late.length })
                    : say('desk.waiting', { many: desk.waiting.length })}
            </h2>
            <ul class="mt-1">
                {#each desk.turns as turn (turn.key)}
                    <TurnRow {desk} {turn} open={open?.key === turn.key} toggle={() => choose(turn.key)} />
                {/each}
            </ul>
        </section>
    </div>
    {#if desk.data.own}<Workings {desk} />{/if}
    <KeysHelp bind:open={help} bind:on={keysOn} keys={Object.entries(KEYS).map(([one, [does]]) => [one, does])} />
    {#if desk.data.undo && desk.data.undo.until > now.seconds && !desk.busy}
        {#key desk.data.undo.key}<UndoToast
                said={desk.data.undo.said}
                act={() => void desk.undo()}
                done={() => (desk.data.undo = null)}
            />{/key}
    {/if}
</main>
