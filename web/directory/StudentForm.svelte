<script lang="ts">
    /** A student with their classes and those who look after them, typed or mended by hand. */
    import { say } from '../lib/say';
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
        renewed = answer.data ? say('office.code_renewed', { name: guardian.name }) : '';
    }
</script>

<form
    class="slip grid gap-3"
    novalidate
    aria-label={student ? say('office.student_change', { name: student.name }) : say('office.student_new')}
    onsubmit={onSent(() => !working && keep())}
>
    <div class="grid gap-3 sm:grid-cols-3">
        <Field
            name="student-{id}"
            label={say('office.student_name')}
            required
            bind:value={form.name}
            error={fields.name}
        />
        <Field
            name="classes-{id}"
            label={say('office.classes')}
            help={say('office.classes_help')}
            bind:value={form.classes}
            error={fields.classes ?? fields['classes.0']}
        />
        <Field name="number-{id}" label={say('office.number')} bind:value={form.number} error={fields.number} />
    </div>
    {#if classes.length > 0 && form.classes === ''}
        <p class="text-faint">
            {classes.length > 12
                ? say('office.classes_are_more', { classes: classes.slice(0, 12).join(', ') })
                : say('office.classes_are', { classes: classes.join(', ') })}
        </p>
    {/if}
    {#each form.guardians as guardian, i (i)}
        <fieldset class="mt-2 grid gap-3 sm:grid-cols-2">
            <legend class="font-semibold"
                >{i === 0 ? say('office.guardian_first') : say('office.guardian_number', { number: i + 1 })}</legend
            >
            <Field
                name="guardian-{id}-{i}"
                label={say('office.name')}
                required
                bind:value={guardian.name}
                error={fields[`guardians.${i}.name`]}
            />
            <Field
                name="guardian-email-{id}-{i}"
                label={say('office.e_mail_address')}
                type="email"
                bind:value={guardian.email}
                error={fields[`guardians.${i}.email`]}
            />
            <Field
                name="guardian-phone-{id}-{i}"
                label={say('office.phone')}
                type="tel"
                bind:value={guardian.phone}
                error={fields[`guardians.${i}.phone`]}
            />
            <Field
                name="guardian-language-{id}-{i}"
                label={say('office.language')}
                bind:value={guardian.language}
                error={fields[`guardians.${i}.language`]}
            />
            <div class="flex flex-wrap items-center gap-x-4 sm:col-span-2">
                <Checkbox bind:checked={guardian.may_book}>{say('office.may_book')}</Checkbox>
                {#if guardian.id !== null}<TextButton onclick={() => newCode(guardian)}
                        >{say('office.code_new')}</TextButton
                    >{/if}
                <TextButton away onclick={() => form.guardians.splice(i, 1)}>{say('office.take_off')}</TextButton>
            </div>
        </fieldset>
    {/each}
    <div><TextButton onclick={() => form.guardians.push(nobody())}>{say('office.guardian_more')}</TextButton></div>
    <p role="status" class:good-news={renewed}>{renewed}</p>
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    <div class="flex flex-wrap items-center gap-x-4">
        <Button type="submit" disabled={working}>{working ? say('pages.one_moment') : say('office.keep_this')}</Button>
        <TextButton onclick={leave}>{say('office.leave_it')}</TextButton>
    </div>
</form>
