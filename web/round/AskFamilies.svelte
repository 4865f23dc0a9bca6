<script lang="ts">
    /** What families are asked for each child, beside its name: once, for all whom they meet about it. */
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
    <legend class="font-semibold">What families are asked</legend>
    <p class="text-faint">For each child, besides its name; the answers go to all teachers whom they meet about it.</p>
    {#if setup.form.questions.length > 0}
        <Questions
            bind:questions={setup.form.questions}
            errors={setup.fields}
            shown="Stands on run sheets"
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
            }}>Add a question</Button
        >
    {/if}
</fieldset>
{#if taken}
    {#key taken}<UndoToast
            said="Question {taken.at + 1} is taken out."
            act={putBack}
            done={() => (taken = null)}
        />{/key}
{/if}
