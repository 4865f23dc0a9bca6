<script lang="ts">
    /** What the office sets for the school. */
    import type { Schema } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';
    import ClosedDays from '../settings/ClosedDays.svelte';
    import Kiosks from '../settings/Kiosks.svelte';
    import School from '../settings/School.svelte';

    interface Props {
        host: string;
        settings: Schema['Settings'];
    }
    let { host, settings: first }: Props = $props();

    let changed = $state<Schema['Settings'] | null>(null);
    const settings = $derived(changed ?? first);
</script>

<main class="sheet-of-paper">
    <Masthead {host} />
    <div class="flex flex-wrap items-baseline gap-x-6">
        <h1>The school</h1>
        <a class="inline-flex min-h-11 items-center" href="/staff/settings">Your own settings</a>
        <a class="inline-flex min-h-11 items-center" href="/staff/visitors">What is kept of visitors</a>
        <a class="inline-flex min-h-11 items-center" href="/staff/log">Who did what</a>
        <a class="inline-flex min-h-11 items-center" href="/staff/mail-left">Mail that was left alone</a>
    </div>
    <School {settings} changed={(now) => (changed = now)} />
    <ClosedDays {settings} changed={(now) => (changed = now)} />
    <Kiosks />
</main>
