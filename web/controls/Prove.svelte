<script lang="ts">
    /** Asks once more who is there, before what cannot be undone; then what was pressed goes on by itself. */
    import { say } from '../lib/say';
    import { Button, Modal } from '../lib/controls';
    import Field from './Field.svelte';
    import Notice from './Notice.svelte';
    import { api, ask, beside, firstOf } from '../lib/api';
    import { machineCan, showPasskey } from '../lib/passkey';
    import { proving } from '../lib/proving.svelte';
    import { onSent } from '../lib/form';

    let password = $state('');
    let code = $state('');
    let fields = $state<Record<string, string>>({});
    let trouble = $state('');
    let working = $state(false);
    const open = $derived(proving.wanted !== null);

    function done(shown: boolean) {
        password = code = trouble = '';
        fields = {};
        proving.settle(shown);
    }
    async function show() {
        working = true;
        const answer = await ask(api.POST('/api/staff/session/proof', { body: code ? { code } : { password } }));
        working = false;
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        if (answer.data) done(true);
    }
    async function byPasskey() {
        working = true;
        const shown = await showPasskey();
        const answer = shown.data
            ? await ask(api.POST('/api/staff/session/proof/passkey', { body: shown.data }))
            : shown;
        working = false;
        trouble = firstOf(answer.trouble);
        if (shown.data && answer.data) done(true);
    }
    const code_label = $derived.by(() => {
        if (!proving.wanted?.telephone)
            return proving.wanted?.factorOnly ? say('pages.prove_codes_only') : say('pages.prove_or_codes');
        return proving.wanted.factorOnly ? say('pages.prove_app_only') : say('pages.prove_or_app');
    });
</script>

<Modal bind:open={() => open, (to) => !to && open && done(false)} title={say('pages.prove')} size="sm">
    <form class="grid gap-3" novalidate onsubmit={onSent(() => !working && show())}>
        <p>{say('pages.prove_why')}</p>
        {#if proving.wanted?.passkey && machineCan()}
            <Button color="alternative" disabled={working} onclick={byPasskey}>{say('pages.prove_passkey')}</Button>
        {/if}
        {#if !proving.wanted?.factorOnly}
            <Field
                name="proof-password"
                label={say('pages.password')}
                type="password"
                autocomplete="current-password"
                required={!proving.wanted?.secondFactor}
                bind:value={password}
                error={fields.password}
            />
        {/if}
        {#if proving.wanted?.secondFactor}
            <Field
                name="proof-code"
                label={code_label}
                required={proving.wanted?.factorOnly}
                autocomplete="one-time-code"
                bind:value={code}
                error={fields.code}
            />
        {/if}
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        <div class="flex flex-wrap gap-3">
            <Button type="submit" disabled={working}>{say('pages.go_on')}</Button>
            <Button color="alternative" onclick={() => done(false)}>{say('pages.leave_it')}</Button>
        </div>
    </form>
</Modal>
