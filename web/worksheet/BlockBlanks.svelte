<script lang="ts">
    /** The blanks of one block: which days, from when until when, how long, until when it repeats. */
    import type { Schema } from '../lib/api';
    import type { Draft, Year } from '../lib/draft.svelte';
    import Blank from '../parts/Blank.svelte';
    import HoursBlanks from './HoursBlanks.svelte';
    import YearRulers from './YearRulers.svelte';

    interface Props {
        draft: Draft;
        index: number;
        today: string;
        year: Year;
        terms: Schema['NamedRange'][];
        sentence: string;
    }
    let { draft, index, today, year, terms, sentence }: Props = $props();

    const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
    const block = $derived(draft.form.blocks[index]!);
    const many = $derived(draft.form.blocks.length > 1);
    const on = $derived(many ? ` (block ${index + 1})` : '');
    const at = $derived(`blocks.${index}`);
    let picking = $state(false);

    const change = () => draft.changed();
    const mine = $derived(
        Object.entries(draft.errors).filter(([name]) => name.startsWith(`${at}.`)) as [string, string][],
    );
    const ending = $derived(block.until !== null ? 'until' : block.times !== null ? 'times' : 'never');

    function kind(to: Schema['BlockForm']['kind']) {
        block.kind = to;
        if (to === 'dates' && block.dates.length === 0) block.dates = [''];
        if (to === 'monthly' && block.month_days.length === 0) block.month_days = ['2TU'];
        change();
    }
    function toggle(day: number) {
        block.weekdays = block.weekdays.includes(day)
            ? block.weekdays.filter((one) => one !== day)
            : [...block.weekdays, day].sort();
        block.other = block.other.filter((one) => block.weekdays.includes(one.weekday));
        change();
    }
    function end(how: string) {
        block.until = how === 'until' ? (terms.find((term) => term.last >= today)?.last ?? today) : null;
        block.times = how === 'times' ? 10 : null;
        if (how.startsWith('term:')) {
            const term = terms[Number(how.slice(5))]!;
            block.first = term.first > today ? term.first : today;
            block.until = term.last;
        }
        change();
    }
    function pick(dates: string[]) {
        block.dates = dates;
        change();
    }
    function otherHours(day: number) {
        block.other = [...block.other, { weekday: day, hours: block.hours.map((one) => ({ ...one })) }];
        change();
    }
    const ORDINALS = [
        ['1', '1st'],
        ['2', '2nd'],
        ['3', '3rd'],
        ['4', '4th'],
        ['-1', 'last'],
    ] as const;
    const ICAL = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
    const nth = $derived(/^(-?\d+)([A-Z]{2})?$/.exec(block.month_days[0] ?? '') ?? ['', '1', '']);
</script>

