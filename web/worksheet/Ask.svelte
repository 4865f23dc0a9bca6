<script lang="ts">
    /** The "Ask" sentence: what visitors are asked, in order, and what they read before booking. */
    import { say } from '../lib/say';
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
            label: say('writing.needs'),
            choices: [say('writing.needs_interpreter'), say('writing.needs_ground'), say('writing.needs_met')],
        });
        if (!has('language')) add({ key: 'language', kind: 'short', label: say('writing.needs_language') });
    }
    const has = (key: string) => draft.form.questions.some((one) => one.key === key);
</script>

<div class="grid gap-3">
    <p class="text-faint">
        {say('writing.ask_always')}
        <Checkbox bind:checked={draft.form.rules.email_optional} onchange={() => draft.changed()} class="ms-2 text-ink"
            >{say('writing.ask_no_email')}</Checkbox
        >
    </p>
    <Questions
        bind:questions={draft.form.questions}
        errors={draft.errors}
        shown={say('writing.question_shown')}
        changed={() => draft.changed()}
        take={(i) =>
            draft.take(say('writing.question_gone', { number: i + 1 }), () => draft.form.questions.splice(i, 1))}
    />
    <div class="flex flex-wrap gap-3">
        <Button color="alternative" onclick={() => add()}>{say('writing.add_a_question')}</Button>
        {#if !has('student')}<Button
                color="alternative"
                onclick={() =>
                    add({
                        key: 'student',
                        kind: 'student',
                        label: say('writing.question_student'),
                        help: say('writing.question_student_help'),
                        required: true,
                    })}>{say('writing.add_student')}</Button
            >{/if}
        {#if !has('phone')}<Button
                color="alternative"
                onclick={() =>
                    add({ key: 'phone', kind: 'phone', label: say('writing.question_phone'), required: true })}
                >{say('writing.add_phone')}</Button
            >{/if}
        {#if !has('needs')}<Button color="alternative" onclick={needs}>{say('writing.add_needs')}</Button>{/if}
    </div>
    <Field
        name="intro"
        label={say('writing.intro')}
        help={say('writing.intro_help')}
        lines={3}
        bind:value={draft.form.intro}
        error={draft.errors.intro}
        change={() => draft.changed()}
    />
</div>
