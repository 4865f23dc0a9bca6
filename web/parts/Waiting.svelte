<script lang="ts">
    /** "No time suits": a place in line for a time that somebody gives back. */
    import { say } from '../lib/say';
    import { api, ask, type Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import type { Sifted } from '../lib/sifted';
    import type { Visitor } from '../lib/visitor.svelte';
    import Contact from './Contact.svelte';
    import { onSent } from '../lib/form';

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

    /** What one waits for; it begins with what was looked for. */
    // svelte-ignore state_referenced_locally -- how it begins
    let wants = $state({ ...sifted });
    /** Parts of the day in which there are times at all; of days that are not here yet nothing is known. */
    const has = $derived(
        new Set<string>(
            sheet.days.flatMap((day) => day.stretches.flatMap((stretch) => stretch.slots.map((slot) => slot.part))),
        ),
    );
    const HALVES = $derived(
        (
            [
                ['any', say('visit.any_time')],
                ['morning', say('visit.wait_morning')],
                ['afternoon', say('visit.wait_afternoon', { at: clock.say('16:00') })],
                ['late', say('visit.from', { at: clock.say('16:00') })],
            ] as const
        ).filter(([part]) => part === 'any' || part === wants.part || sheet.later !== null || has.has(part)),
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
                    part: wants.part === 'any' ? null : wants.part,
                    place: wants.place,
                    host: wants.host,
                },
            }),
        );
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        done = answer.data !== undefined;
    }
</script>

<section class="{full ? 'mb-5' : 'mt-8'} max-w-3xl" aria-label={say('visit.wait')}>
    {#if done}
        <p class="good-news" role="status">
            {say('visit.wait_sent')}
        </p>
    {:else if !open}
        <button type="button" class="link" onclick={() => (open = true)}>{say('visit.wait_begin')}</button>
    {:else}
        <form class="slip grid gap-4" novalidate onsubmit={onSent(join)}>
            <h2>{say('visit.wait_heading')}</h2>
            <div class="flex flex-wrap gap-x-6 gap-y-2">
                {#if HALVES.length > 2}
                    <p>
                        <label for="wants-part" class="mb-1 block font-semibold">{say('visit.wait_when')}</label>
                        <select id="wants-part" class="box" bind:value={wants.part}>
                            {#each HALVES as [value, label] (value)}<option {value}>{label}</option>{/each}
                        </select>
                    </p>
                {/if}
                {#if sheet.places.length > 1}
                    <p>
                        <label for="wants-place" class="mb-1 block font-semibold">{say('visit.where')}</label>
                        <select id="wants-place" class="box" bind:value={wants.place}>
                            <option value={null}>{say('visit.anywhere')}</option>
                            {#each sheet.places as place (place.id)}<option value={place.id}>{place.label}</option
                                >{/each}
                        </select>
                    </p>
                {/if}
                {#if sheet.choose_host.length > 0}
                    <p>
                        <label for="wants-host" class="mb-1 block font-semibold">{say('visit.with')}</label>
                        <select id="wants-host" class="box" bind:value={wants.host}>
                            <option value={null}>{say('visit.anybody')}</option>
                            {#each sheet.choose_host as one (one.slug)}<option value={one.slug}>{one.name}</option
                                >{/each}
                        </select>
                    </p>
                {/if}
            </div>
            {#if !visitor.pass}
                <Contact what="name" of="wait-" bind:value={visitor.typed.name} error={fields.name} />
                <Contact what="email" of="wait-" required bind:value={visitor.typed.email} error={fields.email} />
            {/if}
            {#if message}<p class="notice" role="alert">{message}</p>{/if}
            <button class="press main justify-self-start">{say('visit.wait_press')}</button>
        </form>
    {/if}
</section>
