<script lang="ts">
    /** Every sentence, to be said in the school's own words: found, seen where it stands, worded otherwise. For the office. */
    import { say } from '../lib/say';
    import { Button, Checkbox, Input, Label, Select } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import { onSent } from '../lib/form';
    import StaffHead from '../parts/StaffHead.svelte';
    import Sentence from '../wordings/Sentence.svelte';
    import WordsFile from '../wordings/WordsFile.svelte';

    interface Props {
        host: string;
        wordings: Schema['WordingList'];
    }
    let { host, wordings: first }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what was asked for
    let list = $state(first);
    // svelte-ignore state_referenced_locally
    let sought = $state(first.sought);
    let trouble = $state('');
    /** Another look is another list, whatever was open in the one before. */
    let looked = $state(0);

    const named = $derived(list.languages.find((one) => one.code === list.language)?.name ?? list.language);
    const isSearch = $derived(list.sought.trim() !== '' || list.own_only);

    async function look(change: { language?: string; own?: boolean } = {}) {
        const { language = list.language, own = list.own_only } = change;
        const query = { language, q: sought.trim(), ...(own ? { own: 'yes' as const } : {}) };
        const answer = await ask(api.GET('/api/staff/wordings', { params: { query } }));
        trouble = beside(answer.trouble);
        if (answer.data) show(answer.data);
    }
    function show(now: Schema['WordingList']) {
        list = now;
        sought = now.sought;
        looked++;
        // Reloaded, or come back to, it is the same.
        const asked = new URLSearchParams({ language: now.language, q: now.sought, own: now.own_only ? 'yes' : '' });
        history.replaceState(null, '', `/staff/wordings?${asked}`);
    }
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1 class="mb-1">{say('wordings.title')}</h1>
    <p class="mb-4 max-w-3xl text-faint">{say('wordings.about')}</p>
    <form class="flex flex-wrap items-end gap-x-4 gap-y-3" novalidate onsubmit={onSent(() => look())}>
        <div>
            <Label for="language">{say('wordings.language')}</Label>
            <Select
                id="language"
                placeholder=""
                value={list.language}
                onchange={(event) => void look({ language: (event.currentTarget as HTMLSelectElement).value })}
            >
                {#each list.languages as one (one.code)}<option value={one.code}>{one.name}</option>{/each}
            </Select>
        </div>
        <div class="flex-1 basis-60">
            <Label for="sought">{say('wordings.find')}</Label>
            <Input id="sought" type="search" maxlength={100} bind:value={sought} class="w-full" />
        </div>
        <Button type="submit">{say('wordings.find_press')}</Button>
        <Checkbox
            class="mb-2"
            checked={list.own_only}
            onchange={(event) => void look({ own: (event.currentTarget as HTMLInputElement).checked })}
            >{say('wordings.own_only', { count: list.own })}</Checkbox
        >
    </form>
    {#if trouble}<Notice class="mt-3">{trouble}</Notice>{/if}
    <p class="mt-4 text-faint" role="status">
        {#if !isSearch}{say('wordings.type_first')}
        {:else if list.sentences.length === 0}{list.sought ? say('wordings.none') : say('wordings.none_own')}
        {:else}{say('wordings.found', { count: list.sentences.length + list.more })}{/if}
    </p>
    {#key looked}
        <ul class="divide-y divide-line">
            {#each list.sentences as one (one.key)}
                <Sentence
                    sentence={one}
                    language={list.language}
                    direction={list.direction}
                    worded={(by) => (list.own += by)}
                />
            {/each}
        </ul>
    {/key}
    {#if list.more > 0}<p class="mt-2 text-faint">{say('wordings.more', { count: list.more })}</p>{/if}
    <WordsFile {list} {named} {show} />
</main>
