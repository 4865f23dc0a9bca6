<script lang="ts">
    /** Somebody asks for a time that no sheet offers: what it is about, and where on the rulers all are free. */
    import { listed } from '../lib/listed';
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { onMount } from 'svelte';
    import type { Schema } from '../lib/api';
    import { Live } from '../lib/live.svelte';
    import { Asking } from '../knock/asking.svelte';
    import Chosen from '../knock/Chosen.svelte';
    import Length from '../knock/Length.svelte';
    import Sent from '../knock/Sent.svelte';
    import Told from '../knock/Told.svelte';
    import When from '../knock/When.svelte';
    import With from '../knock/With.svelte';
    import Field from '../parts/Field.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Office from '../parts/Office.svelte';

    let page: Schema['KnockPage'] = $props();

    // svelte-ignore state_referenced_locally -- one door a page
    const asking = new Asking(page);
    let form = $state<HTMLFormElement>();
    const live = new Live(
        () => page.channel,
        () => (asking.sent ? Promise.resolve({ response: new Response(null, { status: 204 }) }) : asking.look()),
        () => undefined,
        1500,
    );
    onMount(() => {
        if (asking.pass) void asking.meet();
        if (asking.pass || asking.typed.with.length > 0) void asking.refresh();
        return live.start();
    });

    async function send() {
        await asking.send();
        if (asking.sent) return;
        requestAnimationFrame(() =>
            form?.querySelector<HTMLElement>('[aria-invalid], [role="alert"]')?.scrollIntoView({ block: 'center' }),
        );
        form?.querySelector<HTMLElement>('[aria-invalid]')?.focus();
    }

    const asked = $derived([
        page.host.name,
        ...page.others.filter((one) => asking.typed.with.includes(one.slug)).map((one) => one.name),
    ]);
    const wrong = (i: number) => asking.fields[`choices.${i}.start`] ?? asking.fields[`choices.${i}.minutes`] ?? '';
</script>

<main class="sheet-of-paper">
    <Masthead school={page.school} />
    <h1>{say('asking.heading', { host: page.host.name })}</h1>
    {#if asking.sent}
        <Sent sent={asking.sent} list={asking.choices.list} {asked} kept={page.kept} />
    {:else}
        <p class="mt-1 max-w-prose">
            <Said key="asking.intro" values={{ intro: page.intro || '' }}
                >{#snippet link(text)}<a href={page.host.door}>{text}</a>{/snippet}</Said
            >
        </p>
        <form bind:this={form} novalidate class="mt-4 grid gap-4" onsubmit={(event) => event.preventDefault()}>
            <div class="grid gap-x-6 gap-y-3 md:grid-cols-[minmax(0,1fr)_auto]">
                <Field
                    name="title"
                    label={say('asking.about')}
                    required
                    bind:value={asking.typed.title}
                    error={asking.fields.title}
                    change={() => asking.remember()}
                />
                <Length {asking} />
            </div>
            {#if page.others.length > 0}<With {page} {asking} {asked} />{/if}

            <When {page} {asking} />

            <section aria-labelledby="chosen">
                <h2 id="chosen" class="mb-2">{say('asking.your_choices')}</h2>
                <Chosen choices={asking.choices} {wrong} />
                {#if asking.fields.choices}<p class="font-semibold text-brick" role="alert">
                        {asking.fields.choices}
                    </p>{/if}
            </section>

            <section aria-labelledby="who">
                <h2 id="who" class="mb-2">{say('asking.know')}</h2>
                <Told
                    {page}
                    bind:typed={asking.typed}
                    known={asking.known}
                    pass={asking.pass ?? ''}
                    fields={asking.fields}
                    change={() => asking.remember()}
                    elsewhere={() => asking.pass && void asking.refresh()}
                    another={() => asking.forget()}
                />
                <div class="mt-4 grid gap-3">
                    {#if asking.message}
                        <div class="notice" role="alert">
                            <p>{asking.message}</p>
                            {#if asking.nearest.length > 0}
                                <p class="mt-2 flex flex-wrap gap-2">
                                    {#each asking.nearest as one (one.key)}<button
                                            type="button"
                                            class="press times"
                                            onclick={() => asking.instead(one)}>{one.when}</button
                                        >{/each}
                                </p>
                            {/if}
                        </div>
                    {/if}
                    <p class="text-faint">{page.kept}</p>
                    <p>
                        <button type="button" class="press main" disabled={asking.working} onclick={() => void send()}>
                            {asking.working
                                ? say('pages.one_moment')
                                : asking.choices.list.length > 1
                                  ? say('asking.press_one_of', { names: listed(asked) })
                                  : say('asking.press', { names: listed(asked) })}
                        </button>
                    </p>
                </div>
            </section>
        </form>
    {/if}
    <Office phone={page.office} />
</main>
