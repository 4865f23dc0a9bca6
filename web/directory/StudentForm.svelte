<script lang="ts">
    /** A student with their classes and those who look after them, typed or mended by hand. */
    import { Button, Checkbox } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import { onSent } from '../lib/form';

    interface Props {
        student?: Schema['DirectoryStudent'];
        /** The names of those that there are. */
        classes: string[];
        kept: (student: Schema['DirectoryStudent']) => void;
        leave: () => void;
    }
    let { student, classes, kept, leave }: Props = $props();

    const nobody = (): Schema['GuardianForm'] => ({
        id: null,
        name: '',
        email: '',
        phone: '',
        language: '',
        may_book: true,
    });
    // svelte-ignore state_referenced_locally -- begins with what is kept
    let form = $state({
        name: student?.name ?? '',
        number: student?.number ?? '',
        classes: student?.classes.map((one) => one.name).join(', ') ?? '',
        guardians: student
            ? (structuredClone($state.snapshot(student.guardians)) as Schema['GuardianForm'][])
            : [nobody()],
    });
    let fields = $state<Record<string, string>>({});
    let trouble = $state('');
    let working = $state(false);
    const id = $derived(student?.id ?? 'new');

    async function keep() {
        working = true;
        const body = {
            ...($state.snapshot(form) as typeof form),
            classes: [
                ...new Set(
                    form.classes
                        .split(',')
                        .map((one) => one.trim())
                        .filter(Boolean),
                ),
            ],
            guardians: ($state.snapshot(form.guardians) as Schema['GuardianForm'][]).filter(
                (one) => one.id !== null || one.name || one.email || one.phone,
            ),
        };
        const answer = await ask(
            student
                ? api.PUT('/api/staff/directory/students/{student}', {
                      params: { path: { student: student.id } },
                      body,
                  })
                : api.POST('/api/staff/directory/students', { body }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        if (answer.data) kept(answer.data);
    }
    let renewed = $state('');
    async function newCode(guardian: Schema['GuardianForm']) {
        if (!student || guardian.id === null) return;
        const path = { student: student.id, guardian: guardian.id };
        const answer = await ask(
            api.POST('/api/staff/directory/students/{student}/guardians/{guardian}/code', { params: { path } }),
        );
        trouble = beside(answer.trouble);
        renewed = answer.data ? `${guardian.name}’s card has another code; print it anew.` : '';
    }
</script>

<form
    class="slip grid gap-3"
    novalidate
    aria-label={student ? `Change ${student.name}` : 'A new student'}
    onsubmit={onSent(() => !working && keep())}
>
    <div class="grid gap-3 sm:grid-cols-3">
        <Field name="student-{id}" label="Student’s name" required bind:value={form.name} error={fields.name} />
        <Field
            name="classes-{id}"
            label="Classes"
            help="Several with commas between."
            bind:value={form.classes}
            error={fields.classes ?? fields['classes.0']}
        />
        <Field name="number-{id}" label="Number" bind:value={form.number} error={fields.number} />
    </div>
    {#if classes.length > 0 && form.classes === ''}
        <p class="text-faint">There are {classes.slice(0, 12).join(', ')}{classes.length > 12 ? '…' : ''}.</p>
    {/if}
    {#each form.guardians as guardian, i (i)}
        <fieldset class="mt-2 grid gap-3 sm:grid-cols-2">
            <legend class="font-semibold">{i === 0 ? 'Who looks after them' : `And number ${i + 1}`}</legend>
            <Field
                name="guardian-{id}-{i}"
                label="Name"
                required
                bind:value={guardian.name}
                error={fields[`guardians.${i}.name`]}
            />
            <Field
                name="guardian-email-{id}-{i}"
                label="E-mail address"
                type="email"
                bind:value={guardian.email}
                error={fields[`guardians.${i}.email`]}
            />
            <Field
                name="guardian-phone-{id}-{i}"
                label="Phone"
                type="tel"
                bind:value={guardian.phone}
                error={fields[`guardians.${i}.phone`]}
            />
            <Field
                name="guardian-language-{id}-{i}"
                label="Language, as en or pt-BR"
                bind:value={guardian.language}
                error={fields[`guardians.${i}.language`]}
            />
            <div class="flex flex-wrap items-center gap-x-4 sm:col-span-2">
                <Checkbox bind:checked={guardian.may_book}>May book for this student</Checkbox>
                {#if guardian.id !== null}<TextButton onclick={() => newCode(guardian)}
                        >New code for the card</TextButton
                    >{/if}
                <TextButton away onclick={() => form.guardians.splice(i, 1)}>Take off</TextButton>
            </div>
        </fieldset>
    {/each}
    <div><TextButton onclick={() => form.guardians.push(nobody())}>Somebody else looks after them too</TextButton></div>
    <p role="status" class:good-news={renewed}>{renewed}</p>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    <div class="flex flex-wrap items-center gap-x-4">
        <Button type="submit" disabled={working}>{working ? 'One moment…' : 'Keep this'}</Button>
        <TextButton onclick={leave}>Leave it</TextButton>
    </div>
</form>
