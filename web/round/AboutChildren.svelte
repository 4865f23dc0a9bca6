<script lang="ts">
    /** What the round asks of each child: answered once, for all whom they meet about it. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import Answer from '../parts/Answer.svelte';
    import type { Shortlist } from './shortlist.svelte';

    interface Props {
        page: Schema['RoundPage'];
        list: Shortlist;
        /** About whom anything is to be booked or sent. */
        children: string[];
    }
    let { page, list, children }: Props = $props();

    const fields = $derived(list.trouble?.fields ?? {});
    /** Two children have the same questions; each field needs a name of its own. */
    const own = (question: Schema['Question'], child: number) => ({ ...question, key: `${child}.${question.key}` });
</script>

{#each page.questions.length > 0 ? children : [] as child, i (child)}
    <fieldset class="mb-4 grid gap-3">
        <legend class="mb-1 text-lg font-semibold"
            >{child ? say('planning.about_child', { student: child }) : say('planning.about_meetings')}</legend
        >
        {#each page.questions as question (question.key)}
            <Answer
                question={own(question, i)}
                value={list.about[child]?.[question.key]}
                error={fields[`about.${child}.${question.key}`]}
                change={(value) => list.tell(child, question.key, value)}
            />
        {/each}
    </fieldset>
{/each}
