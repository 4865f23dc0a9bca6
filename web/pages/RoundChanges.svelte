<script lang="ts">
    /** What comes between a published round and its evening: somebody is away, an evening moves, all goes on by video. */
    import { say } from '../lib/say';
    import { Button, Radio } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';
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
        ['away', say('arranging.away')],
        ['evening', say('arranging.evening')],
        ['video', say('arranging.video')],
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
        said = say('arranging.away_back');
    }
    function joined(part: Schema['RoundPart'], name: string) {
        changed = {
            ...page,
            hosts: [...page.hosts, { id: part.id, name }],
            others: page.others.filter((one) => one.id !== part.staff),
        };
        said = say('arranging.joined', { name });
    }
    function left(part: number) {
        const name = page.hosts.find((one) => one.id === part)?.name ?? '';
        changed = { ...page, hosts: page.hosts.filter((one) => one.id !== part) };
        said = say('arranging.left', { name });
    }
    async function video(on: boolean) {
        const answer = on
            ? await ask(api.POST('/api/staff/rounds/{round}/by-video', path))
            : await ask(api.DELETE('/api/staff/rounds/{round}/by-video', path));
        message = answer.trouble?.message ?? '';
        if (!answer.data) return;
        changed = answer.data;
        said = on ? say('arranging.video_on') : say('arranging.video_off');
    }
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="mb-2 flex flex-wrap items-center gap-x-4">
        <h1 class="me-auto">{say('arranging.to_changes')}</h1>
        <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{page.round}">{page.title}</a>
    </div>
    <p role="status" class={said ? 'good-news mb-3' : ''}>{said}</p>
    {#if message}<Notice class="mb-3">{message}</Notice>{/if}
    <fieldset class="mb-4">
        <legend class="sr-only">{say('arranging.changes')}</legend>
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
            <Button onclick={() => void video(true)}>{say('arranging.video_press')}</Button>
            {#if page.was_in_rooms}
                <Button color="alternative" onclick={() => void video(false)}>{say('arranging.video_back')}</Button>
            {/if}
        </p>
    {/if}
    {#if undo > 0}<UndoToast
            said={said || say('arranging.changed_now')}
            seconds={undo}
            act={() => void takeBack()}
            done={() => (undo = 0)}
        />{/if}
</main>
