<script lang="ts">
    /** How one signs in oneself: password, second factor, and where one is signed in. */
    import { Button, Input } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { machineCan, makePasskey } from '../lib/passkey';
    import { api, ask, beside, firstOf, type Schema, type Trouble } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';
    import Password from '../settings/Password.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        host: string;
        account: Schema['Account'];
    }
    let { host, account: first }: Props = $props();

    let changed = $state<Schema['Account'] | null>(null);
    const account = $derived(changed ?? first);
    const left = $derived(
        account.codes_left === 1 ? 'One code on paper is left.' : `${account.codes_left} codes on paper are left.`,
    );
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
        if (answer.data) keep(answer.data, 'The second factor is on. It is asked for from the next time on.');
    }
    async function newCodes() {
        const answer = await ask(api.POST('/api/staff/me/second-factor/codes'));
        trouble = beside(answer.trouble);
        if (answer.data) keep(answer.data, 'These are your codes now; those before open nothing any more.');
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
        keep(answer.data, 'You have a passkey here. Sign in with it from the next time on.');
    }
    const remove = async (passkey: number) =>
        settle(
            await ask(api.DELETE('/api/staff/me/passkeys/{passkey}', { params: { path: { passkey } } })),
            'That passkey opens nothing here any more. Remove it from the machine too.',
        );
    async function off() {
        settle(await ask(api.DELETE('/api/staff/me/second-factor')), 'The second factor is off.');
        codes = [];
    }
    const end = async (what: Schema['EndForm'], done: string) =>
        settle(await ask(api.POST('/api/staff/me/sessions/end', { body: what })), done);
    const rename = async (device: number, name: string) =>
        settle(await ask(api.PUT('/api/staff/me/devices', { body: { device, name } })), 'Kept.');
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <h1 class="mb-3">Signing in</h1>
    {#if account.wanted}<Notice class="mb-3"
            >Your school asks a second factor of its office. Set it up here, or make a passkey; then everything else is
            there again.</Notice
        >{/if}
    <div role="status">
        {#if said}<p class="good-news mb-3">{said}</p>{/if}
    </div>
    {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}

    <div class="grid items-start gap-x-10 gap-y-6 lg:grid-cols-2">
        <section aria-labelledby="second">
            <h2 id="second" class="mb-2">Second factor</h2>
            {#if codes.length > 0}
                <p class="mb-2">
                    Ten codes for when the telephone is not at hand. Each opens once. <strong
                        >They are shown now and never again</strong
                    >: print them, or write them down.
                </p>
                <ul class="slip grid grid-cols-2 gap-x-8 gap-y-1 font-mono tabular-nums">
                    {#each codes as one (one)}<li>{one}</li>{/each}
                </ul>
                <div class="mt-2 flex flex-wrap gap-x-4">
                    <Button color="alternative" onclick={() => print()}>Print them</Button>
                    <TextButton onclick={() => (codes = [])}>I have them</TextButton>
                </div>
            {:else if secret}
                <p class="mb-2">Photograph this with a program for one-time codes, and type what it shows.</p>
                <img src={secret.qr} alt="QR code of the secret" width="180" height="180" class="bg-white" />
                <details class="mb-2">
                    <summary class="min-h-11 cursor-pointer py-2">Or type it in</summary>
                    <p class="font-mono [overflow-wrap:anywhere]">{secret.secret}</p>
                </details>
                <form class="grid max-w-xs gap-3" novalidate onsubmit={onSent(confirm)}>
                    <Field
                        name="code"
                        label="The six digits"
                        autocomplete="one-time-code"
                        required
                        bind:value={code}
                        error={fields.code}
                    />
                    <div class="flex flex-wrap items-center gap-x-4">
                        <Button type="submit">Switch it on</Button>
                        <TextButton onclick={() => (secret = null)}>Leave it</TextButton>
                    </div>
                </form>
            {:else if account.second_factor}
                <p class="mb-2">
                    It is on: after the password a code of your telephone is asked for. {left}
                </p>
                <div class="flex flex-wrap gap-x-4">
                    <Button color="alternative" onclick={newCodes}>New codes on paper</Button>
                    <TextButton away onclick={off}>Switch it off</TextButton>
                </div>
            {:else}
                {#if account.passkeys.length > 0}
                    <p class="mb-2">Your passkey is one: after the password it is asked for. {left}</p>
                    <p class="mb-2"><TextButton onclick={newCodes}>New codes on paper</TextButton></p>
                    <p class="mb-2">A telephone can show codes as well, for machines without your passkey.</p>
                {:else}
                    <p class="mb-2">
                        It is off. With it, whoever has your password alone does not come in: a telephone shows a code
                        that is asked for as well.
                    </p>
                {/if}
                <Button color={account.wanted ? undefined : 'alternative'} onclick={begin}>Set it up</Button>
            {/if}
        </section>
        <section aria-labelledby="passkeys">
            <h2 id="passkeys" class="mb-2">Passkeys</h2>
            <p class="mb-2">
                A key that stays in your machine or telephone. It shows itself to this site alone, so a page that only
                looks like it cannot have it. It counts as a second factor too.
            </p>
            {#if account.passkeys.length > 0}
                <ul class="mb-2 divide-y divide-line">
                    {#each account.passkeys as one (one.id)}
                        <li class="flex flex-wrap items-center gap-x-4 py-1">
                            <span class="mr-auto"
                                ><strong class="[overflow-wrap:anywhere]">{one.name}</strong>
                                <span class="text-faint"
                                    >made {one.since}{one.used ? `, used ${one.used}` : ', not used yet'}</span
                                ></span
                            >
                            <TextButton
                                away
                                aria-label="Remove the passkey {one.name}, made {one.since}"
                                onclick={() => remove(one.id)}>Remove it</TextButton
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
            {#if !account.passkeys_here}
                <p class="text-faint">Passkeys need the school’s own address, with a name and https. This is not it.</p>
            {:else if !machineCan()}
                <p class="text-faint">This browser has no passkeys. Open this page in another one.</p>
            {:else}
                <form class="grid max-w-xs gap-3" novalidate onsubmit={onSent(() => !making && make())}>
                    <Field name="passkey-name" label="What you call it" bind:value={passkey_name} />
                    <div>
                        <Button type="submit" color="alternative" disabled={making}
                            >{making ? 'Your machine asks you…' : 'Make a passkey'}</Button
                        >
                    </div>
                </form>
            {/if}
        </section>
        <section aria-labelledby="password">
            <h2 id="password" class="mb-2">Password</h2>
            <Password email={account.email} least={account.least} />
        </section>
        <section aria-labelledby="where" class="lg:col-span-2">
            <div class="mb-2 flex flex-wrap items-baseline gap-x-4">
                <h2 id="where">Where you are signed in</h2>
                {#if account.sessions.length > 1 || account.devices.length > 0}
                    <TextButton away onclick={() => end({ all: true }, 'Everywhere else you are signed out.')}
                        >Sign out everywhere else</TextButton
                    >
                {/if}
            </div>
            <ul class="divide-y divide-line">
                {#each account.sessions as one (one.key)}
                    <li class="flex flex-wrap items-center gap-x-4 py-1">
                        <span class="mr-auto"
                            ><strong>{one.browser}</strong>
                            <span class="text-faint">{one.from} · {one.here ? 'here, now' : one.seen}</span></span
                        >
                        {#if !one.here}<TextButton
                                away
                                aria-label="End the session on {one.browser}, {one.seen}"
                                onclick={() => end({ session: one.key }, 'That session is over.')}>End it</TextButton
                            >{/if}
                    </li>
                {/each}
            </ul>
            {#if account.devices.length > 0}
                <h3 class="mt-4 mb-1">Where you stay signed in</h3>
                <ul class="divide-y divide-line">
                    {#each account.devices as one (one.id)}
                        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
                            <Input
                                class="max-w-64"
                                value={one.name}
                                aria-label="Name of this machine"
                                onchange={(event) => rename(one.id, (event.currentTarget as HTMLInputElement).value)}
                            />
                            <span class="mr-auto text-faint">seen {one.seen}; until {one.until}</span>
                            <TextButton
                                away
                                aria-label="Do not stay signed in on {one.name}"
                                onclick={() => end({ device: one.id }, 'You are not signed in there any more.')}
                                >End it</TextButton
                            >
                        </li>
                    {/each}
                </ul>
            {/if}
        </section>
    </div>
</main>
