<script lang="ts">
    /** The tablets at the school's entrances: made, opened by their address, ended. */
    import { say } from '../lib/say';
    import { onMount } from 'svelte';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import { onSent } from '../lib/form';

    let kiosks = $state<Schema['Kiosks']['kiosks']>([]);
    let name = $state('');
    let message = $state('');
    let shown = $state<number | null>(null);

    function settle(answer: Awaited<ReturnType<typeof ask<Schema['Kiosks']>>>) {
        message = firstOf(answer.trouble);
        if (answer.data) kiosks = answer.data.kiosks;
    }
    onMount(async () => settle(await ask(api.GET('/api/staff/kiosks'))));
    async function add() {
        settle(await ask(api.POST('/api/staff/kiosks', { body: { name } })));
        if (!message) {
            name = '';
            shown = kiosks[kiosks.length - 1]?.id ?? null;
        }
    }
    const end = async (tablet: number) =>
        settle(await ask(api.DELETE('/api/staff/kiosks/{tablet}', { params: { path: { tablet } } })));
</script>

<section class="mt-6" aria-labelledby="kiosks">
    <h2 id="kiosks">{say('settings.kiosks')}</h2>
    <p class="max-w-prose">
        {say('settings.kiosks_about')}
    </p>
    {#if message}<Notice class="mt-2">{message}</Notice>{/if}
    <ul>
        {#each kiosks as one (one.id)}
            <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
                <span class="me-auto">{one.name}</span>
                <TextButton onclick={() => (shown = shown === one.id ? null : one.id)}
                    >{say('settings.kiosk_address')}</TextButton
                >
                <TextButton onclick={() => end(one.id)}>{say('settings.end_it')}</TextButton>
                {#if shown === one.id}
                    <div class="flex basis-full flex-wrap items-center gap-4 pb-2">
                        <img
                            src="/staff/kiosks/{one.id}/qr.svg"
                            alt={say('settings.kiosk_qr')}
                            width="140"
                            height="140"
                            class="bg-white"
                        />
                        <a class="min-w-0 [overflow-wrap:anywhere]" href={one.link}>{one.link}</a>
                    </div>
                {/if}
            </li>
        {/each}
    </ul>
    <form class="mt-2 flex flex-wrap items-end gap-3" novalidate onsubmit={onSent(add)}>
        <Field name="kiosk-name" label={say('settings.kiosk_where')} required bind:value={name} />
        <Button type="submit" color="alternative" disabled={!name.trim()}>{say('settings.calendar_add_press')}</Button>
    </form>
</section>
