<script lang="ts">
    /** Somebody of a round is away: whose meetings that hits, where each could be instead, and doing it. */
    import { say } from '../lib/say';
    import { Button, Input, Label, Select, Textarea } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import Newcomer from './Newcomer.svelte';
    import { Replan } from './replan.svelte';

    interface Props {
        page: Schema['RoundChanges'];
        done: (what: Schema['Replanned']) => void;
        /** Opens the times of somebody again who comes after all. */
        back: (part: number) => void;
        /** Somebody more is in the round now. */
        joined: (part: Schema['RoundPart'], name: string) => void;
        /** Whoever has no meeting in it is not in it any more. */
        left: (part: number) => void;
    }
    let { page, done, back, joined, left }: Props = $props();

    const GIVE_BACK = 'back';
    const NEWCOMER = 'new';
    let host = $state('');
    let substitute = $state('');
    let times = $state<Schema['HoursOn'][]>([]);
    let word = $state('');
    let chosen = $state<Record<number, string>>({});
    const path = $derived({ params: { path: { round: page.round } } });
    const form = $derived({
        host: Number(host),
        substitute: ['', NEWCOMER].includes(substitute) ? null : Number(substitute),
        times,
    });

    const plan = new Replan<Schema['AwayEffect']>(
        () => api.POST('/api/staff/rounds/{round}/away/effect', { ...path, body: form }),
        (effect) => {
            const choices = effect.hits.map((one) => {
                const other = one.others.find((stead) => stead.key === chosen[one.booking]);
                return { booking: one.booking, sheet: other?.sheet ?? null, start: other?.start ?? null };
            });
            return api.POST('/api/staff/rounds/{round}/away', { ...path, body: { ...form, choices, word } });
        },
        (what) => done(what),
        (effect) =>
            (chosen = Object.fromEntries((effect?.hits ?? []).map((one) => [one.booking, one.best ?? GIVE_BACK]))),
    );

    async function takeOut() {
        const part = Number(host);
        const answer = await ask(api.DELETE('/api/staff/round-parts/{part}', { params: { path: { part } } }));
        // Out of it there is nothing more to say of them.
        if (answer.trouble && answer.status !== 204) {
            plan.message = answer.trouble.message;
            return;
        }
        plan.effect = null;
        host = '';
        left(part);
    }
</script>

