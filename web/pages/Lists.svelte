<script lang="ts">
    /** A day on paper: who comes when, with what is marked for the run sheet; for the entrance and for the doors. */
    import { say } from '../lib/say';
    import { Button, Checkbox } from '../lib/controls';
    import { clock } from '../lib/clock.svelte';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Row {
        id: number;
        from: string;
        until: string;
        student: string;
        who: string;
        guests: string[];
        phone: string;
        host: string;
        place: string;
        answers: Record<string, string>;
        arrived: string;
        outcome: string;
        note: string;
    }
    interface Props {
        host: string;
        title: string;
        day: string;
        date: string;
        before: string;
        after: string;
        whom: string;
        notes: boolean;
        office: boolean;
        rows: Row[];
    }
    let { host, title, day, date, before, after, whom, notes, office, rows }: Props = $props();
    const query = (of: Record<string, string>) =>
        new URLSearchParams({ date, ...(whom ? { whom } : {}), ...(notes ? { notes: '1' } : {}), ...of }).toString();
    const file = (what: string) => `/staff/lists/${what}?${query({})}`;
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1>{day}</h1>
        <p class="me-auto">{title}</p>
        <nav class="no-print flex flex-wrap gap-2" aria-label={say('hosting.another_day')}>
            <Button size="sm" color="alternative" href="/staff/lists?{query({ date: before })}"
                >{say('hosting.the_day_before')}</Button
            >
            <Button size="sm" color="alternative" href="/staff/lists?{query({ date: after })}"
                >{say('hosting.the_day_after')}</Button
            >
            {#if office && whom !== 'school'}<Button
                    size="sm"
                    color="alternative"
                    href="/staff/lists?{query({ whom: 'school' })}">{say('hosting.the_whole_school')}</Button
                >{/if}
            {#if whom}<Button size="sm" color="alternative" href="/staff/lists?date={date}"
                    >{say('hosting.my_own')}</Button
                >{/if}
        </nav>
    </div>
    <div class="no-print my-3 flex flex-wrap items-center gap-2">
        <Button size="sm" onclick={() => print()}>{say('hosting.print_this')}</Button>
        <Button size="sm" color="alternative" href={file('run-sheet.pdf')}>{say('hosting.run_sheet_pdf')}</Button>
        <Button size="sm" color="alternative" href={file('run-sheet.csv')}>{say('hosting.csv')}</Button>
        <Button size="sm" color="alternative" href={file('run-sheet.xlsx')}>{say('hosting.workbook')}</Button>
        <Button size="sm" color="alternative" href={file('entrance.pdf')}>{say('hosting.for_the_entrance')}</Button>
        <Button size="sm" color="alternative" href={file('doors.pdf')}>{say('hosting.for_the_doors')}</Button>
        {#if whom !== 'school'}<Checkbox
                checked={notes}
                onchange={() => location.assign(`/staff/lists?${query({ notes: notes ? '' : '1' })}`)}
                >{say('hosting.lists_notes')}</Checkbox
            >{/if}
    </div>
    <ol>
        {#each rows as row (row.id)}
            <li class="grid gap-x-4 border-t border-line py-2 sm:grid-cols-[6rem_minmax(0,1fr)_minmax(0,1fr)_9rem]">
                <span class="times text-lg font-bold">{clock.say(row.from)}</span>
                <span
                    ><strong class="text-lg">{row.student || row.who}</strong
                    >{#if row.student && row.student !== row.who}<br
                        />{row.who}{/if}{#each row.guests as guest (guest)}<br />{guest}{/each}{#if row.phone}<br
                        /><span class="times">{row.phone}</span>{/if}</span
                >
                <span
                    >{row.host
                        ? say('hosting.lists_place', { host: row.host, place: row.place })
                        : row.place}{#each Object.entries(row.answers) as [question, answer] (question)}<br /><span
                            class="text-faint">{question.replace(/[?:]$/, '')}:</span
                        >
                        {answer}{/each}{#if row.note}<br /><em>{say('hosting.your_note', { note: row.note })}</em
                        >{/if}</span
                >
                <span class="text-faint"
                    >{row.arrived ? say('hosting.lists_here', { at: clock.say(row.arrived) }) : ''}{row.outcome
                        ? ` ${row.outcome}`
                        : ''}</span
                >
            </li>
        {:else}
            <li>{say('hosting.lists_none')}</li>
        {/each}
    </ol>
</main>
