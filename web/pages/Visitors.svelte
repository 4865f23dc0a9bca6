<script lang="ts">
    /** A visitor asks what is kept of them: the office finds them, hands it over, or takes it away. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        host: string;
        keep_days: number;
    }
    let { host, keep_days }: Props = $props();

    type Visitor = Schema['Visitors']['visitors'][number];
    let sought = $state('');
    let found = $state<Schema['Visitors'] | null>(null);
    let sure = $state<number | null>(null);
    let said = $state('');
    let trouble = $state('');
    const at = (one: Visitor) => ({ params: { path: { visitor: one.id } } });

    async function look() {
        const answer = await ask(api.GET('/api/staff/visitors', { params: { query: { sought } } }));
        trouble = beside(answer.trouble);
        found = answer.data ?? null;
    }
    async function take(one: Visitor) {
        const answer = await ask(api.GET('/api/staff/visitors/{visitor}', at(one)));
        trouble = beside(answer.trouble);
        if (!answer.data) return;
        const link = document.createElement('a');
        link.href = URL.createObjectURL(new Blob([JSON.stringify(answer.data, null, 4)], { type: 'application/json' }));
        link.download = 'kept.json';
        link.click();
        URL.revokeObjectURL(link.href);
    }
    async function forget(one: Visitor) {
        const answer = await ask(api.DELETE('/api/staff/visitors/{visitor}', at(one)));
        trouble = beside(answer.trouble);
        if (!answer.data) return;
        said = say('office.visitors_gone', { name: one.name });
        sure = null;
        await look();
    }
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1 class="mb-2">{say('office.visitors')}</h1>
    <p class="mb-4 max-w-3xl text-faint">
        {say('office.visitors_about', { days: keep_days })}
    </p>
    <div role="status">
        {#if said}<p class="good-news mb-3">{said}</p>{/if}
    </div>
    {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}
    <form class="flex max-w-xl flex-wrap items-end gap-3" novalidate onsubmit={onSent(look)}>
        <div class="flex-1 basis-60">
            <Field name="sought" label={say('office.visitors_find')} required bind:value={sought} />
        </div>
        <Button type="submit" disabled={sought.trim().length < 3}>{say('office.find')}</Button>
    </form>
    {#if found}
        <ul class="mt-3 divide-y divide-line">
            {#each found.visitors as one (one.id)}
                <li class="py-2">
                    <div class="flex flex-wrap items-center gap-x-4">
                        <span class="me-auto [overflow-wrap:anywhere]"
                            ><strong>{one.name}</strong>
                            <span class="text-faint"
                                >{say('office.visitor', {
                                    reach: [one.email, one.phone].filter(Boolean).join(' · '),
                                    meetings: one.meetings,
                                    since: one.since,
                                })}
                                · {say('office.visitor_reads', { language: one.language })}</span
                            ></span
                        >
                        <TextButton
                            onclick={() => take(one)}
                            aria-label={say('office.visitors_file_of', { name: one.name })}
                            >{say('office.visitors_file')}</TextButton
                        >
                        <TextButton
                            away
                            aria-expanded={sure === one.id}
                            aria-label={say('office.visitors_away_of', { name: one.name })}
                            onclick={() => (sure = sure === one.id ? null : one.id)}
                            >{say('office.visitors_away')}</TextButton
                        >
                    </div>
                    {#if sure === one.id}
                        <div class="slip mt-2 grid gap-2">
                            <p>
                                {say('office.visitors_sure')}
                                {one.known ? say('office.visitors_known') : ''}
                            </p>
                            <Button color="red" outline class="justify-self-start" onclick={() => forget(one)}
                                >{say('office.visitors_away_press')}</Button
                            >
                        </div>
                    {/if}
                </li>
            {:else}
                <li class="py-2">{say('office.visitors_none')}</li>
            {/each}
        </ul>
        {#if found.more}<p class="text-faint">{say('office.visitors_more')}</p>{/if}
    {/if}
</main>
