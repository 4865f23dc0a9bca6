<script lang="ts">
    /** One knock, before its host: what it is about, its times, and what can be said to it. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { Button, Label, Radio, Textarea } from '../lib/controls';
    import AskedDay from './AskedDay.svelte';
    import Bands from './Bands.svelte';
    import Chosen from './Chosen.svelte';
    import { Choices } from './choices.svelte';

    interface Props {
        knock: Schema['HostKnock'];
        answered: (page: Schema['HostKnocks'], said: string) => void;
    }
    let { knock, answered }: Props = $props();

    // svelte-ignore state_referenced_locally -- what it came with; the page makes another one for another knock
    let chosen = $state(knock.choices.find((one) => !one.gone)?.id ?? null);
    let word = $state('');
    let working = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});
    /** They are about to say no. */
    let declining = $state(false);
    /** Other times are being named. */
    let others = $state(false);
    let times = $state.raw<Schema['KnockTimes'] | null>(null);
    const choices = new Choices();

    const choice = $derived(knock.choices.find((one) => one.id === chosen) ?? knock.choices.find((one) => !one.gone));
    const first = $derived(knock.who.split(' ')[0] ?? knock.who);

    async function answerWith(answer: 'accept' | 'maybe' | 'decline' | 'propose', said: string) {
        working = true;
        const done = await ask(
            api.POST('/api/staff/knocks/{knock}/answer', {
                params: { path: { knock: knock.id } },
                body: {
                    answer,
                    word,
                    choice: answer === 'accept' || answer === 'maybe' ? (choice?.id ?? null) : null,
                    times:
                        answer === 'propose'
                            ? choices.list.map((one) => ({ start: one.key, minutes: one.minutes }))
                            : null,
                },
            }),
        );
        working = false;
        fields = done.trouble?.fields ?? {};
        message = done.trouble
            ? Object.keys(fields).length === 0
                ? done.trouble.message
                : (fields.word ?? fields.choice ?? fields.times ?? '')
            : '';
        if (done.data) {
            others = false;
            declining = false;
            choices.list = [];
            word = '';
            answered(done.data, said);
        } else if (others) void look(null);
    }
    async function look(from: string | null) {
        const answer = await ask(
            api.GET('/api/staff/knocks/{knock}/free', {
                params: { path: { knock: knock.id }, query: from ? { from } : {} },
            }),
        );
        message = answer.trouble?.message ?? '';
        if (!answer.data) return;
        times = answer.data;
        choices.days = answer.data.days;
        choices.minutes ||= knock.choices[0]?.minutes ?? 30;
    }
    function open() {
        others = !others;
        if (others && !times) void look(null);
    }
</script>

