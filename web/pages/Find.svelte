<script lang="ts">
    /** Everybody who offers one kind of meeting within some days, on rulers in one scale. */
    import type { Schema } from '../lib/api';
    import { rulerOf } from '../lib/found';
    import Masthead from '../parts/Masthead.svelte';
    import Ruler from '../parts/Ruler.svelte';

    interface Props {
        school: string;
        titles: string[];
        about: string;
        from: string;
        to: string;
        days: Schema['FoundDay'][];
    }
    let { school, titles, about, from, to, days }: Props = $props();
</script>

<main class="sheet-of-paper">
    <Masthead {school} />
    <h1>Who is free, and when</h1>
    <form action="/find" class="mt-4 mb-8 flex flex-wrap items-end gap-4">
        <div>
            <label for="about" class="mb-1 block font-semibold">What it is about</label>
            <select id="about" name="about" class="box" value={about}>
                {#each titles as title (title)}<option>{title}</option>{/each}
            </select>
        </div>
        <div>
            <label for="from" class="mb-1 block font-semibold">From</label>
            <input id="from" name="from" type="date" class="box" value={from} />
        </div>
        <div>
            <label for="to" class="mb-1 block font-semibold">To</label>
            <input id="to" name="to" type="date" class="box" value={to} />
        </div>
        <button class="press main">Show them</button>
    </form>
    {#each days as day (day.label)}
        <section class="mb-8">
            <h2 class="mb-3">{day.label}</h2>
            <div class="grid gap-5">
                {#each day.rows as row (row.path)}
                    <Ruler
                        day={rulerOf(day, row)}
                        heading="{row.host}, {row.subject}"
                        pick={(slot) => location.assign(`${row.path}?slot=${encodeURIComponent(slot.key)}`)}
                    />
                {/each}
            </div>
        </section>
    {:else}
        <p>Nobody offers this in these days. Look at other days, or <a href="/">at everybody</a>.</p>
    {/each}
</main>
