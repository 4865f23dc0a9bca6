<script lang="ts">
    /** Whom the sheet is for: anybody, families of some classes or students, or those who work here. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Checkbox, Input, Label } from '../lib/controls';
    import Pick from '../controls/Pick.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import type { Draft } from '../lib/draft.svelte';

    interface Props {
        draft: Draft;
        classes: Schema['ClassRow'][];
    }
    let { draft, classes }: Props = $props();

    const AT_ONCE = 12;
    const whom = $derived(draft.form.audience ?? { kind: 'anyone' as const, classes: [], students: [] });
    let all = $state(false);
    const shown = $derived(classes.filter((one, i) => all || i < AT_ONCE || whom.classes.includes(one.id)));
    let sought = $state('');
    let found = $state<Schema['ChosenFrom']['students']>([]);
    let turn = 0;

    function set(changes: Partial<Schema['ForWhom']>) {
        draft.form.audience = { ...whom, ...changes };
        draft.changed();
    }
    async function look() {
        const mine = ++turn;
        if (sought.trim() === '') return (found = []);
        const answer = await ask(api.GET('/api/staff/families', { params: { query: { sought } } }));
        if (mine === turn)
            found = (answer.data?.students ?? []).filter((one) => !whom.students.some((has) => has.id === one.id));
    }
</script>

{#snippet pick(label: string)}
    <Pick
        aria-label={label}
        value={whom.kind}
        onchange={(event) =>
            set({ kind: (event.currentTarget as HTMLSelectElement).value as Schema['ForWhom']['kind'] })}
    >
        <option value="anyone">{say('writing.for_anyone')}</option>
        {#if classes.length > 0 || whom.kind === 'families'}<option value="families"
                >{say('writing.for_families')}</option
            >{/if}
        <option value="staff">{say('writing.for_staff')}</option>
    </Pick>
{/snippet}

<div class="grid gap-2">
    <p>
        {#if whom.kind === 'families' && whom.classes.length === 0 && whom.students.length === 0}
            <Said key="writing.open_to_all" whom={pick}>{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said>
        {:else}<Said key="writing.open_to" whom={pick} />{/if}
    </p>
    {#if draft.errors.audience}<p class="font-semibold text-brick">{draft.errors.audience}</p>{/if}
    {#if whom.kind === 'families'}
        <fieldset>
            <legend class="font-semibold">{say('writing.of_these_classes')}</legend>
            <div class="flex flex-wrap gap-x-5 gap-y-1">
                {#each shown as one (one.id)}
                    <Checkbox
                        checked={whom.classes.includes(one.id)}
                        onchange={(event) =>
                            set({
                                classes: (event.currentTarget as HTMLInputElement).checked
                                    ? [...whom.classes, one.id]
                                    : whom.classes.filter((id) => id !== one.id),
                            })}
                        ><Said key="writing.class" values={{ class: one.name, students: one.students }}
                            >{#snippet faint(text)}<span class="text-faint">{text}</span>{/snippet}</Said
                        ></Checkbox
                    >
                {/each}
            </div>
            {#if shown.length < classes.length}<TextButton onclick={() => (all = true)}
                    >{say('writing.show_all', { many: classes.length })}</TextButton
                >{/if}
        </fieldset>
        <div>
            <Label for="whom-student">{say('writing.of_students')}</Label>
            {#if whom.students.length > 0}
                <ul class="flex flex-wrap gap-x-4">
                    {#each whom.students as one (one.id)}
                        <li>
                            {one.name}
                            <TextButton
                                away
                                aria-label={say('writing.without_name', { name: one.name })}
                                onclick={() => set({ students: whom.students.filter((has) => has.id !== one.id) })}
                                >{say('writing.without')}</TextButton
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
            <Input
                id="whom-student"
                class="max-w-sm"
                bind:value={sought}
                oninput={() => void look()}
                autocomplete="off"
            />
            {#if found.length > 0}
                <ul class="mt-1">
                    {#each found as one (one.id)}
                        <li>
                            <TextButton
                                onclick={() => {
                                    set({ students: [...whom.students, { id: one.id, name: one.name }] });
                                    sought = '';
                                    found = [];
                                }}>{one.name} <span class="text-faint">{one.class}</span></TextButton
                            >
                        </li>
                    {/each}
                </ul>
            {:else if sought.trim() !== ''}<p class="text-faint">{say('writing.find_none')}</p>{/if}
        </div>
    {/if}
</div>
