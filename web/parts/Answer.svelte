<script lang="ts">
    /** One question with the control that fits its kind of answer. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import Field from './Field.svelte';

    interface Props {
        /** With what its choices are called for whoever reads, where that is another. */
        question: Schema['Question'] & { choices_said?: string[]; lang?: string };
        value: unknown;
        error?: string;
        change: (value: unknown) => void;
    }
    let { question, value, error = '', change }: Props = $props();

    const text = $derived(typeof value === 'string' ? value : '');
    const several = $derived(Array.isArray(value) ? (value as string[]) : []);
    const id = $derived(`answers.${question.key}`);
    const called = (choice: string, at: number) =>
        question.kind === 'yes or no'
            ? say(choice === 'yes' ? 'pass.yes' : 'pass.no')
            : (question.choices_said?.[at] ?? choice);
    const TYPES = { phone: 'tel', 'e-mail': 'email', 'web address': 'url' } as const;
</script>

{#if question.kind === 'choice' || question.kind === 'several' || question.kind === 'yes or no'}
    <fieldset lang={question.lang || undefined} aria-describedby={error ? `${id}-error` : undefined}>
        <legend class="mb-1 font-semibold">
            {question.label}
            {#if !question.required}<span class="font-normal text-faint">{say('pages.if_you_like')}</span>{/if}
        </legend>
        {#if question.help}<p class="mb-1 text-[0.95rem] text-faint">{question.help}</p>{/if}
        {#if question.kind === 'choice' && question.choices.length > 6}
            <select
                {id}
                aria-label={question.label}
                aria-invalid={error ? 'true' : undefined}
                class="box w-full"
                value={text}
                onchange={(event) => change(event.currentTarget.value)}
            >
                <option value=""></option>
                {#each question.choices as choice, i (choice)}<option value={choice}>{called(choice, i)}</option>{/each}
            </select>
        {:else}
            {#each question.kind === 'yes or no' ? ['yes', 'no'] : question.choices as choice, i (choice)}
                <label class="flex min-h-11 items-center gap-2">
                    {#if question.kind === 'several'}
                        <input
                            type="checkbox"
                            data-wrong={error && i === 0 ? 'true' : undefined}
                            checked={several.includes(choice)}
                            onchange={(event) =>
                                change(
                                    event.currentTarget.checked
                                        ? [...several, choice]
                                        : several.filter((one) => one !== choice),
                                )}
                        />
                    {:else}
                        <input
                            type="radio"
                            name={id}
                            data-wrong={error && i === 0 ? 'true' : undefined}
                            checked={question.kind === 'yes or no' ? value === (choice === 'yes') : text === choice}
                            onchange={() => change(question.kind === 'yes or no' ? choice === 'yes' : choice)}
                        />
                    {/if}
                    {called(choice, i)}
                </label>
            {/each}
        {/if}
        {#if error}<p id="{id}-error" class="mt-1 text-[0.95rem] font-semibold text-brick">{error}</p>{/if}
    </fieldset>
{:else}
    <Field
        lang={question.lang}
        name={id}
        label={question.label}
        help={question.help}
        required={question.required}
        lines={question.kind === 'long' ? 4 : 1}
        type={TYPES[question.kind as keyof typeof TYPES] ?? 'text'}
        autocomplete={question.key === 'phone' ? 'tel' : question.kind === 'student' ? 'off' : undefined}
        {error}
        bind:value={() => text, (typed: string) => change(typed)}
    />
{/if}
