<script lang="ts">
    /** The times that were chosen, each with what moves and stretches it without a pointer on a ruler. */
    import { say } from '../lib/say';
    import { clock } from '../lib/clock.svelte';
    import type { Choices } from './choices.svelte';

    interface Props {
        choices: Choices;
        /** What is wrong with each. */
        wrong?: (i: number) => string;
        most?: number;
        /** How they are called, in order. */
        names?: string[];
    }
    let {
        choices,
        wrong = () => '',
        most = 3,
        names = [say('asking.first_choice'), say('asking.second_choice'), say('asking.third_choice')],
    }: Props = $props();

    const act = (i: number, what: () => void) => () => {
        choices.at = i;
        what();
    };
    const near = (i: number, by: 1 | -1) => {
        const choice = choices.list[i]!;
        const lengths = choices.lengths(choice);
        return lengths[lengths.indexOf(choice.minutes) + by];
    };
</script>

<ol class="grid gap-2">
    {#each choices.list as choice, i (choice.key)}
        <li class="one" class:current={i === choices.at && choices.list.length > 1}>
            <button type="button" class="name" aria-pressed={i === choices.at} onclick={() => (choices.at = i)}>
                <span class="number times" aria-hidden="true">{i + 1}</span>
                <span
                    ><span class="text-faint">{names[i]}</span><br /><strong class="times"
                        >{say('pages.slot', {
                            day: choice.day,
                            from: clock.say(choice.from),
                            until: clock.say(choice.until),
                        })}</strong
                    ></span
                >
            </button>
            <span class="presses">
                {#each [[-1, say('asking.earlier')], [1, say('asking.later')]] as const as [by, word] (by)}
                    <button
                        type="button"
                        class="press"
                        disabled={!choices.beside(choice, by)}
                        aria-label={say('asking.choice_step', { choice: names[i]!, step: word })}
                        onclick={act(i, () => choices.step(by))}>{word}</button
                    >
                {/each}
                {#if near(i, -1)}<button
                        type="button"
                        class="press times"
                        aria-label={say('asking.choice_only', { choice: names[i]!, minutes: near(i, -1)! })}
                        onclick={act(i, () => choices.stretch(-1))}
                        >{say('pages.minutes_short', { minutes: near(i, -1)! })}</button
                    >{/if}
                {#if near(i, 1)}<button
                        type="button"
                        class="press times"
                        aria-label={say('asking.choice_minutes', { choice: names[i]!, minutes: near(i, 1)! })}
                        onclick={act(i, () => choices.stretch(1))}
                        >{say('pages.minutes_short', { minutes: near(i, 1)! })}</button
                    >{/if}
                <button
                    type="button"
                    class="press away"
                    aria-label={say('asking.choice_out_of', { choice: names[i]! })}
                    onclick={() => choices.remove(i)}>{say('asking.choice_out')}</button
                >
            </span>
            {#if wrong(i) || !choices.stands(choice)}<p class="basis-full font-semibold text-brick" role="alert">
                    {wrong(i) || say('asking.choice_taken')}
                </p>{/if}
        </li>
    {/each}
</ol>
<p class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
    {#if choices.list.length < most}
        <button type="button" class="press" onclick={() => choices.add()}>
            {choices.list.length === 0
                ? say('asking.choice_put')
                : choices.list.length === 1
                  ? say('asking.choice_second')
                  : say('asking.choice_third')}
        </button>
    {/if}
    <span role="status">{choices.said}</span>
</p>

<style>
    .one {
        display: flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.4rem 1rem;
        padding: 0.4rem 0.6rem;
        border: 1px solid var(--line);
        border-radius: 6px;
        background: var(--card);
    }
    .current {
        border-color: var(--board);
        box-shadow: inset 4px 0 0 var(--marigold);
    }
    .name {
        display: flex;
        align-items: center;
        gap: 0.7rem;
        min-height: 2.75rem;
        flex: 1 1 18rem;
        text-align: start;
        line-height: 1.3;
        cursor: pointer;
    }
    .number {
        flex: none;
        width: 1.7rem;
        border-radius: 5px;
        text-align: center;
        font-weight: 700;
        color: var(--on-board);
        background: var(--board);
    }
    .presses {
        display: flex;
        flex-wrap: wrap;
        gap: 0.4rem;
    }
    .presses .press {
        padding: 0.3rem 0.7rem;
    }
    .presses .press[disabled] {
        cursor: default;
    }
</style>
