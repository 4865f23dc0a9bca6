<script lang="ts">
    /** How one signs in oneself: password, second factor, and where one is signed in. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { Button, Input } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { machineCan, makePasskey } from '../lib/passkey';
    import { api, ask, beside, firstOf, type Schema, type Trouble } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';
    import Password from '../settings/Password.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        host: string;
        account: Schema['Account'];
    }
    let { host, account: first }: Props = $props();

    let changed = $state<Schema['Account'] | null>(null);
    const account = $derived(changed ?? first);
    const left = $derived(say('settings.codes_left', { many: account.codes_left }));
    let said = $state('');
    let trouble = $state('');
    let fields = $state<Record<string, string>>({});
    let secret = $state<Schema['TotpSecret'] | null>(null);
    let code = $state('');
    let codes = $state<string[]>([]);

    function settle(answer: { data?: Schema['Account']; trouble?: Trouble }, done: string) {
        trouble = firstOf(answer.trouble);
        said = answer.data ? done : '';
        if (answer.data) changed = answer.data;
    }
    async function begin() {
        const answer = await ask(api.POST('/api/staff/me/second-factor'));
        trouble = beside(answer.trouble);
        secret = answer.data ?? null;
        said = '';
    }
    async function confirm() {
        const answer = await ask(api.PUT('/api/staff/me/second-factor', { body: { code } }));
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        if (answer.data) keep(answer.data, say('settings.factor_on'));
    }
    async function newCodes() {
        const answer = await ask(api.POST('/api/staff/me/second-factor/codes'));
        trouble = beside(answer.trouble);
        if (answer.data) keep(answer.data, say('settings.codes_new'));
    }
    function keep(answer: Schema['Codes'], what: string) {
        codes = answer.codes;
        changed = answer.account;
        secret = null;
        code = '';
        said = what;
    }
    let passkey_name = $state('');
    let making = $state(false);
    async function make() {
        making = true;
        const made = await makePasskey();
        const answer = made.data
            ? await ask(api.POST('/api/staff/me/passkeys', { body: { ...made.data, name: passkey_name || null } }))
            : made;
        making = false;
        said = '';
        trouble = firstOf(answer.trouble);
        if (!answer.data || !('account' in answer.data)) return;
        passkey_name = '';
        keep(answer.data, say('settings.passkey_made'));
    }
    const remove = async (passkey: number) =>
        settle(
            await ask(api.DELETE('/api/staff/me/passkeys/{passkey}', { params: { path: { passkey } } })),
            say('settings.passkey_removed'),
        );
    async function off() {
        settle(await ask(api.DELETE('/api/staff/me/second-factor')), say('settings.factor_off'));
        codes = [];
    }
    const end = async (what: Schema['EndForm'], done: string) =>
        settle(await ask(api.POST('/api/staff/me/sessions/end', { body: what })), done);
    const rename = async (device: number, name: string) =>
        settle(await ask(api.PUT('/api/staff/me/devices', { body: { device, name } })), say('settings.kept'));
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1 class="mb-3">{say('settings.signing_in')}</h1>
    {#if account.wanted}<Notice class="mb-3">{say('settings.factor_wanted')}</Notice>{/if}
    <div role="status">
        {#if said}<p class="good-news mb-3">{said}</p>{/if}
    </div>
    {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}

    <div class="grid items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <section aria-labelledby="second">
            <h2 id="second" class="mb-2">{say('settings.second_factor')}</h2>
            {#if codes.length > 0}
                <p class="mb-2">
                    <Said key="settings.codes_once">{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said>
                </p>
                <ul class="slip grid grid-cols-2 gap-x-8 gap-y-1 font-mono tabular-nums">
                    {#each codes as one (one)}<li>{one}</li>{/each}
                </ul>
                <div class="mt-2 flex flex-wrap gap-x-4">
                    <Button color="alternative" onclick={() => print()}>{say('settings.print_them')}</Button>
                    <TextButton onclick={() => (codes = [])}>{say('settings.i_have_them')}</TextButton>
                </div>
            {:else if secret}
                <p class="mb-2">{say('settings.totp_photograph')}</p>
                <img src={secret.qr} alt={say('settings.totp_qr')} width="180" height="180" class="bg-white" />
                <details class="mb-2">
                    <summary class="min-h-11 cursor-pointer py-2">{say('settings.totp_type')}</summary>
                    <p class="font-mono [overflow-wrap:anywhere]">{secret.secret}</p>
                </details>
                <form class="grid max-w-xs gap-3" novalidate onsubmit={onSent(confirm)}>
                    <Field
                        name="code"
                        label={say('settings.totp_digits')}
                        autocomplete="one-time-code"
                        required
                        bind:value={code}
                        error={fields.code}
                    />
                    <div class="flex flex-wrap items-center gap-x-4">
                        <Button type="submit">{say('settings.totp_on')}</Button>
                        <TextButton onclick={() => (secret = null)}>{say('settings.leave_it')}</TextButton>
                    </div>
                </form>
            {:else if account.second_factor}
                <p class="mb-2">
                    {say('settings.totp_is_on', { left })}
                </p>
                <div class="flex flex-wrap gap-x-4">
                    <Button color="alternative" onclick={newCodes}>{say('settings.codes_renew')}</Button>
                    <TextButton away onclick={off}>{say('settings.totp_off')}</TextButton>
                </div>
            {:else}
                {#if account.passkeys.length > 0}
                    <p class="mb-2">{say('settings.passkey_is_factor', { left })}</p>
                    <p class="mb-2"><TextButton onclick={newCodes}>{say('settings.codes_renew')}</TextButton></p>
                    <p class="mb-2">{say('settings.totp_too')}</p>
                {:else}
                    <p class="mb-2">
                        {say('settings.totp_is_off')}
                    </p>
                {/if}
                <Button color={account.wanted ? undefined : 'alternative'} onclick={begin}
                    >{say('settings.totp_set_up')}</Button
                >
            {/if}
        </section>
        <section aria-labelledby="passkeys">
            <h2 id="passkeys" class="mb-2">{say('settings.passkeys')}</h2>
            <p class="mb-2">
                {say('settings.passkeys_about')}
            </p>
            {#if account.passkeys.length > 0}
                <ul class="mb-2 divide-y divide-line">
                    {#each account.passkeys as one (one.id)}
                        <li class="flex flex-wrap items-center gap-x-4 py-1">
                            <span class="me-auto"
                                ><strong class="[overflow-wrap:anywhere]">{one.name}</strong>
                                <span class="text-faint"
                                    >{one.used
                                        ? say('settings.passkey_used', { since: one.since, used: one.used })
                                        : say('settings.passkey_unused', { since: one.since })}</span
                                ></span
                            >
                            <TextButton
                                away
                                aria-label={say('settings.passkey_remove', { name: one.name, since: one.since })}
                                onclick={() => remove(one.id)}>{say('settings.remove_it')}</TextButton
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
            {#if !account.passkeys_here}
                <p class="text-faint">{say('settings.passkeys_need_address')}</p>
            {:else if !machineCan()}
                <p class="text-faint">{say('settings.passkeys_no_browser')}</p>
            {:else}
                <form class="grid max-w-xs gap-3" novalidate onsubmit={onSent(() => !making && make())}>
                    <Field name="passkey-name" label={say('settings.passkey_name')} bind:value={passkey_name} />
                    <div>
                        <Button type="submit" color="alternative" disabled={making}
                            >{making ? say('settings.passkey_making') : say('settings.passkey_make')}</Button
                        >
                    </div>
                </form>
            {/if}
        </section>
        <section aria-labelledby="password">
            <h2 id="password" class="mb-2">{say('settings.password')}</h2>
            <Password email={account.email} least={account.least} />
        </section>
        <section aria-labelledby="where" class="lg:col-span-2">
            <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
                <h2 id="where">{say('settings.sessions')}</h2>
                {#if account.sessions.length > 1 || account.devices.length > 0}
                    <TextButton away onclick={() => end({ all: true }, say('settings.ended_all'))}
                        >{say('settings.sessions_end')}</TextButton
                    >
                {/if}
            </div>
            <ul class="divide-y divide-line">
                {#each account.sessions as one (one.key)}
                    <li class="flex flex-wrap items-center gap-x-4 py-1">
                        <span class="me-auto"
                            ><strong>{one.browser}</strong>
                            <span class="text-faint"
                                >{one.here
                                    ? say('settings.session_here', { from: one.from })
                                    : say('settings.session_seen', { from: one.from, seen: one.seen })}</span
                            ></span
                        >
                        {#if !one.here}<TextButton
                                away
                                aria-label={say('settings.session_end', { browser: one.browser, seen: one.seen })}
                                onclick={() => end({ session: one.key }, say('settings.ended_one'))}
                                >{say('settings.end_it')}</TextButton
                            >{/if}
                    </li>
                {/each}
            </ul>
            {#if account.devices.length > 0}
                <h3 class="mt-4 mb-1">{say('settings.devices')}</h3>
                <ul class="divide-y divide-line">
                    {#each account.devices as one (one.id)}
                        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
                            <Input
                                class="max-w-64"
                                value={one.name}
                                aria-label={say('settings.device_name')}
                                onchange={(event) => rename(one.id, (event.currentTarget as HTMLInputElement).value)}
                            />
                            <span class="me-auto text-faint"
                                >{say('settings.device_seen', { seen: one.seen, until: one.until })}</span
                            >
                            <TextButton
                                away
                                aria-label={say('settings.device_end', { name: one.name })}
                                onclick={() => end({ device: one.id }, say('settings.ended_device'))}
                                >{say('settings.end_it')}</TextButton
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
        </section>
    </div>
</main>
