<script lang="ts">
    /** "No time suits": a place in line for a time that somebody gives back. */
    import { api, ask, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import type { Sifted } from '../lib/sifted';
    import type { Visitor } from '../lib/visitor.svelte';
    import Field from './Field.svelte';

    interface Props {
        sheet: Schema['VisitSheet'];
        visitor: Visitor;
        /** What is asked of a time just now: it is what one waits for, too. */
        sifted: Sifted;
        /** Whether nothing is free: then it is the first thing to do here. */
        full?: boolean;
    }
    let { sheet, visitor, sifted, full = false }: Props = $props();

    // svelte-ignore state_referenced_locally -- how it begins
    let open = $state(full);
    let done = $state(false);
    let message = $state('');
    let fields = $state<Record<string, string>>({});

    const PARTS = { any: 'any time', morning: 'mornings', afternoon: 'afternoons', late: '' };
    /** What one waits for, said before one waits. */
    const wanted = $derived(
        [
            sifted.part === 'late' ? `from ${clock.say('16:00')}` : PARTS[sifted.part],
            sheet.places.find((one) => one.id === sifted.place)?.label ?? '',
            sheet.choose_host.find((one) => one.slug === sifted.host)?.name ?? '',
        ]
            .filter(Boolean)
            .join(', '),
    );

    async function join() {
        visitor.remember();
        const answer = await ask(
            api.POST('/api/s/{slug}/waiting', {
                params: { path: { slug: sheet.slug } },
                body: {
                    name: visitor.typed.name,
                    email: visitor.typed.email,
                    pass: visitor.token,
                    part: sifted.part === 'any' ? null : sifted.part,
                    place: sifted.place,
                    host: sifted.host,
                },
            }),
        );
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        done = answer.data !== undefined;
    }
</script>

<section class="{full ? 'mb-5' : 'mt-8'} max-w-3xl" aria-label="No time suits">
    {#if done}
        <p class="good-news" role="status">
            A message is on its way to you: one press in it puts you in line. When a time comes free and it is your
            turn, it is kept for you for a while.
        </p>
    {:else if !open}
        <button type="button" class="link" onclick={() => (open = true)}
            >No time suits? Be told when one comes free</button
        >
    {:else}
        <form
            class="slip grid gap-4"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                void join();
            }}
        >
            <h2>Be told when a time comes free</h2>
            <p>You wait for: {wanted}. You can change that later, where you look up your place in line.</p>
            {#if !visitor.pass}
                <Field
                    name="wait-name"
                    label="Your name"
                    autocomplete="name"
                    required
                    bind:value={visitor.typed.name}
                    error={fields.name}
                />
                <Field
                    name="wait-email"
                    label="E-mail address"
                    type="email"
                    autocomplete="email"
                    required
                    bind:value={visitor.typed.email}
                    error={fields.email}
                />
            {/if}
            {#if message}<p class="notice" role="alert">{clock.all(message)}</p>{/if}
            <button class="press main justify-self-start">Put me in line</button>
        </form>
    {/if}
</section>
