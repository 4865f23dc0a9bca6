<script lang="ts">
    /** Booking for somebody on the phone, who may have no e-mail address. */
    import { say } from '../lib/say';
    import { Button, Select } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { newKey } from '../lib/key';
    import Answer from '../parts/Answer.svelte';
    import Field from '../controls/Field.svelte';
    import KnownStudent from './KnownStudent.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        sheet: Schema['HostSheet'];
        slot: Schema['Slot'];
        changed: (sheet: Schema['HostSheet']) => void;
    }
    let { sheet, slot, changed }: Props = $props();

    let typed = $state({ name: '', email: '', place: null as number | null, answers: {} as Record<string, unknown> });
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    const key = newKey();

    async function book() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/bookings', {
                params: { path: { sheet: sheet.id } },
                body: {
                    slot: slot.key,
                    place: typed.place ?? sheet.places[0]?.id ?? null,
                    name: typed.name,
                    email: typed.email,
                    answers: typed.answers as Record<string, never>,
                    request_key: key,
                },
            }),
        );
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        if (answer.data) changed(answer.data);
    }
</script>

<form class="mt-4 grid max-w-xl gap-3" novalidate onsubmit={onSent(book)}>
    <Field name="office-name" label={say('hosting.office_name')} required bind:value={typed.name} error={fields.name} />
    <Field
        name="office-email"
        label={say('hosting.office_email')}
        type="email"
        help={say('hosting.office_email_help')}
        bind:value={typed.email}
        error={fields.email}
    />
    {#each sheet.questions as question (question.key)}
        {#if question.kind === 'student'}
            <KnownStudent
                {question}
                value={String(typed.answers[question.key] ?? '')}
                error={fields[`answers.${question.key}`]}
                change={(name) => (typed.answers[question.key] = name)}
                comes={(one) => {
                    typed.name = one.name;
                    typed.email = one.email;
                    if (one.phone) typed.answers.phone = one.phone;
                }}
            />
        {:else}<Answer
                {question}
                value={typed.answers[question.key]}
                error={fields[`answers.${question.key}`]}
                change={(value) => (typed.answers[question.key] = value)}
            />{/if}
    {/each}
    {#if sheet.places.length > 1}
        <label for="office-place" class="font-semibold">{say('hosting.where')}</label>
        <Select id="office-place" bind:value={typed.place} placeholder="">
            {#each sheet.places as place (place.id)}<option value={place.id}>{place.label}</option>{/each}
        </Select>
    {/if}
    {#if message}<Notice>{message}</Notice>{/if}
    <Button type="submit" class="justify-self-start">{say('hosting.office_press')}</Button>
</form>
