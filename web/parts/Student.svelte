<script lang="ts">
    /** Whom it is about: picked from those whom the pass knows, or typed. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import Answer from './Answer.svelte';

    interface Props {
        question: Schema['Question'];
        known: string[];
        /** Whether it can be about nobody else. */
        only?: boolean;
        value: string;
        error?: string;
        change: (value: string) => void;
    }
    let { question, known, only = false, value, error = '', change }: Props = $props();

    let another = $state(false);
    const types = $derived(!only && (another || (value !== '' && !known.includes(value))));
</script>

{#if known.length === 0 && !only}
    <Answer {question} {value} {error} change={(typed) => change(String(typed))} />
{:else}
    <fieldset>
        <legend class="mb-1 font-semibold">{question.label}</legend>
        <div class="flex flex-wrap gap-x-6">
            {#each known as one, i (one)}
                <label class="flex min-h-11 items-center gap-2">
                    <input
                        type="radio"
                        name="known-student"
                        data-wrong={error && i === 0 ? 'true' : undefined}
                        checked={!types && value === one}
                        onchange={() => {
                            another = false;
                            change(one);
                        }}
                    />
                    {one}
                </label>
            {/each}
            {#if !only}<label class="flex min-h-11 items-center gap-2">
                    <input
                        type="radio"
                        name="known-student"
                        checked={types}
                        onchange={() => {
                            another = true;
                            change('');
                        }}
                    />
                    {say('visit.another_student')}
                </label>{/if}
        </div>
        {#if types}
            <Answer {question} {value} {error} change={(typed) => change(String(typed))} />
        {:else if error}<p class="mt-1 text-[0.95rem] font-semibold text-brick">{error}</p>{/if}
    </fieldset>
{/if}
