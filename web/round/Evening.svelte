<script lang="ts">
    /** A whole evening of a round to another date: what that does, and doing it. */
    import { say } from '../lib/say';
    import { Button, Input, Label, Select, Textarea } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, type Schema } from '../lib/api';
    import { Replan } from './replan.svelte';

    interface Props {
        page: Schema['RoundChanges'];
        done: (what: Schema['Replanned']) => void;
    }
    let { page, done }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with the first
    let from = $state(page.dates[0]?.date ?? '');
    let to = $state('');
    let word = $state('');
    const path = $derived({ params: { path: { round: page.round } } });

    const plan = new Replan<Schema['EveningEffect']>(
        () => api.POST('/api/staff/rounds/{round}/evening/effect', { ...path, body: { from, to } }),
        (effect) => {
            const seen = effect.cannot.map((one) => one.booking);
            return api.POST('/api/staff/rounds/{round}/evening', { ...path, body: { from, to, seen, word } });
        },
        (what) => done(what),
    );
</script>

<div class="grid max-w-3xl gap-3">
    <div class="grid gap-3 sm:grid-cols-2">
        <div>
            <Label for="evening-from">{say('arranging.evening_of')}</Label>
            <Select id="evening-from" placeholder="" bind:value={from} onchange={() => (plan.effect = null)}>
                {#each page.dates as date (date.date)}<option value={date.date}>{date.label}</option>{/each}
            </Select>
            {#if plan.fields.from}<p class="font-semibold text-brick">{plan.fields.from}</p>{/if}
        </div>
        <div>
            <Label for="evening-to">{say('arranging.moves_to')}</Label>
            <Input id="evening-to" type="date" bind:value={to} onchange={() => (plan.effect = null)} />
            {#if plan.fields.to}<p class="font-semibold text-brick">{plan.fields.to}</p>{/if}
        </div>
    </div>
    {#if plan.message}<Notice>{plan.message}</Notice>{/if}
    {#if !plan.effect}
        <p><Button disabled={to === ''} onclick={plan.look}>{say('arranging.evening_look')}</Button></p>
    {:else}
        <p class="font-semibold" role="status">{plan.effect.said}</p>
        <ul>
            {#each plan.effect.cannot as one (one.booking)}
                <li class="border-b border-line py-1">
                    {one.student ? say('arranging.cannot_about', one) : say('arranging.cannot', one)}
                </li>
            {/each}
        </ul>
        <div>
            <Label for="evening-word">{say('arranging.word_all')}</Label>
            <Textarea id="evening-word" rows={2} class="w-full" maxlength={1000} bind:value={word} />
        </div>
        <p class="flex flex-wrap gap-3">
            <Button disabled={plan.working} onclick={plan.apply}>{say('arranging.evening_press')}</Button>
            <Button color="alternative" onclick={() => (plan.effect = null)}>{say('arranging.not_yet')}</Button>
        </p>
    {/if}
</div>
