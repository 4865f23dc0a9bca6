<script lang="ts">
    /** Whom a change hits, before it is saved: who stays, who moves where, who loses their time, and what they are sent. */
    import type { Schema } from '../lib/api';
    import { Button, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import TextButton from '../controls/TextButton.svelte';

    interface Props {
        hits: Schema['Effect'];
        working: boolean;
        word: string;
        save: (settle: Schema['Settle']) => void;
        /** Asks again what comes of it, with what has been chosen so far. */
        again: (settle: Schema['Settle']) => void;
        back: () => void;
        /** Where "back" leads. */
        backTo?: string;
    }
    let { hits, working, word = $bindable(), save, again, back, backTo = 'Back to the worksheet' }: Props = $props();

    const AT_ONCE = 50;
    let most = $state(AT_ONCE);
    let choices = $state<Record<number, string>>({});
    // svelte-ignore state_referenced_locally -- begins with how the server looked
    let within = $state(hits.within);
    let reading = $state<number | null>(null);
    let box = $state<HTMLElement>();
    $effect(() => {
        box?.focus({ preventScroll: true });
        box?.scrollIntoView({ block: 'start' });
    });

    const usual = (change: Schema['Change']) => change.to?.key ?? (change.what === 'place' ? 'move' : '');
    const chosen = (change: Schema['Change']) => choices[change.booking] ?? usual(change);
    const options = (change: Schema['Change']) => {
        const slots = [...(change.to ? [change.to] : []), ...change.nearest];
        return slots.filter((slot, i) => slots.findIndex((one) => one.key === slot.key) === i);
    };
    const open = $derived(hits.changes.filter((change) => chosen(change) === '').length);

    const settle = (): Schema['Settle'] => ({
        word,
        within,
        bookings: hits.changes
            .filter((change) => chosen(change) !== '')
            .map((change) => {
                const choice = chosen(change);
                return choice === 'leave' || choice === 'cancel'
                    ? { id: change.booking, do: choice }
                    : { id: change.booking, do: 'move', to: choice === 'move' ? null : choice };
            }),
    });
    function all(choice: string) {
        choices = Object.fromEntries(
            hits.changes.map((change) => [
                change.booking,
                choice === 'proposed' || (choice === 'cancel' && change.what !== 'time') ? usual(change) : choice,
            ]),
        );
        again(settle());
    }
    function choose(change: Schema['Change'], choice: string) {
        choices[change.booking] = choice;
        again(settle());
    }
    function reach() {
        choices = {};
        again(settle());
    }
    // Typing asks again when it has come to rest.
    let rest: ReturnType<typeof setTimeout> | undefined;
    function reword() {
        clearTimeout(rest);
        rest = setTimeout(() => again(settle()), 400);
    }
</script>

<section class="min-w-0" tabindex="-1" bind:this={box} aria-labelledby="effect">
    <h2 id="effect">Whom this change hits</h2>
    <p class="mt-1 mb-2">
        {hits.stays === 0 ? 'Nobody keeps' : hits.stays === 1 ? 'One booking keeps' : `${hits.stays} bookings keep`}
        everything as it is; {hits.changes.length === 1 ? 'one is' : `${hits.changes.length} are`} touched.
        {hits.moves_said}
    </p>
    <div class="mb-2 flex flex-wrap items-end gap-3">
        <div>
            <Label for="within">Propose other times</Label>
            <Select id="within" placeholder="" bind:value={within} onchange={reach}>
                <option value="same day">on the same day</option>
                <option value="same week">in the same week</option>
                <option value="anywhere">however far away</option>
            </Select>
        </div>
        <Button color="alternative" onclick={() => all('proposed')}>As proposed</Button>
        <Button color="alternative" onclick={() => all('leave')}>Leave them all as they are</Button>
        {#if hits.changes.some((change) => change.what === 'time')}<Button
                color="red"
                outline
                onclick={() => all('cancel')}>Cancel all that lose their time</Button
            >{/if}
    </div>
    <ul>
        {#each hits.changes.slice(0, most) as change (change.booking)}
            <li class="border-t border-line py-2">
                <p>
                    <strong>{change.student || change.name}</strong>{change.student ? ` (${change.name})` : ''},
                    <span class="times">{change.from}</span>
                    {change.what === 'time'
                        ? 'loses this time.'
                        : change.what === 'length'
                          ? 'gets another length.'
                          : 'gets another place.'}
                    {#if change.sheet}<span class="text-faint">{change.sheet}</span>{/if}
                </p>
                <div class="flex flex-wrap items-center gap-3">
                    <Select
                        class="times"
                        placeholder=""
                        aria-label="What becomes of {change.name}’s meeting"
                        value={chosen(change)}
                        onchange={(event) => choose(change, event.currentTarget.value)}
                    >
                        {#if chosen(change) === ''}<option value="">choose: nothing near enough is free</option>{/if}
                        {#each options(change) as slot (slot.key)}<option value={slot.key}
                                >{change.what === 'length' ? 'becomes' : 'moves to'}
                                {slot.said}{change.what === 'time' ? ` (${slot.shift})` : ''}</option
                            >{/each}
                        {#if change.what === 'place'}<option value="move">goes to the sheet’s first place</option>{/if}
                        <option value="leave">stays as it is</option>
                        {#if change.what === 'time'}<option value="cancel">is cancelled</option>{/if}
                    </Select>
                    {#if change.message}
                        <TextButton
                            aria-expanded={reading === change.booking}
                            onclick={() => (reading = reading === change.booking ? null : change.booking)}
                            >Read the message</TextButton
                        >
                    {/if}
                </div>
                {#if reading === change.booking && change.message}<pre
                        class="mt-2 text-[0.92rem] wrap-anywhere whitespace-pre-wrap">{change.message}</pre>{/if}
            </li>
        {/each}
    </ul>
    {#if hits.changes.length > most}<Button color="alternative" onclick={() => (most += AT_ONCE)}
            >Show {Math.min(AT_ONCE, hits.changes.length - most)} more of {hits.changes.length}</Button
        >{/if}
    <div class="mt-3">
        <Field
            name="word"
            label="A word to those who are moved or cancelled"
            bind:value={word}
            lines={2}
            change={reword}
        />
    </div>
    {#if open > 0}<p class="mt-2 font-semibold">
            {open === 1
                ? 'One meeting has no time near enough: choose what becomes of it.'
                : `${open} meetings have no time near enough: choose what becomes of them.`}
        </p>{/if}
    <div class="mt-3 flex flex-wrap gap-3">
        <Button disabled={working || open > 0} onclick={() => save(settle())}
            >{working ? 'Saving…' : 'Save the change and send the messages'}</Button
        >
        <Button color="alternative" onclick={back}>{backTo}</Button>
    </div>
</section>
