<script lang="ts">
    /** Somebody more for a round that is published: who, and where they are found. */
    import { say } from '../lib/say';
    import { Button, Input, Label, Select } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';

    interface Props {
        round: number;
        people: { id: number; name: string }[];
        taken: (part: Schema['RoundPart'], name: string) => void;
    }
    let { round, people, taken }: Props = $props();

    let staff = $state('');
    let label = $state('');
    let working = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});

    async function take() {
        working = true;
        const answer = await ask(
            api.POST('/api/staff/rounds/{round}/parts', {
                params: { path: { round } },
                body: { staff: Number(staff), kind: 'room', label },
            }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        message = beside(answer.trouble);
        if (answer.data) taken(answer.data, people.find((one) => one.id === answer.data.staff)?.name ?? '');
    }
</script>

<div class="grid gap-3 border-y border-line py-3 sm:grid-cols-[1fr_1fr_auto] sm:items-end">
    <div>
        <Label for="newcomer">{say('arranging.newcomer_who')}</Label>
        <Select id="newcomer" placeholder="" bind:value={staff}>
            <option value=""></option>
            {#each people as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
        </Select>
        {#if fields.staff}<p class="font-semibold text-brick">{fields.staff}</p>{/if}
    </div>
    <div>
        <Label for="newcomer-room">{say('arranging.room')}</Label>
        <Input id="newcomer-room" maxlength={120} autocomplete="off" bind:value={label} />
        {#if fields.label}<p class="font-semibold text-brick">{fields.label}</p>{/if}
    </div>
    <Button disabled={working || staff === ''} onclick={take}>{say('arranging.newcomer_press')}</Button>
    <p class="text-faint sm:col-span-3">
        {say('arranging.newcomer_about')}
    </p>
    {#if message}<div class="sm:col-span-3"><Notice>{message}</Notice></div>{/if}
</div>
