<script lang="ts">
    /** What is one teacher's own of a round: where they are, and when they are not. */
    import { Button, Checkbox, Input, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { holds } from '../lib/sought';
    import { onSent } from '../lib/form';

    interface Props {
        part: Schema['RoundPart'];
        changed: (part: Schema['RoundPart']) => void;
    }
    let { part, changed }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    let form = $state({
        kind: part.kind,
        label: part.label,
        link: part.link,
        directions: part.directions,
        absent: part.absent.map((one) => ({ ...one })),
        most: part.most === null ? '' : String(part.most),
    });
    // svelte-ignore state_referenced_locally -- begins with what is kept
    let own = $state(
        [...new Map([...part.asked, ...part.longer].map((one) => [one.id, one.name]))].map(([id]) => ({
            id,
            asked: part.asked.some((one) => one.id === id),
            times: part.longer.find((one) => one.id === id)?.times ?? 1,
        })),
    );
    const add = (id: number) => (own = [...own, { id, asked: true, times: 1 }]);
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let said = $state('');
    const name = (field: string) => `part-${part.id}-${field}`;

    /** Whom they teach; asked for when it is wanted. */
    let students = $state<Schema['PartStudents']['students'] | null>(null);
    let sought = $state('');
    const named = $derived(
        new Map([...part.asked, ...part.longer, ...(students ?? [])].map((one) => [one.id, one.name])),
    );
    const found = $derived(
        (students ?? []).filter(
            (one) => !own.some((other) => other.id === one.id) && holds(`${one.name} ${one.class}`, sought),
        ),
    );

    async function look() {
        if (students) return;
        const answer = await ask(
            api.GET('/api/staff/round-parts/{part}/students', { params: { path: { part: part.id } } }),
        );
        message = answer.trouble?.message ?? '';
        students = answer.data?.students ?? null;
    }

    async function save() {
        const answer = await ask(
            api.PUT('/api/staff/round-parts/{part}', {
                params: { path: { part: part.id } },
                body: {
                    ...form,
                    most: String(form.most ?? '') === '' ? null : Number(form.most),
                    asked: own.filter((one) => one.asked).map((one) => one.id),
                    longer: own
                        .filter((one) => Number(one.times) > 1)
                        .map((one) => ({ id: one.id, times: Number(one.times) })),
                },
            }),
        );
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        said = answer.data ? 'Kept.' : '';
        if (answer.data) changed(answer.data);
    }
</script>

<form class="grid max-w-2xl gap-3 py-2" novalidate onsubmit={onSent(save)}>
    <div class="grid gap-3 sm:grid-cols-[10rem_1fr]">
        <div>
            <Label for={name('kind')}>How</Label>
            <Select id={name('kind')} placeholder="" bind:value={form.kind}>
                <option value="room">in a room</option>
                <option value="phone">by phone</option>
                <option value="video">by video</option>
            </Select>
        </div>
        <Field
            name={name('label')}
            label={form.kind === 'room' ? 'Room' : 'What it is called'}
            required
            bind:value={form.label}
            error={fields.label}
        />
    </div>
    {#if form.kind === 'video'}
        <Field name={name('link')} label="Link" type="url" required bind:value={form.link} error={fields.link} />
    {/if}
    <Field
        name={name('directions')}
        label="How to find you, when to come"
        bind:value={form.directions}
        error={fields.directions}
    />
    {#if !part.is_open}
        {#each form.absent as away, i (i)}
            <div class="grid gap-2 sm:grid-cols-[1fr_7rem_7rem_auto] sm:items-end">
                <div>
                    <Label for={name(`date-${i}`)}>Not there on</Label>
                    <Input id={name(`date-${i}`)} type="date" bind:value={away.date} />
                </div>
                <div>
                    <Label for={name(`from-${i}`)}>from</Label>
                    <Input id={name(`from-${i}`)} bind:value={away.from} placeholder="17:00" />
                </div>
                <div>
                    <Label for={name(`until-${i}`)}>to</Label>
                    <Input id={name(`until-${i}`)} bind:value={away.until} placeholder="18:00" />
                </div>
                <TextButton onclick={() => (form.absent = form.absent.filter((_, at) => at !== i))}
                    >Take it out</TextButton
                >
                {#if fields[`absent.${i}.from`] ?? fields[`absent.${i}.date`]}
                    <p class="font-semibold text-brick sm:col-span-4">
                        {fields[`absent.${i}.from`] ?? fields[`absent.${i}.date`]}
                    </p>
                {/if}
            </div>
        {/each}
        <p>
            <TextButton onclick={() => (form.absent = [...form.absent, { date: '', from: '', until: '' }])}
                >I am not there for a while</TextButton
            >
        </p>
    {/if}
    <div class="max-w-96">
        <Field
            name={name('most')}
            label="Meetings an evening, at most"
            type="number"
            bind:value={form.most}
            error={fields.most}
        />
    </div>
    <fieldset>
        <legend class="font-semibold">Students of your own</legend>
        <p class="text-faint">
            {part.collects
                ? 'Whom you need to see gets a time before all wishes. Whom you meet for longer has several of your times in a row.'
                : 'Whom you need to see reads so where they book. Whom you meet for longer has several of your times in a row. It holds for what is booked from now on.'}
        </p>
        <ul>
            {#each own as one (one.id)}
                <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1">
                    <span class="min-w-0 flex-1 basis-40">{named.get(one.id) ?? ''}</span>
                    <Checkbox bind:checked={one.asked} aria-label="Please come: {named.get(one.id)}"
                        >Please come</Checkbox
                    >
                    <Select
                        class="w-auto"
                        aria-label="How long with {named.get(one.id)}"
                        placeholder=""
                        bind:value={one.times}
                    >
                        <option value={1}>as long as others</option>
                        <option value={2}>twice as long</option>
                        <option value={3}>three times as long</option>
                        <option value={4}>four times as long</option>
                    </Select>
                    <TextButton
                        aria-label="Take out {named.get(one.id)}"
                        onclick={() => (own = own.filter((other) => other !== one))}>Take out</TextButton
                    >
                </li>
            {/each}
        </ul>
        {#if students === null}
            <TextButton onclick={() => void look()}>Ask somebody to come, or for longer</TextButton>
        {:else}
            <Label for={name('seek')}>Name or class</Label>
            <Input id={name('seek')} type="search" autocomplete="off" bind:value={sought} />
            <ul class="max-h-48 overflow-y-auto">
                {#each found.slice(0, 30) as one (one.id)}
                    <li>
                        <TextButton onclick={() => add(one.id)}
                            >{one.name}{one.class ? `, ${one.class}` : ''}</TextButton
                        >
                    </li>
                {:else}
                    <li class="py-2">{students.length === 0 ? 'The school knows no students.' : 'Nobody else.'}</li>
                {/each}
            </ul>
        {/if}
        {#if fields.asked ?? fields.longer}<p class="font-semibold text-brick">{fields.asked ?? fields.longer}</p>{/if}
    </fieldset>
    {#if message}<Notice>{message}</Notice>{/if}
    <p class="flex items-center gap-4">
        <Button type="submit">Keep it</Button>
        <span role="status">{said}</span>
    </p>
</form>
