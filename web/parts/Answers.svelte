<script lang="ts">
    /** The few things asked of a visitor, in place, once a time is picked. */
    import { api, ask, type Schema } from '../lib/api';
    import { newKey } from '../lib/key';
    import Field from './Field.svelte';

    interface Props {
        sheet: Schema['VisitSheet'];
        slot: Schema['Slot'];
        answers: { name: string; email: string; student: string; phone: string };
        booked: (pass: Schema['Pass']) => void;
        beaten: (gone: Schema['Gone']) => void;
    }
    let { sheet, slot, answers = $bindable(), booked, beaten }: Props = $props();

    let place = $state<number | null>(null);
    let working = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});
    let form = $state<HTMLFormElement>();

    const chosenPlace = $derived(place ?? sheet.places[0]?.id ?? null);

    // The same wish keeps its key, however often it is pressed; another wish gets another.
    let sent = { wish: '', key: '' };

    async function keep() {
        const wish = { slot: slot.key, place: chosenPlace, ...answers };
        const said = JSON.stringify(wish);
        if (sent.wish !== said) sent = { wish: said, key: newKey() };
        working = true;
        message = '';
        const answer = await ask(
            api.POST('/api/s/{slug}/bookings', {
                params: { path: { slug: sheet.slug } },
                body: { ...wish, request_key: sent.key },
            }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        if (answer.data) return booked(answer.data);
        const gone = answer.body as Schema['Gone'] | null;
        if (answer.status === 409 && gone?.sheet) return beaten(gone);
        message = fields.slot ?? fields.request_key ?? answer.trouble.message;
        requestAnimationFrame(() => form?.querySelector<HTMLElement>('[aria-invalid]')?.focus());
    }
</script>

<form
    bind:this={form}
    class="grid gap-4"
    novalidate
    onsubmit={(event) => {
        event.preventDefault();
        if (!working) void keep();
    }}
>
    <Field
        name="student"
        label="Student’s name"
        help="Who the meeting is about."
        required
        bind:value={answers.student}
        error={fields.student}
    />
    <div class="grid gap-4 sm:grid-cols-2">
        <Field
            name="name"
            label="Your name"
            autocomplete="name"
            required
            bind:value={answers.name}
            error={fields.name}
        />
        <Field
            name="phone"
            label="Phone number"
            type="tel"
            autocomplete="tel"
            required
            bind:value={answers.phone}
            error={fields.phone}
        />
    </div>
    <Field
        name="email"
        label="E-mail address"
        type="email"
        autocomplete="email"
        help="For your pass and the calendar entry."
        required
        bind:value={answers.email}
        error={fields.email}
    />
    {#if sheet.places.length > 1}
        <fieldset>
            <legend class="mb-1 font-semibold">Where</legend>
            {#each sheet.places as offered (offered.id)}
                <label class="flex min-h-11 items-center gap-2">
                    <input
                        type="radio"
                        name="place"
                        checked={offered.id === chosenPlace}
                        onchange={() => (place = offered.id)}
                    />
                    {offered.label}
                </label>
            {/each}
        </fieldset>
    {/if}
    {#if message}<p class="notice" role="alert">{message}</p>{/if}
    <button class="press main justify-self-start" disabled={working}
        >{working ? 'Keeping it…' : 'Keep this time'}</button
    >
</form>
