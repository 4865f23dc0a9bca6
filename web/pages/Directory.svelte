<script lang="ts">
    /** The office's page of students and those who look after them: found, not listed, for there are thousands. */
    import { say } from '../lib/say';
    import { Button, Checkbox, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import UndoToast from '../controls/UndoToast.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import RollFile from '../directory/RollFile.svelte';
    import StudentForm from '../directory/StudentForm.svelte';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        first: Schema['Directory'];
    }
    let { host, first }: Props = $props();

    let found = $state<Schema['Directory'] | null>(null);
    const list = $derived(found ?? first);
    let sought = $state('');
    let of = $state('');
    let away = $state(false);
    /** The student that is being mended; 0 for a new one. */
    let open = $state<number | null>(null);
    let said = $state('');
    let trouble = $state('');
    let undo = $state<{ said: string; act: () => void } | null>(null);

    let turn = 0;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const soon = () => {
        clearTimeout(timer);
        timer = setTimeout(() => void look(), 200);
    };
    async function look() {
        const mine = ++turn;
        const query = { sought, ...(of ? { class: of } : {}), ...(away ? { away: 'yes' as const } : {}) };
        const answer = await ask(api.GET('/api/staff/directory', { params: { query } }));
        // An answer that was overtaken is no answer.
        if (mine !== turn) return;
        trouble = beside(answer.trouble);
        if (answer.data) found = answer.data;
    }
    async function putAway(one: Schema['DirectoryStudent'], to: boolean) {
        const answer = await ask(
            api.POST('/api/staff/directory/students/{student}/away', {
                params: { path: { student: one.id } },
                body: { away: to },
            }),
        );
        trouble = beside(answer.trouble);
        if (!answer.data) return;
        undo = {
            said: to ? say('office.is_away', { name: one.name }) : say('office.is_back', { name: one.name }),
            act: () => void putAway(one, !to),
        };
        await look();
    }
    async function kept(student: Schema['DirectoryStudent']) {
        open = null;
        said = say('office.is_kept', { name: student.name });
        await look();
    }
    const line = (one: Schema['GuardianForm']) =>
        [one.name, one.email, one.phone, one.language, one.may_book ? '' : say('office.may_not_book')]
            .filter(Boolean)
            .join(' · ');
</script>

{#if undo}{#key undo}<UndoToast said={undo.said} act={undo.act} done={() => (undo = null)} />{/key}{/if}
<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="mb-3 flex flex-wrap items-baseline gap-x-4">
        <h1>{say('office.students')}</h1>
        <p class="text-faint">
            {list.counts.students.toLocaleString()}
            {list.counts.students === 1 ? 'student' : 'students'}, {list.counts.guardians.toLocaleString()}
            {list.counts.guardians === 1 ? 'guardian' : 'guardians'}, {list.classes.length}
            {list.classes.length === 1 ? 'class' : 'classes'}
        </p>
        <Button class="ms-auto" color="alternative" onclick={() => (open = 0)}>{say('office.add_a_student')}</Button>
    </div>
    <div role="status">
        {#if said}<p class="good-news">{said}</p>{/if}
    </div>
    {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}
    {#if open === 0}
        <StudentForm classes={list.classes.map((one) => one.name)} {kept} leave={() => (open = null)} />
    {/if}
    <div class="mt-3 grid items-start gap-8 lg:grid-cols-[1fr_22rem]">
        <section aria-labelledby="list" class="min-w-0">
            <h2 id="list" class="sr-only">{say('office.find_a_student')}</h2>
            <div class="flex flex-wrap items-end gap-3">
                <div class="flex-1 basis-60">
                    <Field name="sought" label={say('office.find_label')} required bind:value={sought} change={soon} />
                </div>
                <div>
                    <Label for="of-class">{say('office.class')}</Label>
                    <Select id="of-class" placeholder="" bind:value={of} onchange={() => void look()}>
                        <option value="">{say('office.all')}</option>
                        {#each list.classes as one (one.id)}<option value={String(one.id)}
                                >{one.name} ({one.students})</option
                            >{/each}
                    </Select>
                </div>
                {#if list.counts.away > 0}
                    <div class="flex min-h-11 items-center">
                        <Checkbox bind:checked={away} onchange={() => void look()}
                            >{say('office.put_away_many', { many: list.counts.away })}</Checkbox
                        >
                    </div>
                {/if}
            </div>
            <ul class="mt-3 divide-y divide-line">
                {#each list.students as one (one.id)}
                    <li class="py-2">
                        {#if open === one.id}
                            <StudentForm
                                student={one}
                                classes={list.classes.map((some) => some.name)}
                                {kept}
                                leave={() => (open = null)}
                            />
                        {:else}
                            <div class="flex flex-wrap items-baseline gap-x-3">
                                <strong>{one.name}</strong>
                                <span class="me-auto text-faint"
                                    >{one.classes.map((some) => some.name).join(', ')}{one.number
                                        ? ` · ${one.number}`
                                        : ''}</span
                                >
                                <TextButton
                                    onclick={() => (open = one.id)}
                                    aria-label={say('office.change_of', { name: one.name })}
                                    >{say('office.change')}</TextButton
                                >
                                <TextButton
                                    away={!one.away}
                                    onclick={() => putAway(one, !one.away)}
                                    aria-label="{one.away
                                        ? say('office.bring_back')
                                        : say('office.put_away')} {one.name}"
                                    >{one.away ? say('office.bring_back') : say('office.put_away')}</TextButton
                                >
                            </div>
                            {#each one.guardians as guardian (guardian.id)}
                                <p class="text-faint [overflow-wrap:anywhere]">{line(guardian)}</p>
                            {:else}
                                <p class="text-faint">{say('office.none_may_book')}</p>
                            {/each}
                        {/if}
                    </li>
                {:else}
                    <li class="py-2">
                        {list.counts.students === 0 ? say('office.none_yet') : say('office.find_none')}
                    </li>
                {/each}
            </ul>
            {#if list.found > list.students.length}
                <p class="text-faint">
                    {say('office.find_more', { many: list.found - list.students.length })}
                </p>
            {/if}
        </section>
        <RollFile
            last={list.brought_in}
            brought={(now, what) => {
                found = now;
                sought = of = '';
                said = what;
                scrollTo({ top: 0 });
            }}
        />
    </div>
</main>
