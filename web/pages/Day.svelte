<script lang="ts">
    /** Who comes to whom on a day: for the front desk. */
    import { say } from '../lib/say';
    import { tick } from 'svelte';
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import { clock } from '../lib/clock.svelte';
    import { holds } from '../lib/sought';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Meeting {
        id: number;
        from: string;
        until: string;
        who: string;
        student: string;
        host: string;
        place: string;
    }
    interface Props {
        host: string;
        title: string;
        day: string;
        before: string;
        after: string;
        today: boolean;
        meetings: Meeting[];
    }
    let { host, title, day, before, after, today, meetings }: Props = $props();

    const AT_ONCE = 40;
    let sought = $state('');
    let most = $state(AT_ONCE);
    /** On paper there is nothing to press for the rest. */
    async function paper() {
        most = meetings.length;
        await tick();
        print();
    }
    const found = $derived(
        meetings.filter((one) => holds(`${one.who} ${one.student} ${one.host} ${one.place}`, sought)),
    );
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1>{say('desk.who_comes')}</h1>
        <p class="me-auto">{title}{today ? ', today' : ''}</p>
        <nav class="no-print flex flex-wrap gap-2" aria-label={say('desk.another_day')}>
            <Button color="alternative" href="/staff/day?day={before}">{say('desk.the_day_before')}</Button>
            {#if !today}<Button color="alternative" href="/staff/day">{say('desk.today')}</Button>{/if}
            <Button color="alternative" href="/staff/day?day={after}">{say('desk.the_day_after')}</Button>
            <Button color="alternative" href="/staff/day/entrance.pdf?whom=school&date={day}"
                >{say('desk.for_the_entrance')}</Button
            >
            <Button color="alternative" href="/staff/day/doors.pdf?whom=school&date={day}"
                >{say('desk.for_the_doors')}</Button
            >
            <Button color="alternative" onclick={paper}>{say('desk.print')}</Button>
        </nav>
    </div>
    {#if meetings.length > 0}
        <div class="no-print max-w-md">
            <Field name="sought" label={say('desk.seek')} required bind:value={sought} />
        </div>
        <ul class="mt-2 divide-y divide-line">
            {#each found.slice(0, most) as one (one.id)}
                <li class="grid gap-x-4 py-1 sm:grid-cols-[8rem_1fr_1fr_1fr]">
                    <span class="times font-semibold"
                        >{say('said.between', { from: clock.say(one.from), until: clock.say(one.until) })}</span
                    >
                    <span
                        >{one.student && one.student !== one.who
                            ? say('desk.who_about', { who: one.who, student: one.student })
                            : one.who}</span
                    >
                    <span>{say('desk.with', { host: one.host })}</span>
                    <span class="text-faint">{one.place}</span>
                </li>
            {:else}
                <li class="py-2">{say('desk.seek_none')}</li>
            {/each}
        </ul>
        {#if found.length > most}<Button color="alternative" class="no-print mt-2" onclick={() => (most = found.length)}
                >{say('desk.show_all', { many: found.length })}</Button
            >{/if}
    {:else}
        <p>{say('desk.none_comes')}</p>
    {/if}
</main>
