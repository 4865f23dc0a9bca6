<script lang="ts">
    /** All sentences of a language, out and in, as translators' programs have them: a look first, then all of it or nothing. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, beside, formOf, type Schema } from '../lib/api';

    interface Props {
        list: Schema['WordingList'];
        /** The language that is looked at. */
        named: string;
        show: (list: Schema['WordingList']) => void;
    }
    let { list, named, show }: Props = $props();

    let file = $state.raw<File | null>(null);
    let look = $state<Schema['WordsFile'] | null>(null);
    let sure = $state(false);
    let said = $state('');
    let trouble = $state('');
    let working = $state(false);

    const leave = () => {
        look = file = null;
    };
    async function lookAt(chosen: File) {
        leave();
        said = '';
        const answer = await ask(
            api.POST('/api/staff/wordings/file', { body: { file: '' }, ...formOf({ file: chosen }) }),
        );
        trouble = answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.message) : '';
        look = answer.data ?? null;
        file = answer.data ? chosen : null;
    }
    async function take() {
        if (!file || !look || working) return;
        working = true;
        const form = formOf({ file, digest: look.digest });
        const answer = await ask(
            api.POST('/api/staff/wordings/file/taken', { body: { file: '', digest: look.digest }, ...form }),
        );
        working = false;
        trouble = answer.trouble ? (answer.trouble.fields.file ?? answer.trouble.message) : '';
        if (!answer.data) return;
        leave();
        said = answer.data.said;
        show(answer.data.wordings);
    }
    async function back() {
        const path = { language: list.language };
        const answer = await ask(api.DELETE('/api/staff/wordings/{language}', { params: { path } }));
        trouble = beside(answer.trouble);
        sure = false;
        if (answer.data) show(answer.data);
    }
</script>

<section class="slip mt-8 grid max-w-4xl gap-3" aria-labelledby="words-file">
    <h2 id="words-file">{say('wordings.file_title')}</h2>
    <p class="text-faint">{say('wordings.file_about')}</p>
    {#if said}<Notice good>{said}</Notice>{/if}
    {#if trouble}<Notice>{trouble}</Notice>{/if}
    {#if look}
        <p role="status" class="font-semibold">{look.said}</p>
        {#each [look.faults, look.notes] as lines, at (at)}
            {#if lines.length > 0}
                <ul class="max-h-64 list-disc overflow-auto ps-5">
                    {#each lines as line (line)}<li class="[overflow-wrap:anywhere]">{line}</li>{/each}
                </ul>
            {/if}
        {/each}
        {#if look.can}
            <ul class="max-h-64 divide-y divide-line overflow-auto">
                {#each look.changes as one (one.key)}
                    <li class="py-1 [overflow-wrap:anywhere]">
                        <del class="block text-faint"><bdi>{one.before}</bdi></del>
                        <ins class="block no-underline"><bdi>{one.after}</bdi></ins>
                    </li>
                {/each}
            </ul>
            {#if look.count > look.changes.length}
                <p>{say('wordings.file_more', { count: look.count - look.changes.length })}</p>
            {/if}
        {/if}
        <div class="flex flex-wrap items-center gap-x-4">
            {#if look.can}<Button disabled={working} onclick={take}
                    >{working ? say('pages.one_moment') : say('wordings.file_take', { count: look.count })}</Button
                >{/if}
            <TextButton onclick={leave}>{say('wordings.leave')}</TextButton>
        </div>
    {:else}
        <div class="flex flex-wrap items-center gap-3">
            <Button color="alternative" href="/staff/wordings/{list.language}.po"
                >{say('wordings.file_out', { language: named })}</Button
            >
            <FilePress
                label={say('wordings.file_in')}
                accept=".po,text/x-gettext-translation"
                take={(one) => void lookAt(one)}>{say('wordings.file_choose')}</FilePress
            >
            {#if list.own > 0 && !sure}
                <TextButton away onclick={() => (sure = true)}
                    >{say('wordings.back_all', { language: named })}</TextButton
                >
            {/if}
        </div>
        {#if sure}
            <div
                class="flex flex-wrap items-center gap-x-4"
                role="group"
                aria-label={say('wordings.back_all', { language: named })}
            >
                <span>{say('wordings.back_all_sure', { count: list.own })}</span>
                <Button color="red" onclick={back}>{say('wordings.back_all', { language: named })}</Button>
                <TextButton onclick={() => (sure = false)}>{say('wordings.leave')}</TextButton>
            </div>
        {/if}
    {/if}
</section>
