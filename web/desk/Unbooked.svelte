<script lang="ts">
    /** Somebody just came in, without a booking. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import type { Desk } from './desk.svelte';
    import { onSent } from '../lib/form';

    let { desk, done }: { desk: Desk; done: () => void } = $props();
    let name = $state('');
    let student = $state('');
    let phone = $state('');
    let minutes = $state(5);

    async function take() {
        const failed = await desk.press({
            what: 'unbooked',
            who: [],
            minutes,
            name,
            student: student || null,
            phone: phone || null,
        });
        if (failed === '') done();
    }
</script>

<form
    class="my-2 grid gap-3 rounded-md border border-line bg-card p-3 sm:grid-cols-4"
    novalidate
    onsubmit={onSent(take)}
>
    <Field name="unbooked-name" label={say('desk.unbooked_who')} required bind:value={name} />
    <Field name="unbooked-student" label={say('desk.unbooked_student')} bind:value={student} />
    <Field name="unbooked-phone" label={say('desk.phone_number')} bind:value={phone} />
    <label class="font-semibold" for="unbooked-minutes"
        >{say('desk.unbooked_minutes')}<input
            id="unbooked-minutes"
            class="box block w-24"
            type="number"
            min="1"
            max="120"
            bind:value={minutes}
        /></label
    >
    <p class="flex gap-2 sm:col-span-4">
        <Button type="submit">{say('desk.unbooked_press')}</Button>
        <Button color="alternative" onclick={done}>{say('desk.not_now')}</Button>
    </p>
</form>
