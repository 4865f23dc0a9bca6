<script lang="ts">
    /** A visitor asks what is kept of them: the office finds them, hands it over, or takes it away. */
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';
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
        said = `What was kept of ${one.name} is gone.`;
        sure = null;
        await look();
    }
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <h1 class="mb-2">What is kept of visitors</h1>
    <p class="mb-4 max-w-3xl text-faint">
        It goes by itself {keep_days} days after somebody’s last meeting. Whoever asks earlier, finds all of it on their pass,
        and can take it away there; here you do it for them.
    </p>
    <div role="status">
        {#if said}<p class="good-news mb-3">{said}</p>{/if}
    </div>
    {#if trouble}<Notice class="mb-3">{trouble}</Notice>{/if}
    <form class="flex max-w-xl flex-wrap items-end gap-3" novalidate onsubmit={onSent(look)}>
        <div class="flex-1 basis-60">
            <Field
                name="sought"
                label="Three letters of a name, or a whole e-mail address"
                required
                bind:value={sought}
            />
        </div>
        <Button type="submit" disabled={sought.trim().length < 3}>Find</Button>
    </form>
    {#if found}
        <ul class="mt-3 divide-y divide-line">
            {#each found.visitors as one (one.id)}
                <li class="py-2">
                    <div class="flex flex-wrap items-center gap-x-4">
                        <span class="mr-auto [overflow-wrap:anywhere]"
                            ><strong>{one.name}</strong>
                            <span class="text-faint"
                                >{[one.email, one.phone].filter(Boolean).join(' · ')} · {one.meetings === 1
                                    ? 'one meeting'
                                    : `${one.meetings} meetings`}, since {one.since}</span
                            ></span
                        >
                        <TextButton onclick={() => take(one)} aria-label="All that is kept of {one.name}, as a file"
                            >All of it, as a file</TextButton
                        >
                        <TextButton
                            away
                            aria-expanded={sure === one.id}
                            aria-label="Take away what is kept of {one.name}"
                            onclick={() => (sure = sure === one.id ? null : one.id)}>Take it away</TextButton
                        >
                    </div>
                    {#if sure === one.id}
                        <div class="slip mt-2 grid gap-2">
                            <p>
                                Name, address and number go, and all that was told. Times still to come are given back,
                                and everybody concerned gets a letter. This cannot be taken back.
                                {one.known ? 'The student lists keep what they have.' : ''}
                            </p>
                            <Button color="red" outline class="justify-self-start" onclick={() => forget(one)}
                                >Take all of it away</Button
                            >
                        </div>
                    {/if}
                </li>
            {:else}
                <li class="py-2">Nobody of that name or address.</li>
            {/each}
        </ul>
        {#if found.more}<p class="text-faint">And more. Type more of the name.</p>{/if}
    {/if}
</main>
