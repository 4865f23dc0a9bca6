<script lang="ts">
    /** One sentence: as it is said, where, and the field in which it is worded otherwise. */
    import { tick } from 'svelte';
    import { say } from '../lib/say';
    import { Badge, Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';

    interface Props {
        sentence: Schema['Wording'];
        language: string;
        direction: 'ltr' | 'rtl';
        /** One more of the school's own, or one less. */
        worded: (by: number) => void;
    }
    let { sentence: first, language, direction, worded }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins as it was found
    let now = $state(first);
    let open = $state(false);
    let text = $state('');
    let errors = $state<Record<string, string>>({});
    let trouble = $state('');
    let said = $state('');
    let working = $state(false);
    const id = $derived(`word-${now.key.replaceAll('.', '-')}`);

    async function change() {
        text = now.text;
        open = true;
        said = '';
        await tick();
        document.getElementById(id)?.focus();
    }
    async function save(to: string) {
        if (working) return;
        working = true;
        const answer = await ask(
            api.PUT('/api/staff/wordings', { body: { language, key: now.key, text: to, was: now.text } }),
        );
        working = false;
        errors = answer.trouble?.fields ?? {};
        trouble = answer.trouble && !errors.text ? (errors.key ?? answer.trouble.message) : '';
        if (!answer.data) return;
        worded(Number(answer.data.own) - Number(now.own));
        now = answer.data;
        open = false;
        said = say('wordings.kept');
    }
</script>

<li class="py-3">
    <div class="flex flex-wrap items-start gap-x-4 gap-y-1">
        <p class="me-auto flex-1 basis-72 [overflow-wrap:anywhere] whitespace-pre-line" lang={language} dir={direction}>
            {#each now.reads as one (one)}<span class="block">{one}</span>{/each}
        </p>
        {#if now.own}<Badge color="primary">{say('wordings.own')}</Badge>{/if}
        {#if !open}
            <Button
                size="sm"
                color="alternative"
                onclick={change}
                aria-label={say('wordings.change_of', { text: (now.reads[0] ?? now.text).slice(0, 60) })}
                >{say('wordings.change')}</Button
            >
        {/if}
    </div>
    <dl class="grid gap-x-4 text-faint sm:grid-cols-[8rem_1fr]">
        <dt>{say('wordings.where')}</dt>
        <dd>{now.where.join(' · ')} <code class="text-sm">{now.key}</code></dd>
        {#if now.own}
            <dt>{say('wordings.ours_is')}</dt>
            <dd lang={language} dir={direction}>
                {now.ours}
                {#if now.ours_changed}<strong class="text-ink">{say('wordings.ours_changed')}</strong>{/if}
            </dd>
        {/if}
        {#if now.english.length > 0}
            <dt>{say('wordings.english_is')}</dt>
            <dd lang="en" dir="ltr">{now.english[0]}</dd>
        {/if}
    </dl>
    <div role="status">
        {#if said}<p class="good-news mt-2">{said}</p>{/if}
    </div>
    {#if open}
        <form
            class="mt-2 grid gap-2"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                void save(text);
            }}
        >
            <div lang={language} dir={direction}>
                <Field
                    name={id}
                    label={say('wordings.another')}
                    help={now.text.includes('{') ? say('wordings.another_about') : ''}
                    lines={Math.min(8, 2 + Math.floor(text.length / 90))}
                    required
                    error={errors.text ?? ''}
                    bind:value={text}
                />
            </div>
            {#if trouble}<Notice>{trouble}</Notice>{/if}
            <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
                <Button type="submit" disabled={working}
                    >{working ? say('pages.one_moment') : say('wordings.save')}</Button
                >
                {#if now.own}<TextButton onclick={() => void save(now.ours)}>{say('wordings.back')}</TextButton>{/if}
                <TextButton onclick={() => ((open = false), (errors = {}), (trouble = ''))}
                    >{say('wordings.leave')}</TextButton
                >
            </div>
        </form>
    {/if}
</li>
