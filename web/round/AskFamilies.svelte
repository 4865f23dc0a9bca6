<script lang="ts">
    /** What families are asked for each child, beside its name: once, for all whom they meet about it. */
    import { say } from '../lib/say';
    import UndoToast from '../controls/UndoToast.svelte';
    import { Button } from '../lib/controls';
    import Questions from '../worksheet/Questions.svelte';
    import { newQuestion } from '../worksheet/question';
    import type { Setup } from './setup.svelte';

    let { setup }: { setup: Setup } = $props();
    const MOST = 8;
    let taken = $state<{ at: number; question: Setup['form']['questions'][number] } | null>(null);

    function take(at: number) {
        const [question] = setup.form.questions.splice(at, 1);
        taken = question ? { at, question } : null;
        setup.typed();
    }
    function putBack() {
        if (taken) setup.form.questions.splice(taken.at, 0, taken.question);
        taken = null;
        setup.typed();
    }
</script>

<fieldset class="grid gap-2">
    <legend class="font-semibold">{say('arranging.ask_families')}</legend>
    <p class="text-faint">{say('arranging.ask_families_about')}</p>
    {#if setup.form.questions.length > 0}
        <Questions
            bind:questions={setup.form.questions}
            errors={setup.fields}
            shown={say('arranging.ask_shown')}
            changed={() => setup.typed()}
            {take}
        />
    {/if}
    {#if setup.form.questions.length < MOST}
        <Button
            color="alternative"
            class="justify-self-start"
            onclick={() => {
                setup.form.questions.push(newQuestion());
                setup.typed();
            }}>{say('arranging.add_a_question')}</Button
        >
    {/if}
</fieldset>
{#if taken}
    {#key taken}<UndoToast
            said={say('arranging.question_out', { number: taken.at + 1 })}
            act={putBack}
            done={() => (taken = null)}
        />{/key}
{/if}