<article class="knock" aria-labelledby="knock-{knock.id}">
    <header class="flex flex-wrap items-baseline gap-x-4">
        <h2 id="knock-{knock.id}">{knock.title}</h2>
        <p>
            {knock.student ? say('asking.who_about', { who: knock.who, student: knock.student }) : knock.who}
            {#if knock.phone}· <a href="tel:{knock.phone.replace(/[^+\d]/g, '')}">{knock.phone}</a>{/if}
            {#if knock.email}· <a href="mailto:{knock.email}">{knock.email}</a>{/if}
        </p>
        <p class="ms-auto text-faint">{knock.said}</p>
    </header>
    {#if knock.for}<p>{say('asking.for', { for: knock.for })}</p>{/if}
    {#if knock.details}<p class="max-w-prose whitespace-pre-line">{knock.details}</p>{/if}
    <p class="flex flex-wrap items-baseline gap-x-6 text-[0.95rem] text-faint">
        {#if knock.place}<span>{knock.place}</span>{/if}
        {#each Object.entries(knock.answers) as [question, answer] (question)}<span
                >{question}: <span class="text-ink">{answer}</span></span
            >{/each}
        {#if knock.work}<span class="min-w-0 break-all"
                >{knock.work}
                <TextButton onclick={() => window.open(knock.work, '_blank', 'noopener,noreferrer')}
                    >{say('asking.work_open')}</TextButton
                ></span
            >{/if}
    </p>
    {#each knock.others as other (other)}<p>{other}.</p>{/each}
    {#if knock.word}<p class="text-faint">{say('asking.word_given', { word: knock.word })}</p>{/if}

    <div class="choices">
        {#each knock.choices as one (one.id)}
            <div class="row">
                {#if knock.can_answer && knock.choices.length > 1}
                    <Radio name="choice-{knock.id}" bind:group={chosen} value={one.id} disabled={one.gone} class="times"
                        >{say('asking.when_until', { when: one.when, until: clock.say(one.until) })}</Radio
                    >
                {:else}<p class="times font-semibold">
                        {say('asking.when_until', { when: one.when, until: clock.say(one.until) })}
                    </p>{/if}
                <AskedDay choice={one} />
            </div>
        {/each}
    </div>

    {#if knock.can_answer}
        <div class="mt-2 flex flex-wrap items-end gap-3">
            <div class="min-w-0 flex-1 basis-64">
                <Label for="word-{knock.id}"
                    ><Said key="asking.word" values={{ name: first }}
                        >{#snippet faint(text)}<span class="font-normal text-faint">{text}</span>{/snippet}</Said
                    ></Label
                >
                <Textarea id="word-{knock.id}" rows={1} bind:value={word} maxlength={1000} class="w-full" />
            </div>
            {#if choice}
                <Button
                    disabled={working || knock.mine === 'accepted'}
                    onclick={() => answerWith('accept', say('asking.can', { name: first }))}
                    >{say('asking.yes', { when: choice.when })}</Button
                >
                {#if choice.maybe_until && knock.mine !== 'maybe' && knock.mine !== 'accepted'}<Button
                        color="alternative"
                        disabled={working}
                        onclick={() => answerWith('maybe', say('asking.maybe_said', { name: first }))}
                        >{say('asking.maybe')}</Button
                    >{/if}
            {/if}
            <Button color="red" outline aria-expanded={declining} onclick={() => (declining = !declining)}
                >{say('asking.i_cant')}</Button
            >
            <Button color="alternative" aria-expanded={others} onclick={open}>{say('asking.other_times')}</Button>
        </div>
    {:else}
        <p class="mt-2 flex flex-wrap gap-3">
            <Button color="red" outline aria-expanded={declining} onclick={() => (declining = !declining)}
                >{say('asking.i_cant_now')}</Button
            >
            <Button color="alternative" aria-expanded={others} onclick={open}>{say('asking.other_times_again')}</Button>
        </p>
    {/if}
    {#if declining}
        <p class="mt-2 flex flex-wrap items-center gap-3">
            {word ? say('asking.declining_word', { name: first }) : say('asking.declining', { name: first })}
            <Button
                color="red"
                disabled={working}
                onclick={() => answerWith('decline', say('asking.cannot', { name: first }))}
                >{say('asking.decline_press')}</Button
            >
            <TextButton onclick={() => (declining = false)}>{say('asking.decline_leave')}</TextButton>
        </p>
    {/if}
    {#if message}<Notice class="mt-3">{message}</Notice>{/if}
    {#if others && times}
        <section class="mt-3" aria-label={say('asking.other_times')}>
            <p class="mb-1 text-faint">
                {knock.others.length > 0
                    ? say('asking.free_all', { name: first })
                    : say('asking.free', { name: first })}
            </p>
            {#each times.days as day (day.date)}<Bands
                    {day}
                    {choices}
                    host={knock.others.length > 0 ? say('asking.band_all') : say('asking.band_you')}
                />{/each}
            <p class="my-2 flex flex-wrap gap-3">
                {#if times.earlier}<Button color="alternative" onclick={() => look(times?.earlier ?? null)}
                        >{say('asking.earlier_days')}</Button
                    >{/if}
                {#if times.later}<Button color="alternative" onclick={() => look(times?.later ?? null)}
                        >{say('asking.later_days')}</Button
                    >{/if}
            </p>
            <Chosen
                {choices}
                names={[say('asking.first_time'), say('asking.second_time'), say('asking.third_time')]}
                wrong={(i) => fields[`times.${i}.start`] ?? ''}
            />
            {#if choices.list.length > 0}
                <Button
                    class="mt-2"
                    disabled={working}
                    onclick={() =>
                        answerWith('propose', say('asking.named', { name: first, many: choices.list.length }))}
                    >{say('asking.name_times', { name: first, many: choices.list.length })}</Button
                >
            {/if}
        </section>
    {/if}
</article>

<style>
    .knock {
        padding: 0.8rem 1rem;
        border: 1px solid var(--line);
        border-radius: 6px;
        background: var(--card);
    }
    .choices {
        display: grid;
        gap: 0.5rem;
        margin-top: 0.5rem;
    }
    .row {
        display: grid;
        grid-template-columns: 18.5rem minmax(0, 1fr);
        align-items: center;
        gap: 0 1rem;
    }
    @media (max-width: 48rem) {
        .row {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
