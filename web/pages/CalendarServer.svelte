<script lang="ts">
    /** One's own calendars on a server: which count as busy, and into which one one's meetings go. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Button, Checkbox, Radio } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Fold from '../controls/Fold.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { onSent } from '../lib/form';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        server: Schema['CalendarServer'];
        /** The one that stands beside the demo. */
        demo: { address: string; name: string; password: string } | null;
    }
    let { host, server: first, demo }: Props = $props();

    let fresh = $state.raw<Schema['CalendarServer'] | null>(null);
    const server = $derived(fresh ?? first);
    // svelte-ignore state_referenced_locally
    let ticks = $state(ticksOf(first));
    let form = $state({ address: '', name: '', password: '' });
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let good = $state('');
    let working = $state('');
    let forgetting = $state(false);

    function ticksOf(of: Schema['CalendarServer']) {
        return {
            busy: Object.fromEntries(of.calendars.map((one) => [one.id, one.busy])) as Record<number, boolean>,
            meetings: String(of.calendars.find((one) => one.meetings)?.id ?? ''),
        };
    }
    async function press(
        what: string,
        asking: Promise<{
            data?: Schema['CalendarServer'];
            trouble?: { message: string; fields: Record<string, string> };
        }>,
        said = '',
    ): Promise<boolean> {
        working = what;
        const answer = await asking;
        working = '';
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        good = answer.data && !answer.data.failure ? said : '';
        if (answer.data) {
            fresh = answer.data;
            ticks = ticksOf(answer.data);
        }
        return answer.data !== undefined;
    }
    async function connect() {
        const body = { ...form };
        if (await press('connect', ask(api.POST('/api/staff/calendar-server', { body }))))
            form = { address: '', name: '', password: '' };
    }
    const keep = () =>
        press(
            'keep',
            ask(
                api.PUT('/api/staff/calendar-server', {
                    body: {
                        busy: server.calendars.filter((one) => ticks.busy[one.id]).map((one) => one.id),
                        meetings: ticks.meetings === '' ? null : Number(ticks.meetings),
                    },
                }),
            ),
            say('servers.kept'),
        );
    const look = () => press('look', ask(api.POST('/api/staff/calendar-server/look')), say('servers.looked_now'));
    async function forget() {
        forgetting = false;
        await press('forget', ask(api.DELETE('/api/staff/calendar-server')));
    }
</script>

{#snippet where()}
    <form class="grid max-w-xl gap-3" novalidate onsubmit={onSent(() => !working && connect())}>
        <Field
            name="server-address"
            label={say('servers.address')}
            help={say('servers.address_help')}
            type="url"
            required
            bind:value={form.address}
            error={fields.address}
        />
        <Field
            name="server-name"
            label={say('servers.name')}
            required
            autocomplete="off"
            bind:value={form.name}
            error={fields.name}
        />
        <Field
            name="server-password"
            label={say('servers.password')}
            help={say('servers.password_help')}
            type="password"
            required
            autocomplete="off"
            bind:value={form.password}
            error={fields.password}
        />
        <Button type="submit" class="justify-self-start" disabled={working !== ''}
            >{working === 'connect' ? say('servers.connecting') : say('servers.connect')}</Button
        >
    </form>
{/snippet}

<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1 class="mb-2">{say('servers.heading')}</h1>
    {#if !server.connected}
        <p class="max-w-prose text-faint">{say('servers.about')}</p>
        <p class="mb-4 max-w-prose text-faint">
            <Said key="servers.other_ways"
                >{#snippet link(text)}<a href="/staff/settings#calendars">{text}</a>{/snippet}</Said
            >
        </p>
    {/if}
    <div role="status">
        {#if good}<Notice good class="mb-3">{good}</Notice>{/if}
    </div>
    {#if message && Object.keys(fields).length === 0}<Notice class="mb-3">{message}</Notice>{/if}
    {#if server.connected}
        {#if server.failure}<Notice class="mb-3">{say('servers.still_counts', { failure: server.failure })}</Notice
            >{/if}
        <div class="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
            <p class="me-auto">
                {say('servers.on', { name: server.name, host: server.host })}
                {#if server.looked}<span class="block text-faint">{say('servers.looked', { when: server.looked })}</span
                    >{/if}
            </p>
            <Button color="alternative" disabled={working !== ''} onclick={look}>{say('servers.look_now')}</Button>
        </div>
        <form class="grid gap-3" novalidate onsubmit={onSent(() => !working && keep())}>
            <h2>{say('servers.which_heading')}</h2>
            <p class="max-w-prose text-faint">{say('servers.which_about')}</p>
            <ul class="grid gap-3 md:grid-cols-2">
                {#each server.calendars as calendar (calendar.id)}
                    <li class="slip grid content-start gap-2">
                        <h3>{calendar.name}</h3>
                        <Checkbox bind:checked={ticks.busy[calendar.id]}>{say('servers.counts')}</Checkbox>
                        {#if calendar.busy}<p class="text-faint">
                                {say('servers.counts_times', { times: calendar.times })}
                                {#if calendar.skipped > 0}{say('servers.skipped', { many: calendar.skipped })}{/if}
                            </p>{/if}
                        {#if calendar.can_write}
                            <Radio name="meetings" value={String(calendar.id)} bind:group={ticks.meetings}
                                >{say('servers.takes')}</Radio
                            >
                            {#if calendar.meetings}<p class="text-faint">
                                    {say('servers.written', { many: calendar.written })}
                                </p>{/if}
                        {:else}<p class="text-faint">{say('servers.read_only')}</p>{/if}
                    </li>
                {/each}
            </ul>
            <Radio name="meetings" value="" bind:group={ticks.meetings}>{say('servers.takes_none')}</Radio>
            {#if fields.meetings}<p class="font-semibold text-brick">{fields.meetings}</p>{/if}
            <Button type="submit" class="justify-self-start" disabled={working !== ''}
                >{working === 'keep' ? say('servers.keeping') : say('servers.keep')}</Button
            >
        </form>
        <div class="mt-6 grid gap-3">
            <Fold begins={false}>
                <summary class="cursor-pointer py-2">{say('servers.again_heading')}</summary>
                {@render where()}
            </Fold>
            <div>
                <Button
                    color="red"
                    outline
                    aria-expanded={forgetting}
                    disabled={working !== ''}
                    onclick={() => (forgetting = !forgetting)}>{say('servers.disconnect')}</Button
                >
            </div>
            {#if forgetting}
                <div class="slip grid max-w-xl gap-3">
                    <p>{say('servers.disconnect_about')}</p>
                    <div class="flex flex-wrap gap-3">
                        <Button color="red" onclick={forget}>{say('servers.disconnect_sure')}</Button>
                        <Button color="alternative" onclick={() => (forgetting = false)}
                            >{say('servers.disconnect_not')}</Button
                        >
                    </div>
                </div>
            {/if}
        </div>
    {:else}
        <h2 class="mb-2">{say('servers.connect_heading')}</h2>
        {@render where()}
        {#if demo}<p class="mt-4 max-w-xl text-faint">
                {say('servers.demo', demo)}
            </p>{/if}
    {/if}
</main>
