<script lang="ts">
    /** While a round runs: how full each is, whose families have not booked, which rooms are used twice. */
    import { say } from '../lib/say';
    import { onMount } from 'svelte';
    import { Button, Label, Modal, Textarea } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { Live } from '../lib/live.svelte';
    import Heard from '../parts/Heard.svelte';

    interface Props {
        round: number;
        first: Schema['RoundFill'];
        /** Whether wishes are collected: nothing is booked yet. */
        collecting: boolean;
        /** On which it is told that something changed. */
        channel: string;
    }
    let { round, first, collecting, channel }: Props = $props();

    let changed = $state<Schema['RoundFill'] | null>(null);
    const fill = $derived(changed ?? first);
    const most = $derived(Math.max(1, ...fill.hosts.map((one) => one.slots)));
    const missing = $derived(fill.classes.filter((one) => one.missing > 0));

    const PAPERS = [
        ['run-sheets.pdf', say('arranging.paper_runs')],
        ['entrance.pdf', say('arranging.paper_entrance')],
        ['plans.pdf', say('arranging.paper_plans')],
        ['plans-without-mail.pdf', say('arranging.paper_plans_without')],
        ['meetings.xlsx', say('arranging.workbook')],
    ] as const;

    let writing = $state(false);
    let word = $state('');
    let said = $state('');
    let message = $state('');

    async function remind() {
        const before = fill.due;
        const answer = await ask(
            api.POST('/api/staff/rounds/{round}/reminders', { params: { path: { round } }, body: { word } }),
        );
        message = answer.trouble?.message ?? '';
        if (!answer.data) return;
        changed = answer.data;
        live.fresh();
        said = say('arranging.letters_on_way', { many: before });
        writing = false;
        word = '';
    }

    function takenSaid({ away, taken, slots }: (typeof fill.hosts)[number]): string {
        if (away) return taken === 0 ? say('arranging.host_away') : say('arranging.host_away_taken', { taken });
        return taken === slots
            ? say('arranging.host_full', { taken, slots })
            : say('arranging.host_taken', { taken, slots });
    }

    /** Whoever books, gives back or sends wishes: seen at once; in a rush every other second. */
    const live = new Live(
        () => channel,
        (headers) => api.GET('/api/staff/rounds/{round}', { params: { path: { round } }, headers }),
        (data) => (changed = data),
        2_000,
    );
    onMount(() => live.start());
</script>

<section aria-labelledby="fill">
    <Heard {live} />
    <h2 id="fill" class="mb-1">
        {collecting
            ? say('arranging.fill_wishes', { slots: fill.slots })
            : say('arranging.fill', { taken: fill.taken, slots: fill.slots })}
    </h2>
    <ul class="hosts mb-4">
        {#each fill.hosts as one (one.sheet)}
            <li>
                <a class="min-w-0" href="/staff/sheets/{one.sheet}">{one.name}</a>
                <span class="bar" style:width="{(100 * one.slots) / most}%" aria-hidden="true"
                    ><b style:width="{one.slots ? (100 * one.taken) / one.slots : 0}%"></b></span
                >
                <span class="tabular-nums">{takenSaid(one)}</span>
            </li>
        {/each}
    </ul>
    {#if fill.taken > 0}
        <p class="mb-2 flex flex-wrap gap-x-5">
            <span class="inline-flex min-h-11 items-center font-semibold">{say('arranging.on_paper')}</span>
            {#each PAPERS as [file, label] (file)}
                <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}/paper/{file}" download
                    >{label}</a
                >
            {/each}
        </p>
    {/if}
    {#if fill.gone}<p class="notice mb-2">{fill.gone}</p>{/if}
    {#if fill.ground}<p class="notice mb-2">{fill.ground}</p>{/if}
    {#if fill.without_link}<p class="notice mb-2">{fill.without_link}</p>{/if}
    {#each fill.twice as one (one.room)}
        <p class="notice mb-2">{say('arranging.room_twice', { room: one.room, names: one.names })}</p>
    {/each}
    <h2 class="mb-1">{collecting ? say('arranging.missing_wishes') : say('arranging.missing')}</h2>
    <p role="status">{said}</p>
    <p class="flex flex-wrap items-center gap-x-5">
        {#if fill.due > 0}<TextButton onclick={() => (writing = true)}>{say('arranging.remind_open')}</TextButton>{/if}
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}/cards.pdf?who=missing" download
            >{say('arranging.cards_missing')}</a
        >
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}/cards.pdf?who=without-mail" download
            >{say('arranging.cards_without')}</a
        >
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{round}/cards.pdf" download
            >{say('arranging.cards_for_all')}</a
        >
    </p>
    {#if missing.length === 0}
        <p>{collecting ? say('arranging.missing_none_wishes') : say('arranging.missing_none')}</p>
    {:else}
        <ul class="grid gap-x-6 sm:grid-cols-3">
            {#each missing as one (one.id)}
                <li class="flex items-center gap-x-3">
                    <span
                        >{say('arranging.missing_of', {
                            name: one.name,
                            missing: one.missing,
                            students: one.students,
                        })}</span
                    >
                    <a
                        class="inline-flex min-h-11 items-center"
                        aria-label={say('arranging.cards_of', { name: one.name })}
                        href="/staff/rounds/{round}/cards.pdf?who=missing&class={one.id}"
                        download>{say('arranging.cards')}</a
                    >
                </li>
            {/each}
        </ul>
    {/if}
</section>

<Modal bind:open={writing} title={say('arranging.remind')} size="md">
    <p>{fill.due_said}</p>
    {#if message}<Notice>{message}</Notice>{/if}
    <Label for="remind-word">{say('arranging.remind_word')}</Label>
    <Textarea id="remind-word" rows={3} class="w-full" maxlength={1000} bind:value={word} />
    <div class="flex gap-3">
        <Button onclick={() => void remind()}>{say('arranging.remind_press')}</Button>
        <Button color="alternative" onclick={() => (writing = false)}>{say('arranging.not_yet')}</Button>
    </div>
</Modal>

<style>
    .hosts li {
        display: grid;
        grid-template-columns: minmax(8rem, 14rem) 1fr 7rem;
        gap: 0.75rem;
        align-items: center;
        min-height: 1.9rem;
        border-bottom: 1px solid var(--line);
    }
    .bar {
        height: 0.8rem;
        border: 1px solid var(--edge);
        border-radius: 3px;
    }
    .bar b {
        display: block;
        height: 100%;
        background: var(--board);
    }
    @media (max-width: 30rem) {
        .hosts li {
            grid-template-columns: 1fr auto;
        }
        .bar {
            display: none;
        }
    }
</style>
