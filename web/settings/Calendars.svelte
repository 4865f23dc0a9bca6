<script lang="ts">
    /** One's own calendars: whatever stands in them takes slots out. */
    import { Button, Fileupload, Label } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, formOf, type Schema } from '../lib/api';
    import Field from '../controls/Field.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        settings: Schema['Settings'];
        changed: (settings: Schema['Settings']) => void;
    }
    let { settings, changed }: Props = $props();

    let name = $state('');
    let address = $state('');
    let files = $state<FileList>();
    const file = $derived(files?.[0] ?? null);
    let input = $state<HTMLInputElement>();
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let working = $state(false);

    function settle(answer: {
        data?: Schema['Settings'];
        trouble?: { message: string; fields: Record<string, string> };
    }) {
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        working = false;
        if (answer.data) changed(answer.data);
        return answer.data !== undefined;
    }
    async function add() {
        working = true;
        const good = settle(
            await ask(
                api.POST('/api/staff/calendars', {
                    body: { name },
                    ...formOf({ name, file, address: file ? null : address }),
                }),
            ),
        );
        if (good) {
            name = address = '';
            files = undefined;
            if (input) input.value = '';
        }
    }
    const refresh = async (calendar: number) =>
        settle(await ask(api.POST('/api/staff/calendars/{calendar}/refresh', { params: { path: { calendar } } })));
    const remove = async (calendar: number) =>
        settle(await ask(api.DELETE('/api/staff/calendars/{calendar}', { params: { path: { calendar } } })));
</script>

<section class="mt-6 grid gap-4" aria-labelledby="calendars">
    <h2 id="calendars">Your calendars</h2>
    <p class="text-faint">
        Lunch duty, team meetings, class: whatever stands there takes times out. Visitors never see what it is.
    </p>
    <ul class="grid gap-3">
        {#each settings.calendars as calendar (calendar.id)}
            <li class="slip">
                <div class="flex flex-wrap items-center gap-3">
                    <strong class="mr-auto">{calendar.name}</strong>
                    {#if calendar.feed}<Button color="alternative" onclick={() => refresh(calendar.id)}
                            >Fetch it now</Button
                        >{/if}
                    <Button color="red" outline onclick={() => remove(calendar.id)}>Take it away</Button>
                </div>
                <p class="text-faint">
                    {calendar.busy === 1 ? 'One busy time' : `${calendar.busy} busy times`} to come{calendar.fetched
                        ? `; fetched ${calendar.fetched}`
                        : ''}.
                </p>
                {#if calendar.failure}<Notice>{calendar.failure} What was known of it still counts.</Notice>{/if}
                {#if calendar.skipped.length > 0}
                    <details>
                        <summary class="cursor-pointer py-2"
                            >{calendar.skipped.length === 1
                                ? 'One entry was skipped'
                                : `${calendar.skipped.length} entries were skipped`}</summary
                        >
                        <ul class="text-[0.95rem]">
                            {#each calendar.skipped as one, i (i)}<li>{one}</li>{/each}
                        </ul>
                    </details>
                {/if}
            </li>
        {/each}
    </ul>
    <form class="slip grid gap-3" novalidate onsubmit={onSent(() => !working && add())}>
        <h3>Add a calendar</h3>
        <Field name="calendar-name" label="What to call it" required bind:value={name} error={fields.name} />
        <Field
            name="calendar-address"
            label="Address of its feed"
            help="Your calendar program gives out a private address that ends in .ics."
            type="url"
            bind:value={address}
            error={fields.address}
        />
        <div>
            <Label for="calendar-file">Or a file</Label>
            <Fileupload id="calendar-file" bind:elementRef={input} bind:files accept=".ics,text/calendar" />
            {#if fields.file}<p class="mt-1 font-semibold text-brick">{fields.file}</p>{/if}
        </div>
        {#if message && Object.keys(fields).length === 0}<Notice>{message}</Notice>{/if}
        <Button type="submit" class="justify-self-start" disabled={working}>{working ? 'Reading it…' : 'Add it'}</Button
        >
    </form>
</section>
