<script lang="ts">
    /** What stands on a sheet or a round, in further languages: each text beside what it is in the one that is chosen. */
    import { say } from '../lib/say';
    import { Badge, Button, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        versions: Schema['Versions'];
    }
    let { host, versions: first }: Props = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    let kept = $state(first);
    // svelte-ignore state_referenced_locally
    let writtenIn = $state(first.written_in ?? '');
    const others = $derived(kept.languages.filter((one) => one.code !== writtenIn));
    const has = (code: string) => kept.versions.find((one) => one.language === code)?.texts.some(Boolean) ?? false;
    // svelte-ignore state_referenced_locally -- the first that has something, or the first
    let language = $state((others.find((one) => has(one.code)) ?? others[0])?.code ?? '');
    const now = $derived(kept.versions.find((one) => one.language === language));
    const about = $derived(kept.languages.find((one) => one.code === language));
    // svelte-ignore state_referenced_locally
    let typed = $state([...(now?.texts ?? [])]);
    let changed = $state(false);
    let working = $state(false);
    let said = $state('');
    let trouble = $state('');
    let errors = $state<Record<string, string>>({});

    function turn(to: string) {
        language = to;
        typed = [...(kept.versions.find((one) => one.language === to)?.texts ?? [])];
        changed = false;
        errors = {};
        said = trouble = '';
    }
    const before = (original: string) => now?.before.find((one) => one.original === original)?.text;
    const left = $derived(now?.before.filter((one) => !kept.texts.includes(one.original)) ?? []);

    async function save() {
        if (working || !now) return;
        working = true;
        said = trouble = '';
        const texts = kept.texts.map((original, at) => ({ original, text: typed[at] ?? '' }));
        const body = { written_in: writtenIn || null, language, texts, was: now.was };
        const answer = await ask(
            kept.kind === 'round'
                ? api.PUT('/api/staff/rounds/{round}/languages', { params: { path: { round: kept.id } }, body })
                : api.PUT('/api/staff/sheets/{sheet}/languages', { params: { path: { sheet: kept.id } }, body }),
        );
        working = false;
        errors = answer.trouble?.fields ?? {};
        trouble = answer.trouble ? (errors.texts ?? errors.language ?? answer.trouble.message) : '';
        if (!answer.data) return;
        kept = answer.data;
        turn(language);
        said = say('versions.kept');
    }
</script>

<svelte:window
    onbeforeunload={(event) => {
        if (changed) event.preventDefault();
    }}
/>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1 class="mb-1">{say('versions.heading')}</h1>
    <p class="mb-1"><a class="inline-flex min-h-11 items-center" href={kept.back}>{kept.title}</a></p>
    <p class="mb-4 max-w-3xl text-faint">{say('versions.about')}</p>
    <div class="mb-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <div>
            <Label for="written-in">{say('versions.written_in')}</Label>
            <Select
                id="written-in"
                placeholder=""
                value={writtenIn}
                onchange={(event) => {
                    writtenIn = (event.currentTarget as HTMLSelectElement).value;
                    if (language === writtenIn) turn(others[0]?.code ?? '');
                }}
            >
                <option value="">{say('versions.not_said')}</option>
                {#each kept.languages as one (one.code)}<option value={one.code}>{one.name}</option>{/each}
            </Select>
        </div>
        <div class="flex flex-wrap gap-2" role="group" aria-label={say('versions.into')}>
            {#each others as one (one.code)}
                <Button
                    size="sm"
                    color={one.code === language ? 'primary' : 'alternative'}
                    aria-pressed={one.code === language}
                    disabled={changed && one.code !== language}
                    onclick={() => turn(one.code)}
                    >{one.name}{#if has(one.code)}<Badge class="ms-2" color="primary">✓</Badge>{/if}</Button
                >
            {/each}
        </div>
    </div>
    {#if changed}<p class="mb-2 text-faint" role="status">{say('versions.save_first')}</p>{/if}
    <form
        novalidate
        class="grid gap-4"
        onsubmit={(event) => {
            event.preventDefault();
            void save();
        }}
    >
        {#each kept.texts as original, at (original)}
            <div class="grid gap-x-6 gap-y-1 border-b border-line pb-3 sm:grid-cols-2">
                <p class="[overflow-wrap:anywhere] whitespace-pre-line" lang={writtenIn || undefined}>
                    <bdi>{original}</bdi>
                </p>
                <div lang={language} dir={about?.direction}>
                    <Field
                        name="text-{at}"
                        label={say('versions.in', { language: about?.name ?? '' })}
                        lines={original.length > 80 || original.includes('\n') ? 4 : 1}
                        required
                        error={errors[`texts.${original}`] ?? ''}
                        change={() => (changed = true)}
                        bind:value={() => typed[at] ?? '', (text: string) => (typed[at] = text)}
                    />
                    {#if !typed[at] && before(original)}<TextButton
                            onclick={() => {
                                typed[at] = before(original) ?? '';
                                changed = true;
                            }}>{say('versions.as_before', { text: before(original) ?? '' })}</TextButton
                        >{/if}
                </div>
            </div>
        {/each}
        {#if left.length > 0}
            <section class="slip" aria-labelledby="left">
                <h2 id="left" class="mb-1 text-base">{say('versions.left')}</h2>
                <ul class="list-disc ps-5">
                    {#each left as one (one.original)}<li>
                            <bdi class="text-faint">{one.original}</bdi> – <bdi lang={language}>{one.text}</bdi>
                        </li>{/each}
                </ul>
            </section>
        {/if}
        <div role="status">
            {#if said}<p class="good-news">{said}</p>{/if}
        </div>
        {#if trouble}<Notice>{trouble}</Notice>{/if}
        <div class="flex flex-wrap items-center gap-x-4">
            <Button type="submit" disabled={working}
                >{working ? say('pages.one_moment') : say('versions.save', { language: about?.name ?? '' })}</Button
            >
            {#if changed}<TextButton onclick={() => turn(language)}>{say('versions.leave')}</TextButton>{/if}
        </div>
    </form>
</main>
