<script lang="ts">
    /** The "Ask" sentence: what visitors are asked, in order, and what they read before booking. */
    import { Button, Checkbox } from '../lib/controls';
    import type { Schema } from '../lib/api';
    import type { Draft } from '../lib/draft.svelte';
    import { newQuestion } from './question';
    import Field from '../controls/Field.svelte';
    import Questions from './Questions.svelte';

    interface Props {
        draft: Draft;
    }
    let { draft }: Props = $props();

    type Question = Schema['Question'];
    function add(question: Partial<Question> = {}) {
        draft.form.questions.push({
            ...newQuestion(),
            ...question,
        });
        draft.changed();
    }
    /** What a round asks by itself, for a sheet of its own. */
    function needs() {
        add({
            key: 'needs',
            kind: 'several',
            label: 'Do you need any of this?',
            choices: ['An interpreter', 'A room on the ground floor', 'Somebody who meets us at the door'],
        });
        if (!has('language'))
            add({ key: 'language', kind: 'short', label: 'The language, if you need an interpreter' });
    }
    const has = (key: string) => draft.form.questions.some((one) => one.key === key);
</script>

<div class="grid gap-3">
    <p class="text-faint">
        Name and e-mail address are always asked.
        <Checkbox bind:checked={draft.form.rules.email_optional} onchange={() => draft.changed()} class="ml-2 text-ink"
            >Without an e-mail address too</Checkbox
        >
    </p>
    <Questions
        bind:questions={draft.form.questions}
        errors={draft.errors}
        shown="Shown in my list of bookings"
        changed={() => draft.changed()}
        take={(i) => draft.take(`Question ${i + 1} is taken out.`, () => draft.form.questions.splice(i, 1))}
    />
    <div class="flex flex-wrap gap-3">
        <Button color="alternative" onclick={() => add()}>Add a question</Button>
        {#if !has('student')}<Button
                color="alternative"
                onclick={() =>
                    add({
                        key: 'student',
                        kind: 'student',
                        label: 'Student’s name',
                        help: 'Who the meeting is about.',
                        required: true,
                    })}>+ the student’s name</Button
            >{/if}
        {#if !has('phone')}<Button
                color="alternative"
                onclick={() => add({ key: 'phone', kind: 'phone', label: 'Phone number', required: true })}
                >+ a phone number</Button
            >{/if}
        {#if !has('needs')}<Button color="alternative" onclick={needs}>+ what a family needs</Button>{/if}
    </div>
    <Field
        name="intro"
        label="To read before booking"
        help="What would otherwise be asked twenty times."
        lines={3}
        bind:value={draft.form.intro}
        error={draft.errors.intro}
        change={() => draft.changed()}
    />
</div>
