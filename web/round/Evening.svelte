<script lang="ts">
    /** A whole evening of a round to another date: what that does, and doing it. */
    import { Button, Input, Label, Select, Textarea } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';

    interface Props {
        page: Schema['RoundChanges'];
        done: (said: string, undo: number) => void;
    }
    let { page, done }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with the first
    let from = $state(page.dates[0]?.date ?? '');
    let to = $state('');
    let word = $state('');
    let effect = $state<Schema['EveningEffect'] | null>(null);
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let working = $state(false);
    const path = $derived({ params: { path: { round: page.round } } });

    async function look() {
        const answer = await ask(api.POST('/api/staff/rounds/{round}/evening/effect', { ...path, body: { from, to } }));
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        effect = answer.data ?? null;
    }
    async function apply() {
        working = true;
        const seen = (effect?.cannot ?? []).map((one) => one.booking);
        const answer = await ask(
            api.POST('/api/staff/rounds/{round}/evening', { ...path, body: { from, to, seen, word } }),
        );
        working = false;
        if (answer.data) {
            effect = null;
            done(answer.data.message, answer.data.undo);
        } else {
            const said = answer.trouble?.message ?? '';
            await look();
            message = said;
        }
    }
</script>

<div class="grid max-w-3xl gap-3">
    <div class="grid gap-3 sm:grid-cols-2">
        <div>
            <Label for="evening-from">The evening of</Label>
            <Select id="evening-from" placeholder="" bind:value={from} onchange={() => (effect = null)}>
                {#each page.dates as date (date.date)}<option value={date.date}>{date.label}</option>{/each}
            </Select>
            {#if fields.from}<p class="font-semibold text-brick">{fields.from}</p>{/if}
        </div>
        <div>
            <Label for="evening-to">moves to</Label>
            <Input id="evening-to" type="date" bind:value={to} onchange={() => (effect = null)} />
            {#if fields.to}<p class="font-semibold text-brick">{fields.to}</p>{/if}
        </div>
    </div>
    {#if message}<Notice>{message}</Notice>{/if}
    {#if !effect}
        <p><Button disabled={to === ''} onclick={() => void look()}>See what that does</Button></p>
    {:else}
        <p class="font-semibold" role="status">{effect.said}</p>
        <ul>
            {#each effect.cannot as one (one.booking)}
                <li class="border-b border-line py-1">
                    {one.time}
                    {one.host} and {one.name}{one.student ? `, about ${one.student}` : ''}
                </li>
            {/each}
        </ul>
        <div>
            <Label for="evening-word">A word to all of them</Label>
            <Textarea id="evening-word" rows={2} class="w-full" maxlength={1000} bind:value={word} />
        </div>
        <p class="flex flex-wrap gap-3">
            <Button disabled={working} onclick={() => void apply()}>Move it, and write to them</Button>
            <Button color="alternative" onclick={() => (effect = null)}>Not yet</Button>
        </p>
    {/if}
</div>
