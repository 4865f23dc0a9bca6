<script lang="ts">
    /** Questions while they are written: in order, each with its kind of answer. */
    import { say } from '../lib/say';
    import { Checkbox, Select } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import Field from '../controls/Field.svelte';

    type Question = Schema['Question'];
    interface Props {
        questions: Question[];
        errors: Record<string, string>;
        /** Who reads the answers, as the box under each question says it. */
        shown: string;
        changed: () => void;
        take: (index: number) => void;
    }
    let { questions = $bindable(), errors, shown, changed, take }: Props = $props();

    const KINDS = ['short', 'long', 'choice', 'several', 'yes or no', 'phone', 'e-mail', 'web address'] as const;
    let dragged = $state<number | null>(null);
    let said = $state('');

    function move(from: number, to: number) {
        if (to < 0 || to >= questions.length || from === to) return;
        const [one] = questions.splice(from, 1);
        questions.splice(to, 0, one!);
        said = say('writing.question_moved', {
            question: one!.label || say('writing.the_question'),
            to: to + 1,
            all: questions.length,
        });
        changed();
    }
</script>

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
                    aria-label={say('writing.question_grip', {
                        question: question.label || say('writing.question', { number: i + 1 }),
                    })}
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
                    <span>{say('writing.kind_student')}</span>
                {:else}
                    <Select
                        aria-label={say('writing.kind_label', { number: i + 1 })}
                        bind:value={question.kind}
                        onchange={() => changed()}
                        placeholder=""
                    >
                        {#each KINDS as kind (kind)}<option value={kind}>{say(`writing.kind_${kind}`)}</option>{/each}
                    </Select>
                {/if}
                <TextButton
                    away
                    class="ms-auto"
                    aria-label={say('writing.question_out', { number: i + 1 })}
                    onclick={() => take(i)}>{say('writing.take_out')}</TextButton
                >
            </div>
            <div class="grid gap-3 sm:grid-cols-2">
                <Field
                    name="questions.{i}.label"
                    label={say('writing.question', { number: i + 1 })}
                    required
                    bind:value={question.label}
                    error={errors[`questions.${i}.label`] ?? errors[`questions.${i}.kind`]}
                    change={() => changed()}
                />
                <Field
                    name="questions.{i}.help"
                    label={say('writing.question_help', { number: i + 1 })}
                    bind:value={question.help}
                    error={errors[`questions.${i}.help`]}
                    change={() => changed()}
                />
            </div>
            {#if question.kind === 'choice' || question.kind === 'several'}
                <Field
                    name="questions.{i}.choices"
                    label={say('writing.question_choices', { number: i + 1 })}
                    lines={3}
                    required
                    bind:value={
                        () => question.choices.join('\n'), (text: string) => (question.choices = text.split('\n'))
                    }
                    error={errors[`questions.${i}.choices`]}
                    change={() => changed()}
                />
            {/if}
            <div class="flex flex-wrap gap-x-6">
                <Checkbox bind:checked={question.required} onchange={() => changed()}
                    >{say('writing.question_required')}</Checkbox
                >
                <Checkbox bind:checked={question.on_run_sheet} onchange={() => changed()}>{shown}</Checkbox>
            </div>
        </li>
    {/each}
</ol>
<p class="sr-only" role="status">{said}</p>

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
