<script lang="ts">
    /** Whom the sheet is for: anybody, families of some classes or students, or those who work here. */
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

<div class="grid gap-2">
    <p>
        Open to
        <Pick
            aria-label="Whom it is for"
            value={whom.kind}
            onchange={(event) =>
                set({ kind: (event.currentTarget as HTMLSelectElement).value as Schema['ForWhom']['kind'] })}
        >
            <option value="anyone">anyone with the link</option>
            {#if classes.length > 0 || whom.kind === 'families'}<option value="families">families</option>{/if}
            <option value="staff">those who work here</option>
        </Pick>
        {#if whom.kind === 'families' && whom.classes.length === 0 && whom.students.length === 0}
            <strong>of the whole school</strong>, until you choose.
        {/if}
    </p>
    {#if draft.errors.audience}<p class="font-semibold text-brick">{draft.errors.audience}</p>{/if}
    {#if whom.kind === 'families'}
        <fieldset>
            <legend class="font-semibold">Of these classes</legend>
            <div class="flex flex-wrap gap-x-5 gap-y-1">
                {#each shown as one (one.id)}
                    <Checkbox
                        checked={whom.classes.includes(one.id)}
                        onchange={(event) =>
                            set({
                                classes: (event.currentTarget as HTMLInputElement).checked
                                    ? [...whom.classes, one.id]
                                    : whom.classes.filter((id) => id !== one.id),
                            })}>{one.name}&nbsp;<span class="text-faint">({one.students})</span></Checkbox
                    >
                {/each}
            </div>
            {#if shown.length < classes.length}<TextButton onclick={() => (all = true)}
                    >Show all {classes.length}</TextButton
                >{/if}
        </fieldset>
        <div>
            <Label for="whom-student">Or of these students</Label>
            {#if whom.students.length > 0}
                <ul class="flex flex-wrap gap-x-4">
                    {#each whom.students as one (one.id)}
                        <li>
                            {one.name}
                            <TextButton
                                away
                                aria-label="Without {one.name}"
                                onclick={() => set({ students: whom.students.filter((has) => has.id !== one.id) })}
                                >without</TextButton
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
            {:else if sought.trim() !== ''}<p class="text-faint">Nobody of that name.</p>{/if}
        </div>
    {/if}
</div>
