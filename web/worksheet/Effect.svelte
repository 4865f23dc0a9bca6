<script lang="ts">
    /** Whom a change hits, before it is saved: who stays, who moves where, who loses their time, and what they are sent. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
    let { hits, working, word = $bindable(), save, again, back, backTo = say('writing.back') }: Props = $props();

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
    <h2 id="effect">{say('writing.effect')}</h2>
    <p class="mt-1 mb-2">
        {say('writing.stays', { stays: hits.stays, touched: hits.changes.length, moves: hits.moves_said })}
    </p>
    <div class="mb-2 flex flex-wrap items-end gap-3">
        <div>
            <Label for="within">{say('writing.within')}</Label>
            <Select id="within" placeholder="" bind:value={within} onchange={reach}>
                <option value="same day">{say('writing.within_day')}</option>
                <option value="same week">{say('writing.within_week')}</option>
                <option value="anywhere">{say('writing.within_anywhere')}</option>
            </Select>
        </div>
        <Button color="alternative" onclick={() => all('proposed')}>{say('writing.all_proposed')}</Button>
        <Button color="alternative" onclick={() => all('leave')}>{say('writing.all_leave')}</Button>
        {#if hits.changes.some((change) => change.what === 'time')}<Button
                color="red"
                outline
                onclick={() => all('cancel')}>{say('writing.all_cancel')}</Button
            >{/if}
    </div>
    <ul>
        {#each hits.changes.slice(0, most) as change (change.booking)}
            <li class="border-t border-line py-2">
                <p>
                    <Said
                        key={`writing.hit_${change.what}${change.student ? '_about' : ''}`}
                        values={{ who: change.name, student: change.student, from: change.from }}
                        >{#snippet bold(text)}<strong>{text}</strong>{/snippet}{#snippet time(text)}<span class="times"
                                >{text}</span
                            >{/snippet}</Said
                    >
                    {#if change.sheet}<span class="text-faint">{change.sheet}</span>{/if}
                </p>
                <div class="flex flex-wrap items-center gap-3">
                    <Select
                        class="times"
                        placeholder=""
                        aria-label={say('writing.becomes_label', { name: change.name })}
                        value={chosen(change)}
                        onchange={(event) => choose(change, event.currentTarget.value)}
                    >
                        {#if chosen(change) === ''}<option value="">{say('writing.becomes_choose')}</option>{/if}
                        {#each options(change) as slot (slot.key)}<option value={slot.key}
                                >{change.what === 'length'
                                    ? say('writing.becomes_length', { slot: slot.said })
                                    : change.what === 'time'
                                      ? say('writing.becomes_moves_by', { slot: slot.said, shift: slot.shift })
                                      : say('writing.becomes_moves', { slot: slot.said })}</option
                            >{/each}
                        {#if change.what === 'place'}<option value="move">{say('writing.becomes_place')}</option>{/if}
                        <option value="leave">{say('writing.becomes_stays')}</option>
                        {#if change.what === 'time'}<option value="cancel">{say('writing.becomes_cancelled')}</option
                            >{/if}
                    </Select>
                    {#if change.message}
                        <TextButton
                            aria-expanded={reading === change.booking}
                            onclick={() => (reading = reading === change.booking ? null : change.booking)}
                            >{say('writing.read_message')}</TextButton
                        >
                    {/if}
                </div>
                {#if reading === change.booking && change.message}<pre
                        class="mt-2 text-[0.92rem] wrap-anywhere whitespace-pre-wrap">{change.message}</pre>{/if}
            </li>
        {/each}
    </ul>
    {#if hits.changes.length > most}<Button color="alternative" onclick={() => (most += AT_ONCE)}
            >{say('writing.show_more_of', {
                more: Math.min(AT_ONCE, hits.changes.length - most),
                all: hits.changes.length,
            })}</Button
        >{/if}
    <div class="mt-3">
        <Field name="word" label={say('writing.effect_word')} bind:value={word} lines={2} change={reword} />
    </div>
    {#if open > 0}<p class="mt-2 font-semibold">
            {say('writing.effect_open', { many: open })}
        </p>{/if}
    <div class="mt-3 flex flex-wrap gap-3">
        <Button disabled={working || open > 0} onclick={() => save(settle())}
            >{working ? say('writing.saving') : say('writing.effect_save')}</Button
        >
        <Button color="alternative" onclick={back}>{backTo}</Button>
    </div>
</section>
