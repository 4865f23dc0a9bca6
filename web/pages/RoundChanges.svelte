<script lang="ts">
    /** What comes between a published round and its evening: somebody is away, an evening moves, all goes on by video. */
    import { Button, Radio } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';
    import UndoToast from '../controls/UndoToast.svelte';
    import Away from '../round/Away.svelte';
    import Evening from '../round/Evening.svelte';

    let { host, ...first }: { host: string } & Schema['RoundChanges'] = $props();

    let changed = $state<Schema['RoundChanges'] | null>(null);
    const page = $derived(changed ?? first);
    let what = $state<'away' | 'evening' | 'video'>('away');
    let said = $state('');
    let message = $state('');
    const path = $derived({ params: { path: { round: page.round } } });

    const CHOICES = [
        ['away', 'Somebody is away'],
        ['evening', 'An evening moves to another date'],
        ['video', 'All of it goes on by video'],
    ] as const;

    // svelte-ignore state_referenced_locally -- begins with what the page came with
    let undo = $state(first.undo);
    function done(what: Schema['Replanned']) {
        said = what.message;
        undo = what.undo;
        changed = { ...page, away: what.away };
    }
    async function takeBack() {
        const answer = await ask(api.POST('/api/staff/rounds/{round}/undo', path));
        undo = 0;
        message = answer.trouble?.message ?? '';
        if (answer.data) done(answer.data);
    }
    async function back(part: number) {
        const answer = await ask(
            api.DELETE('/api/staff/rounds/{round}/away/{part}', { params: { path: { round: page.round, part } } }),
        );
        message = answer.trouble?.message ?? '';
        if (!answer.data) return;
        changed = answer.data;
        said = 'Their times can be booked again. Meetings that were moved or cancelled stay as they are.';
    }
    function joined(part: Schema['RoundPart'], name: string) {
        changed = {
            ...page,
            hosts: [...page.hosts, { id: part.id, name }],
            others: page.others.filter((one) => one.id !== part.staff),
        };
        said = `${name} is in this round now.`;
    }
    function left(part: number) {
        const name = page.hosts.find((one) => one.id === part)?.name ?? '';
        changed = { ...page, hosts: page.hosts.filter((one) => one.id !== part) };
        said = `${name} is not in this round any more.`;
    }
    async function video(on: boolean) {
        const answer = on
            ? await ask(api.POST('/api/staff/rounds/{round}/by-video', path))
            : await ask(api.DELETE('/api/staff/rounds/{round}/by-video', path));
        message = answer.trouble?.message ?? '';
        if (!answer.data) return;
        changed = answer.data;
        said = on ? 'All who have a link meet by video now; everybody was told.' : 'Everybody is where they were.';
    }
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <div class="mb-2 flex flex-wrap items-center gap-x-4">
        <h1 class="mr-auto">When something comes up</h1>
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{page.round}">{page.title}</a>
    </div>
    <p role="status" class={said ? 'good-news mb-3' : ''}>{said}</p>
    {#if message}<Notice class="mb-3">{message}</Notice>{/if}
    <fieldset class="mb-4">
        <legend class="sr-only">What has come up</legend>
        {#each CHOICES as [value, label] (value)}
            <Radio
                name="what"
                {value}
                group={what}
                onchange={() => {
                    what = value;
                    said = '';
                }}>{label}</Radio
            >
        {/each}
    </fieldset>
    {#if what === 'away'}
        <Away {page} {done} back={(part) => void back(part)} {joined} {left} />
    {:else if what === 'evening'}
        {#key page}<Evening {page} {done} />{/key}
    {:else}
        <p class="mb-3 max-w-prose">{page.video_said}</p>
        <p class="flex flex-wrap gap-3">
            <Button onclick={() => void video(true)}>Go on by video, and write to them</Button>
            {#if page.was_in_rooms}
                <Button color="alternative" onclick={() => void video(false)}
                    >Back to the rooms, and write to them</Button
                >
            {/if}
        </p>
    {/if}
    {#if undo > 0}<UndoToast
            said={said || 'The meetings of this round were changed just now.'}
            seconds={undo}
            act={() => void takeBack()}
            done={() => (undo = 0)}
        />{/if}
</main>
