<script lang="ts">
    /** The school's rounds: for the office all of them, for each who is in one what is theirs to say. */
    import { listed } from '../lib/listed';
    import { say } from '../lib/say';
    import { Badge, Button } from '../lib/controls';
    import type { Schema } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';
    import PartForm from '../round/PartForm.svelte';

    interface Props {
        host: string;
        office: boolean;
        rounds: { id: number; title: string; state: string; hosts: number }[];
        interpreting: { time: string; host: string; place: string; student: string; language: string }[];
        parts: (Schema['RoundPart'] & { title: string; dates: { label: string; stretches: string[] }[] })[];
    }
    let { host, office, rounds, parts, interpreting }: Props = $props();

    let changed = $state<Record<number, Schema['RoundPart']>>({});
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="mb-3 flex flex-wrap items-center gap-4">
        <h1 class="me-auto">{say('arranging.rounds')}</h1>
        {#if office}<Button href="/staff/rounds/new">{say('arranging.a_new_round')}</Button>{/if}
    </div>
    {#if office}
        {#if rounds.length === 0}
            <p class="max-w-prose">
                {say('arranging.rounds_about')}
            </p>
        {/if}
        <ul class="border-t border-line">
            {#each rounds as one (one.id)}
                <li class="flex flex-wrap items-center gap-x-4 border-b border-line py-1">
                    <a class="inline-flex min-h-11 items-center font-semibold" href="/staff/rounds/{one.id}"
                        >{one.title}</a
                    >
                    <Badge color={one.state === 'open' ? 'primary' : 'gray'}
                        >{say(`arranging.state_${one.state}`)}</Badge
                    >
                    <span class="text-faint">{one.hosts === 1 ? '1 teacher' : `${one.hosts} teachers`}</span>
                </li>
            {/each}
        </ul>
    {/if}
    {#if interpreting.length > 0}
        <section class="mt-6" aria-labelledby="interpreting">
            <h2 id="interpreting">{say('arranging.interpreting')}</h2>
            <ul>
                {#each interpreting as one (one.time + one.host)}
                    <li class="border-b border-line py-1">
                        {one.student ? say('arranging.interprets_about', one) : say('arranging.interprets', one)}
                        <span class="text-faint">{one.language}</span>
                    </li>
                {/each}
            </ul>
        </section>
    {/if}
    {#each parts as one (one.id)}
        {@const part = changed[one.id] ?? one}
        <section class="mt-6" aria-labelledby="part-{one.id}">
            <h2 id="part-{one.id}">{say('arranging.yours', { title: one.title })}</h2>
            <ul>
                {#each one.dates as date (date.label)}<li>
                        {say('arranging.day_hours', { day: date.label, hours: listed(date.stretches) })}
                    </li>{/each}
            </ul>
            {#if !part.has_place}<p class="good-news my-2">
                    {say('arranging.yours_place')}
                </p>{/if}
            {#if one.sheet}<p>
                    <a class="inline-flex min-h-11 items-center" href="/staff/sheets/{one.sheet}"
                        >{say('arranging.yours_sheet')}</a
                    >
                </p>{/if}
            <PartForm {part} changed={(kept) => (changed[one.id] = kept)} />
        </section>
    {:else}
        {#if !office}<p class="max-w-prose">{say('arranging.none_yours')}</p>{/if}
    {/each}
</main>
