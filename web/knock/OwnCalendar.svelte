<script lang="ts">
    /** A calendar of one's own: a file or a feed, read once. What it says stays on this page and is gone with it. */
    import { say } from '../lib/say';
    import { api, ask, formOf, type Schema } from '../lib/api';

    interface Props {
        door: string;
        read: (calendar: Schema['OwnCalendar'] | null) => void;
        said: string;
        pass: boolean;
    }
    let { door, read, said, pass }: Props = $props();

    let address = $state('');
    let working = $state(false);
    let wrong = $state('');

    async function send(fields: { address: string } | { file: File }) {
        working = true;
        const answer = await ask(
            api.POST('/api/d/{door}/calendar', { params: { path: { door } }, body: {}, ...formOf({ ...fields }) }),
        );
        working = false;
        wrong = answer.trouble ? (Object.values(answer.trouble.fields)[0] ?? answer.trouble.message) : '';
        if (answer.data) read(answer.data);
    }
</script>

<details class="own">
    <summary>{said || (pass ? say('asking.own_besides') : say('asking.own_add'))}</summary>
    <div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-3">
        <div>
            <label class="mb-1 block font-semibold" for="own-file">{say('asking.own_file')}</label>
            <input
                id="own-file"
                type="file"
                accept=".ics,text/calendar"
                disabled={working}
                aria-describedby="own-said"
                onchange={(event) => {
                    const file = event.currentTarget.files?.[0];
                    if (file) void send({ file });
                }}
            />
        </div>
        <div class="min-w-0 flex-1 basis-72">
            <label class="mb-1 block font-semibold" for="own-address">{say('asking.own_address')}</label>
            <span class="flex gap-2">
                <input
                    id="own-address"
                    class="box w-full"
                    type="url"
                    placeholder="https://"
                    autocomplete="off"
                    bind:value={address}
                    aria-invalid={wrong ? 'true' : undefined}
                    aria-describedby="own-said"
                    onkeydown={(event) => {
                        // Enter here reads the calendar; it sends nothing.
                        if (event.key === 'Enter') {
                            event.preventDefault();
                            if (address) void send({ address });
                        }
                    }}
                />
                <button
                    type="button"
                    class="press whitespace-nowrap"
                    disabled={working || !address}
                    onclick={() => void send({ address })}
                    >{working ? say('asking.own_reading') : say('asking.own_read')}</button
                >
            </span>
        </div>
    </div>
    <p id="own-said" class="mt-2 text-[0.95rem] {wrong ? 'font-semibold text-brick' : 'text-faint'}" role="status">
        {wrong || say('asking.own_promise')}
    </p>
    {#if said}<button type="button" class="link" onclick={() => read(null)}>{say('asking.own_leave_out')}</button>{/if}
</details>

<style>
    .own {
        padding: 0.2rem 0;
    }
    summary {
        display: list-item;
        min-height: 2.75rem;
        padding: 0.5rem 0;
        cursor: pointer;
        color: var(--board);
    }
</style>
