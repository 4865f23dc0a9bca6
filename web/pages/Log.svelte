<script lang="ts">
    /** Who did what, as it was written down: for the office. */
    import { say } from '../lib/say';
    import { Button, Label, Select } from '../lib/controls';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        who: number | null;
        log_days: number;
        people: { id: number; name: string }[];
        notes: { id: number; when: string; who: string; what: string }[];
        /** The note before which the next ones begin. */
        later: number | null;
    }
    let { host, who, log_days, people, notes, later }: Props = $props();

    const of = $derived(who === null ? '' : `&who=${who}`);
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
        <h1 class="me-auto">{say('office.log')}</h1>
        <div class="flex items-center gap-2">
            <Label for="who" class="mb-0">{say('office.log_only')}</Label>
            <Select
                id="who"
                placeholder=""
                value={who === null ? '' : String(who)}
                onchange={(event) => {
                    const one = (event.currentTarget as HTMLSelectElement).value;
                    location.assign(one === '' ? '/staff/log' : `/staff/log?who=${one}`);
                }}
            >
                <option value="">{say('office.log_everybody')}</option>
                {#each people as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
            </Select>
        </div>
    </div>
    <p class="mb-2 text-faint">{say('office.log_about', { days: log_days })}</p>
    <ul class="divide-y divide-line">
        {#each notes as note (note.id)}
            <li class="grid gap-x-4 py-1 sm:grid-cols-[15rem_1fr]">
                <span class="times text-faint">{note.when}</span>
                <span><strong>{note.who}</strong> {note.what}</span>
            </li>
        {:else}
            <li class="py-2">{say('office.log_none')}</li>
        {/each}
    </ul>
    {#if later}<Button class="mt-3" color="alternative" href="/staff/log?before={later}{of}"
            >{say('office.log_earlier')}</Button
        >{/if}
</main>
