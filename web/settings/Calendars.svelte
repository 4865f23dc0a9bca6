<script lang="ts">
    /** One's own calendars: whatever stands in them takes slots out. */
    import { say } from '../lib/say';
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
    <h2 id="calendars">{say('settings.your_calendars')}</h2>
    <p class="text-faint">
        {say('settings.calendars_about')}
        <a href="/staff/calendar-server">{say('settings.calendars_both_ways')}</a>
    </p>
    <ul class="grid gap-3">
        {#each settings.calendars as calendar (calendar.id)}
            <li class="slip">
                <div class="flex flex-wrap items-center gap-3">
                    <strong class="me-auto">{calendar.name}</strong>
                    {#if calendar.feed}<Button color="alternative" onclick={() => refresh(calendar.id)}
                            >{say('settings.calendar_fetch')}</Button
                        >{/if}
                    <Button color="red" outline onclick={() => remove(calendar.id)}
                        >{say('settings.calendar_remove')}</Button
                    >
                </div>
                <p class="text-faint">
                    {calendar.fetched
                        ? say('settings.calendar_busy_fetched', { many: calendar.busy, fetched: calendar.fetched })
                        : say('settings.calendar_busy', { many: calendar.busy })}
                </p>
                {#if calendar.failure}<Notice>{say('settings.calendar_failure', { failure: calendar.failure })}</Notice
                    >{/if}
                {#if calendar.skipped.length > 0}
                    <details>
                        <summary class="cursor-pointer py-2"
                            >{say('settings.calendar_skipped', { many: calendar.skipped.length })}</summary
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
        <h3>{say('settings.calendar_add')}</h3>
        <Field
            name="calendar-name"
            label={say('settings.calendar_name')}
            required
            bind:value={name}
            error={fields.name}
        />
        <Field
            name="calendar-address"
            label={say('settings.calendar_address')}
            help={say('settings.calendar_address_help')}
            type="url"
            bind:value={address}
            error={fields.address}
        />
        <div>
            <Label for="calendar-file">{say('settings.calendar_file_or')}</Label>
            <Fileupload id="calendar-file" bind:elementRef={input} bind:files accept=".ics,text/calendar" />
            {#if fields.file}<p class="mt-1 font-semibold text-brick">{fields.file}</p>{/if}
        </div>
        {#if message && Object.keys(fields).length === 0}<Notice>{message}</Notice>{/if}
        <Button type="submit" class="justify-self-start" disabled={working}
            >{working ? say('settings.calendar_reading') : say('settings.calendar_add_press')}</Button
        >
    </form>
</section>
