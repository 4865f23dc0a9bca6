<script lang="ts">
    /** What is one teacher's own of a round: where they are, and when they are not. */
    import { say } from '../lib/say';
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
        said = answer.data ? say('arranging.kept') : '';
        if (answer.data) changed(answer.data);
    }
</script>

<form class="grid max-w-2xl gap-3 py-2" novalidate onsubmit={onSent(save)}>
    <div class="grid gap-3 sm:grid-cols-[10rem_1fr]">
        <div>
            <Label for={name('kind')}>{say('arranging.part_how')}</Label>
            <Select id={name('kind')} placeholder="" bind:value={form.kind}>
                <option value="room">{say('arranging.part_room')}</option>
                <option value="phone">{say('arranging.part_phone')}</option>
                <option value="video">{say('arranging.part_video')}</option>
            </Select>
        </div>
        <Field
            name={name('label')}
            label={form.kind === 'room' ? say('arranging.room') : say('arranging.called')}
            required
            bind:value={form.label}
            error={fields.label}
        />
    </div>
    {#if form.kind === 'video'}
        <Field
            name={name('link')}
            label={say('arranging.link')}
            type="url"
            required
            bind:value={form.link}
            error={fields.link}
        />
    {/if}
    <Field
        name={name('directions')}
        label={say('arranging.part_directions')}
        bind:value={form.directions}
        error={fields.directions}
    />
    {#if !part.is_open}
        {#each form.absent as away, i (i)}
            <div class="grid gap-2 sm:grid-cols-[1fr_7rem_7rem_auto] sm:items-end">
                <div>
                    <Label for={name(`date-${i}`)}>{say('arranging.part_not_there')}</Label>
                    <Input id={name(`date-${i}`)} type="date" bind:value={away.date} />
                </div>
                <div>
                    <Label for={name(`from-${i}`)}>{say('arranging.from')}</Label>
                    <Input id={name(`from-${i}`)} bind:value={away.from} placeholder="17:00" />
                </div>
                <div>
                    <Label for={name(`until-${i}`)}>{say('arranging.to')}</Label>
                    <Input id={name(`until-${i}`)} bind:value={away.until} placeholder="18:00" />
                </div>
                <TextButton onclick={() => (form.absent = form.absent.filter((_, at) => at !== i))}
                    >{say('arranging.take_it_out')}</TextButton
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
                >{say('arranging.part_absent')}</TextButton
            >
        </p>
    {/if}
    <div class="max-w-96">
        <Field
            name={name('most')}
            label={say('arranging.part_most')}
            type="number"
            bind:value={form.most}
            error={fields.most}
        />
    </div>
    <fieldset>
        <legend class="font-semibold">{say('arranging.own')}</legend>
        <p class="text-faint">
            {part.collects ? say('arranging.own_wishes') : say('arranging.own_booking')}
        </p>
        <ul>
            {#each own as one (one.id)}
                <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1">
                    <span class="min-w-0 flex-1 basis-40">{named.get(one.id) ?? ''}</span>
                    <Checkbox
                        bind:checked={one.asked}
                        aria-label={say('arranging.own_come_of', { student: named.get(one.id) ?? '' })}
                        >{say('arranging.own_come')}</Checkbox
                    >
                    <Select
                        class="w-auto"
                        aria-label={say('arranging.own_long_of', { student: named.get(one.id) ?? '' })}
                        placeholder=""
                        bind:value={one.times}
                    >
                        <option value={1}>{say('arranging.own_once')}</option>
                        <option value={2}>{say('arranging.own_twice')}</option>
                        <option value={3}>{say('arranging.own_thrice')}</option>
                        <option value={4}>{say('arranging.own_four_times')}</option>
                    </Select>
                    <TextButton
                        aria-label={say('arranging.own_out_of', { student: named.get(one.id) ?? '' })}
                        onclick={() => (own = own.filter((other) => other !== one))}
                        >{say('arranging.take_out')}</TextButton
                    >
                </li>
            {/each}
        </ul>
        {#if students === null}
            <TextButton onclick={() => void look()}>{say('arranging.own_add')}</TextButton>
        {:else}
            <Label for={name('seek')}>{say('arranging.own_seek')}</Label>
            <Input id={name('seek')} type="search" autocomplete="off" bind:value={sought} />
            <ul class="max-h-48 overflow-y-auto">
                {#each found.slice(0, 30) as one (one.id)}
                    <li>
                        <TextButton onclick={() => add(one.id)}
                            >{one.class
                                ? say('arranging.name_class', { name: one.name, class: one.class })
                                : one.name}</TextButton
                        >
                    </li>
                {:else}
                    <li class="py-2">
                        {students.length === 0 ? say('arranging.own_no_students') : say('arranging.own_nobody_else')}
                    </li>
                {/each}
            </ul>
        {/if}
        {#if fields.asked ?? fields.longer}<p class="font-semibold text-brick">{fields.asked ?? fields.longer}</p>{/if}
    </fieldset>
    {#if message}<Notice>{message}</Notice>{/if}
    <p class="flex items-center gap-4">
        <Button type="submit">{say('arranging.keep_it')}</Button>
        <span role="status">{said}</span>
    </p>
</form>