<fieldset class="slip" aria-label={many ? `Block ${index + 1}` : 'When'}>
    <div class="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1">
        {#each [['dates', 'On dates'], ['weekly', 'Every week'], ['monthly', 'Every month']] as const as [value, label] (value)}
            <label class="flex min-h-11 items-center gap-2">
                <input
                    type="radio"
                    name="kind-{index}"
                    checked={block.kind === value}
                    onchange={() => kind(value)}
                />{label}{on}
            </label>
        {/each}
        {#if many}
            <button
                type="button"
                class="ml-auto min-h-11 cursor-pointer text-brick underline underline-offset-4"
                onclick={() => {
                    draft.form.blocks.splice(index, 1);
                    change();
                }}>Take block {index + 1} out</button
            >
        {/if}
    </div>

    <div class="sentence">
        {#if block.kind === 'dates'}
            On
            {#if block.dates.length <= 6 && !picking}
                {#each block.dates, i (i)}
                    <span class="whitespace-nowrap"
                        ><Blank
                            name="{at}.dates.{i}"
                            label="Date{i === 0 ? '' : ` ${i + 1}`}{on}"
                            type="date"
                            size={13}
                            min={today}
                            bind:value={block.dates[i]!}
                            error={draft.errors[`${at}.dates`]}
                            {change}
                        />{#if block.dates.length > 1}<button
                                type="button"
                                class="take"
                                aria-label="Take date {i + 1} out"
                                onclick={() => pick(block.dates.filter((_, n) => n !== i))}>×</button
                            >{/if}</span
                    >{' '}
                {/each}
            {:else}<strong
                    >{block.dates.filter(Boolean).length === 1
                        ? 'one date'
                        : `${block.dates.filter(Boolean).length} dates`}</strong
                >{/if}
            <button type="button" class="link" aria-expanded={picking} onclick={() => (picking = !picking)}
                >{picking ? 'Fold the year' : 'Pick several on the year'}</button
            >
        {:else if block.kind === 'weekly'}
            Every
            <Blank
                name="{at}.every"
                label="Every how many weeks{on}"
                type="number"
                size={3}
                min={1}
                bind:value={block.every}
                error={draft.errors[`${at}.every`]}
                {change}
            />
            {(block.every ?? 1) === 1 ? 'week on' : 'weeks on'}
            <span class="days" role="group" aria-label="Days of the week{on}">
                {#each DAYS as day, i (day)}
                    <button
                        type="button"
                        class="day"
                        aria-pressed={block.weekdays.includes(i + 1)}
                        aria-label={day}
                        onclick={() => toggle(i + 1)}>{day.slice(0, 3)}</button
                    >
                {/each}
            </span>
        {:else}
            Every
            <Blank
                name="{at}.every"
                label="Every how many months{on}"
                type="number"
                size={3}
                min={1}
                bind:value={block.every}
                error={draft.errors[`${at}.every`]}
                {change}
            />
            {(block.every ?? 1) === 1 ? 'month' : 'months'} on the
            <select
                class="pick"
                aria-label="Which one{on}"
                value={nth[1]}
                onchange={(event) => {
                    block.month_days = [event.currentTarget.value + (nth[2] ?? '')];
                    change();
                }}
            >
                {#each ORDINALS as [value, label] (value)}<option {value}>{label}</option>{/each}
                {#if !ORDINALS.some(([value]) => value === nth[1])}<option value={nth[1]}>{nth[1]}.</option>{/if}
            </select>
            <select
                class="pick"
                aria-label="Day of the month{on}"
                value={nth[2] ?? ''}
                onchange={(event) => {
                    block.month_days = [nth[1] + event.currentTarget.value];
                    change();
                }}
            >
                <option value="">day</option>
                {#each DAYS as day, i (day)}<option value={ICAL[i]}>{day}</option>{/each}
            </select>
        {/if}
        <HoursBlanks hours={block.hours} at="{at}.hours" {on} errors={draft.errors} {change} />, in meetings of
        <Blank
            name="{at}.minutes"
            label="Minutes for each meeting{on}"
            type="number"
            size={5}
            bind:value={block.minutes}
            error={draft.errors[`${at}.minutes`]}
            {change}
        />
        minutes,
        <Blank
            name="{at}.gap"
            label="Minutes between meetings{on}"
            type="number"
            size={5}
            bind:value={block.gap}
            error={draft.errors[`${at}.gap`]}
            {change}
        />
        minutes apart{#if block.kind !== 'dates'}, from
            <Blank
                name="{at}.first"
                label="First day{on}"
                type="date"
                size={13}
                bind:value={block.first}
                error={draft.errors[`${at}.first`]}
                {change}
            />
            <select
                class="pick"
                aria-label="How it ends{on}"
                value={ending}
                onchange={(event) => end(event.currentTarget.value)}
            >
                <option value="until">until</option>
                <option value="times">so many times:</option>
                <option value="never">without an end</option>
                {#each terms as term, i (term.name)}<option value="term:{i}">in the {term.name.toLowerCase()}</option
                    >{/each}
            </select>
            {#if block.until !== null}
                <Blank
                    name="{at}.until"
                    label="Last day{on}"
                    type="date"
                    size={13}
                    bind:value={block.until}
                    error={draft.errors[`${at}.until`]}
                    {change}
                />
            {:else if block.times !== null}
                <Blank
                    name="{at}.times"
                    label="How many times{on}"
                    type="number"
                    size={5}
                    bind:value={block.times}
                    error={draft.errors[`${at}.times`]}
                    {change}
                />
            {/if}
        {/if}.
    </div>

    <!-- What grows while days are picked lies below, so that nothing moves under the finger. -->
    {#if block.kind === 'dates' && picking}<YearRulers {year} dates={block.dates} {pick} />{/if}

    {#each block.other as other, n (other.weekday)}
        <div class="sentence">
            On {DAYS[other.weekday - 1]}
            <HoursBlanks
                hours={other.hours}
                at="{at}.other.{n}.hours"
                on=" on {DAYS[other.weekday - 1]}{on}"
                errors={draft.errors}
                {change}
            />.
            <button
                type="button"
                class="link"
                onclick={() => {
                    block.other.splice(n, 1);
                    change();
                }}>as on the other days</button
            >
        </div>
    {/each}

    <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
        {#if block.kind === 'weekly' && block.weekdays.length > 1 && block.other.length < block.weekdays.length}
            <select
                class="pick"
                aria-label="Other times on one day{on}"
                value=""
                onchange={(event) => {
                    if (event.currentTarget.value) otherHours(Number(event.currentTarget.value));
                    event.currentTarget.value = '';
                }}
            >
                <option value="">Other times on …</option>
                {#each block.weekdays.filter((day) => !block.other.some((one) => one.weekday === day)) as day (day)}
                    <option value={day}>{DAYS[day - 1]}</option>
                {/each}
            </select>
        {/if}
        {#if block.kind !== 'dates'}
            <button
                type="button"
                class="link"
                onclick={() => {
                    block.except = [...block.except, { first: today, last: today }];
                    change();
                }}>Leave days out</button
            >
            <button
                type="button"
                class="link"
                onclick={() => {
                    block.plus = [...block.plus, ''];
                }}>Add a single date</button
            >
        {/if}
    </div>
    {#each block.except as range, n (n)}
        <div class="sentence">
            Not from <Blank
                name="{at}.except.{n}.first"
                label="Left out from{on}"
                type="date"
                size={13}
                bind:value={range.first}
                {change}
            /> to <Blank
                name="{at}.except.{n}.last"
                label="Left out until{on}"
                type="date"
                size={13}
                bind:value={range.last}
                {change}
            />
            <button
                type="button"
                class="link"
                onclick={() => {
                    block.except.splice(n, 1);
                    change();
                }}>take this away</button
            >
        </div>
    {/each}
    {#each block.plus, n (n)}
        <div class="sentence">
            Also on <Blank
                name="{at}.plus.{n}"
                label="Added date{on}"
                type="date"
                size={13}
                bind:value={block.plus[n]!}
                {change}
            />
            <button
                type="button"
                class="link"
                onclick={() => {
                    block.plus.splice(n, 1);
                    change();
                }}>take this away</button
            >
        </div>
    {/each}
    {#if block.changes.length > 0}
        <p class="mt-2">
            Different on {block.changes.length === 1 ? 'one day' : `${block.changes.length} days`}:
            {#each block.changes as changed, n (changed.date)}
                <span class="whitespace-nowrap"
                    >{changed.date}
                    {changed.to === null
                        ? 'closed'
                        : changed.to === changed.date
                          ? 'other times'
                          : `moved to ${changed.to}`}
                    <button
                        type="button"
                        class="link"
                        aria-label="As usual on {changed.date}"
                        onclick={() => {
                            block.changes.splice(n, 1);
                            change();
                        }}>as usual</button
                    ></span
                >{n < block.changes.length - 1 ? '; ' : ''}
            {/each}
        </p>
    {/if}

    {#each mine as [name, said] (name)}<p id="{name}-error" class="mt-1 font-semibold text-brick">{said}</p>{/each}
    {#if sentence}<p class="mt-2 text-faint">{sentence}</p>{/if}
</fieldset>

<style>
    .sentence {
        font-size: 1.1rem;
        line-height: 2.7;
    }
    .days {
        display: inline-flex;
        flex-wrap: wrap;
        gap: 0.25rem;
    }
    .day {
        min-width: 3.1rem;
        min-height: 2.75rem;
        line-height: 1.2;
        border: 1px solid var(--edge);
        border-radius: 6px;
        cursor: pointer;
        background: var(--card);
    }
    .day[aria-pressed='true'] {
        background: var(--board);
        border-color: var(--board);
        color: var(--on-board);
        font-weight: 650;
    }
    .take {
        min-width: 2rem;
        min-height: 2.75rem;
        line-height: 1;
        cursor: pointer;
        color: var(--brick);
        font-weight: 700;
    }
</style>
