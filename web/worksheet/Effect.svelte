<script lang="ts">
    /** Whom a change hits, before it is saved: who stays, who moves where, who loses their slot, and what they are sent. */
    import { Button, Select } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import Field from '../controls/Field.svelte';

    interface Props {
        hits: Schema['Effect'];
        working: boolean;
        word: string;
        save: (settle: Schema['Settle']) => void;
        reword: () => void;
        back: () => void;
    }
    let { hits, working, word = $bindable(), save, reword, back }: Props = $props();

    let choices = $state<Record<number, string>>({});
    let reading = $state<number | null>(null);
    let box = $state<HTMLElement>();
    $effect(() => {
        box?.focus({ preventScroll: true });
        box?.scrollIntoView({ block: 'start' });
    });

    const usual = (change: Schema['Change']) => change.to?.key ?? (change.what === 'place' ? 'move' : 'leave');
    const chosen = (change: Schema['Change']) => choices[change.booking] ?? usual(change);
    const options = (change: Schema['Change']) => {
        const slots = [...(change.to ? [change.to] : []), ...change.nearest];
        return slots.filter((slot, i) => slots.findIndex((one) => one.key === slot.key) === i);
    };

    function settle() {
        save({
            word,
            bookings: hits.changes.map((change) => {
                const choice = chosen(change);
                return choice === 'leave' || choice === 'cancel'
                    ? { id: change.booking, do: choice }
                    : { id: change.booking, do: 'move', to: choice === 'move' ? null : choice };
            }),
        });
    }
    function all(choice: string) {
        choices = Object.fromEntries(
            hits.changes.map((change) => [change.booking, choice === 'proposed' ? usual(change) : choice]),
        );
    }
</script>

<section class="slip" tabindex="-1" bind:this={box} aria-labelledby="effect">
    <h2 id="effect">Whom this change hits</h2>
    <p class="mt-1 mb-3">
        {hits.stays === 0 ? 'Nobody keeps' : hits.stays === 1 ? 'One booking keeps' : `${hits.stays} bookings keep`}
        everything as it is; {hits.changes.length === 1 ? 'one is' : `${hits.changes.length} are`} touched.
        {#if hits.minutes_moved > 0}What is proposed moves people least: {hits.minutes_moved} minutes, all together.{/if}
    </p>
    <div class="mb-3 flex flex-wrap gap-3">
        <Button color="alternative" onclick={() => all('proposed')}>As proposed</Button>
        <Button color="alternative" onclick={() => all('leave')}>Leave them all as they are</Button>
    </div>
    <ul class="grid gap-3">
        {#each hits.changes as change (change.booking)}
            <li class="border-t border-line pt-3">
                <p>
                    <strong>{change.student || change.name}</strong>{change.student ? ` (${change.name})` : ''},
                    <span class="times">{change.from}</span>
                    {change.what === 'time'
                        ? 'loses this slot.'
                        : change.what === 'length'
                          ? 'gets another length.'
                          : 'gets another place.'}
                </p>
                <div class="mt-1 flex flex-wrap items-center gap-3">
                    <Select
                        class="times"
                        aria-label="What becomes of {change.name}’s meeting"
                        value={chosen(change)}
                        onchange={(event) => (choices[change.booking] = event.currentTarget.value)}
                        placeholder=""
                    >
                        {#each options(change) as slot (slot.key)}<option value={slot.key}
                                >{change.what === 'length' ? 'becomes' : 'moves to'} {slot.said}</option
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
                {#if reading === change.booking}<pre
                        class="mt-2 text-[0.92rem] wrap-anywhere whitespace-pre-wrap">{change.message}</pre>{/if}
            </li>
        {/each}
    </ul>
    <div class="mt-4">
        <Field
            name="word"
            label="A word to those who are moved or cancelled"
            bind:value={word}
            lines={2}
            change={reword}
        />
    </div>
    <div class="mt-4 flex flex-wrap gap-3">
        <Button disabled={working} onclick={settle}
            >{working ? 'Saving…' : 'Save the change and send the messages'}</Button
        >
        <Button color="alternative" onclick={back}>Back to the worksheet</Button>
    </div>
</section>
