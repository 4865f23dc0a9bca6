<script lang="ts">
    /** The "Ask" sentence: what visitors are asked, in order, and what they read before booking. */
    import { Button, Checkbox, Select } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import type { Draft } from '../lib/draft.svelte';
    import { newKey } from '../lib/key';
    import Field from '../controls/Field.svelte';

    interface Props {
        draft: Draft;
    }
    let { draft }: Props = $props();

    type Question = Schema['Question'];
    const questions = $derived(draft.form.questions);
    const KINDS: [Question['kind'], string][] = [
        ['short', 'a short answer'],
        ['long', 'a long answer'],
        ['choice', 'one of several answers'],
        ['several', 'any of several answers'],
        ['yes or no', 'yes or no'],
        ['phone', 'a phone number'],
        ['e-mail', 'an e-mail address'],
        ['web address', 'a web address'],
    ];
    let dragged = $state<number | null>(null);
    let said = $state('');

    function add(question: Partial<Question> = {}) {
        draft.form.questions.push({
            key: `q-${newKey().slice(0, 8)}`,
            kind: 'short',
            label: '',
            help: '',
            required: false,
            on_run_sheet: true,
            choices: [],
            ...question,
        });
        draft.changed();
    }
    function move(from: number, to: number) {
        if (to < 0 || to >= questions.length || from === to) return;
        const [one] = draft.form.questions.splice(from, 1);
        draft.form.questions.splice(to, 0, one!);
        said = `${one!.label || 'The question'} is now number ${to + 1} of ${questions.length}.`;
        draft.changed();
    }
    const has = (key: string) => questions.some((one) => one.key === key);
</script>

<div class="grid gap-3">
    <p class="text-faint">
        Name and e-mail address are always asked.
        <Checkbox bind:checked={draft.form.rules.email_optional} onchange={() => draft.changed()} class="ml-2 text-ink"
            >Without an e-mail address too</Checkbox
        >
    </p>
    <ol class="grid gap-3">
        {#each questions as question, i (question.key)}
            <li
                class="slip grid gap-1.5"
                class:opacity-60={dragged === i}
                ondragover={(event) => event.preventDefault()}
                ondrop={() => {
                    if (dragged !== null) move(dragged, i);
                    dragged = null;
                }}
            >
                <div class="flex flex-wrap items-center gap-3">
                    <span
                        class="grip"
                        draggable="true"
                        role="button"
                        tabindex="0"
                        aria-label="{question.label || `Question ${i + 1}`}: move with the up and down arrows"
                        ondragstart={() => (dragged = i)}
                        ondragend={() => (dragged = null)}
                        onkeydown={(event) => {
                            const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
                            if (by) {
                                event.preventDefault();
                                const grip = event.currentTarget;
                                move(i, i + by);
                                requestAnimationFrame(() => grip.focus());
                            }
                        }}>☰</span
                    >
                    <strong>{i + 1}.</strong>
                    {#if question.kind === 'student'}
                        <span>the student’s name</span>
                    {:else}
                        <Select
                            aria-label="Kind of answer {i + 1}"
                            bind:value={question.kind}
                            onchange={() => draft.changed()}
                            placeholder=""
                        >
                            {#each KINDS as [value, label] (value)}<option {value}>{label}</option>{/each}
                        </Select>
                    {/if}
                    <TextButton
                        away
                        class="ml-auto"
                        aria-label="Take question {i + 1} out"
                        onclick={() => {
                            draft.take(`Question ${i + 1} is taken out.`, () => draft.form.questions.splice(i, 1));
                        }}>Take it out</TextButton
                    >
                </div>
                <div class="grid gap-3 sm:grid-cols-2">
                    <Field
                        name="questions.{i}.label"
                        label="Question {i + 1}"
                        required
                        bind:value={question.label}
                        error={draft.errors[`questions.${i}.label`] ?? draft.errors[`questions.${i}.kind`]}
                        change={() => draft.changed()}
                    />
                    <Field
                        name="questions.{i}.help"
                        label="Help with question {i + 1}"
                        bind:value={question.help}
                        error={draft.errors[`questions.${i}.help`]}
                        change={() => draft.changed()}
                    />
                </div>
                {#if question.kind === 'choice' || question.kind === 'several'}
                    <Field
                        name="questions.{i}.choices"
                        label="Answers to question {i + 1}, one to a line"
                        lines={3}
                        required
                        bind:value={
                            () => question.choices.join('\n'), (text: string) => (question.choices = text.split('\n'))
                        }
                        error={draft.errors[`questions.${i}.choices`]}
                        change={() => draft.changed()}
                    />
                {/if}
                <div class="flex flex-wrap gap-x-6">
                    <Checkbox bind:checked={question.required} onchange={() => draft.changed()}
                        >Has to be answered</Checkbox
                    >
                    <Checkbox bind:checked={question.on_run_sheet} onchange={() => draft.changed()}
                        >Shown in my list of bookings</Checkbox
                    >
                </div>
            </li>
        {/each}
    </ol>
    <p class="sr-only" role="status">{said}</p>
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

<style>
    .grip {
        display: inline-grid;
        place-items: center;
        min-width: 2.75rem;
        min-height: 2.75rem;
        cursor: grab;
        color: var(--faint);
    }
</style>
