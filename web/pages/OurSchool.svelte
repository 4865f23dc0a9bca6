<script lang="ts">
    /** What the office sets for the school. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';
    import ClosedDays from '../settings/ClosedDays.svelte';
    import Kiosks from '../settings/Kiosks.svelte';
    import School from '../settings/School.svelte';

    interface Props {
        host: string;
        settings: Schema['Settings'];
        /** Whether sentences can be worded otherwise here. */
        can_word: boolean;
    }
    let { host, settings: first, can_word }: Props = $props();

    let changed = $state<Schema['Settings'] | null>(null);
    const settings = $derived(changed ?? first);
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="flex flex-wrap items-baseline gap-x-6">
        <h1>{say('office.the_school')}</h1>
        <a class="inline-flex min-h-11 items-center" href="/staff/settings">{say('office.your_own_settings')}</a>
        <a class="inline-flex min-h-11 items-center" href="/staff/visitors">{say('office.visitors')}</a>
        <a class="inline-flex min-h-11 items-center" href="/staff/log">{say('office.log')}</a>
        <a class="inline-flex min-h-11 items-center" href="/staff/mail-left">{say('office.mail_left')}</a>
        {#if can_word}<a class="inline-flex min-h-11 items-center" href="/staff/wordings">{say('wordings.title')}</a
            >{/if}
    </div>
    <School {settings} changed={(now) => (changed = now)} />
    <ClosedDays {settings} changed={(now) => (changed = now)} />
    <Kiosks />
</main>