<div class="grid max-w-3xl gap-3">
    {#if page.away.length > 0}
        <ul class="border-t border-line" aria-label={say('arranging.away_list')}>
            {#each page.away as one (one.id)}
                <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
                    <span class="min-w-64 flex-1">{one.said}</span>
                    <Button color="alternative" onclick={() => back(one.id)}>{say('arranging.away_end')}</Button>
                </li>
            {/each}
        </ul>
    {/if}
    <div class="grid gap-3 sm:grid-cols-2">
        <div>
            <Label for="away-host">{say('arranging.away_who')}</Label>
            <Select id="away-host" placeholder="" bind:value={host} onchange={() => (plan.effect = null)}>
                <option value=""></option>
                {#each page.hosts as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
            </Select>
            {#if plan.fields.host}<p class="font-semibold text-brick">{plan.fields.host}</p>{/if}
        </div>
        <div>
            <Label for="away-substitute">{say('arranging.away_substitute')}</Label>
            <Select
                id="away-substitute"
                placeholder=""
                bind:value={substitute}
                onchange={() => (plan.effect = null)}
                aria-describedby="away-substitute-help"
            >
                <option value="">{say('arranging.nobody')}</option>
                {#each page.hosts.filter((one) => String(one.id) !== host) as one (one.id)}
                    <option value={String(one.id)}>{one.name}</option>
                {/each}
                {#if page.others.length > 0}<option value={NEWCOMER}>{say('arranging.away_newcomer')}</option>{/if}
            </Select>
            <p id="away-substitute-help" class="text-faint">{say('arranging.away_substitute_help')}</p>
            {#if plan.fields.substitute}<p class="font-semibold text-brick">{plan.fields.substitute}</p>{/if}
        </div>
    </div>
    {#if substitute === NEWCOMER}
        <Newcomer
            round={page.round}
            people={page.others}
            taken={(part, name) => {
                joined(part, name);
                substitute = String(part.id);
            }}
        />
    {/if}
    {#each times as one, i (i)}
        <div class="grid gap-2 sm:grid-cols-[1fr_7rem_7rem_auto] sm:items-end">
            <div>
                <Label for="away-date-{i}">{say('arranging.on')}</Label>
                <Select id="away-date-{i}" placeholder="" bind:value={one.date} onchange={() => (plan.effect = null)}>
                    {#each page.dates as date (date.date)}<option value={date.date}>{date.label}</option>{/each}
                </Select>
            </div>
            <div>
                <Label for="away-from-{i}">{say('arranging.from')}</Label>
                <Input id="away-from-{i}" bind:value={one.from} oninput={() => (plan.effect = null)} />
            </div>
            <div>
                <Label for="away-until-{i}">{say('arranging.to')}</Label>
                <Input id="away-until-{i}" bind:value={one.until} oninput={() => (plan.effect = null)} />
            </div>
            <TextButton
                onclick={() => {
                    times = times.filter((_, at) => at !== i);
                    plan.effect = null;
                }}>{say('arranging.take_it_out')}</TextButton
            >
            {#if plan.fields[`times.${i}.from`]}<p class="font-semibold text-brick sm:col-span-4">
                    {plan.fields[`times.${i}.from`]}
                </p>{/if}
        </div>
    {/each}
    <p>
        {times.length === 0 ? say('arranging.away_all') : ''}
        <TextButton
            onclick={() => {
                times = [...times, { date: page.dates[0]?.date ?? '', from: '00:00', until: '23:59' }];
                plan.effect = null;
            }}>{times.length === 0 ? say('arranging.away_some') : say('arranging.away_more')}</TextButton
        >
    </p>
    {#if plan.message}<Notice>{plan.message}</Notice>{/if}
    {#if !plan.effect}
        <p>
            <Button disabled={host === '' || substitute === NEWCOMER} onclick={plan.look}
                >{say('arranging.away_look')}</Button
            >
        </p>
    {:else}
        <p class="font-semibold" role="status">{plan.effect.said}</p>
        <ul class="border-t border-line">
            {#each plan.effect.hits as one (one.booking)}
                <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
                    <span class="min-w-64 flex-1">
                        {one.time}
                        <span class="block text-faint"
                            >{one.student
                                ? say('arranging.who_about', { name: one.name, student: one.student })
                                : one.name}</span
                        >
                    </span>
                    <Select
                        class="w-72"
                        aria-label={say('arranging.away_becomes', { name: one.name, student: one.student })}
                        placeholder=""
                        bind:value={chosen[one.booking]}
                    >
                        {#each one.others as other (other.key)}
                            <option value={other.key}>{other.said}</option>
                        {/each}
                        <option value={GIVE_BACK}>{say('arranging.away_cancelled')}</option>
                    </Select>
                </li>
            {/each}
        </ul>
        {#if plan.effect.hits.length > 0}
            <div>
                <Label for="away-word">{say('arranging.word_all')}</Label>
                <Textarea id="away-word" rows={2} class="w-full" maxlength={1000} bind:value={word} />
            </div>
        {/if}
        <p class="flex flex-wrap gap-3">
            <Button disabled={plan.working} onclick={plan.apply}
                >{plan.effect.hits.length === 0 ? say('arranging.away_close') : say('arranging.away_press')}</Button
            >
            {#if plan.effect.hits.length === 0 && times.length === 0}
                <Button color="alternative" disabled={plan.working} onclick={takeOut}
                    >{say('arranging.away_take_out')}</Button
                >
            {/if}
            <Button color="alternative" onclick={() => (plan.effect = null)}>{say('arranging.not_yet')}</Button>
        </p>
    {/if}
</div>
