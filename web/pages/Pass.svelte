<script lang="ts">
    /** A visitor's private page for their bookings. */
    import type { Schema } from '../lib/api';
    import ClockSwitch from '../parts/ClockSwitch.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import PassBooking from '../parts/PassBooking.svelte';

    let first: Schema['Pass'] = $props();

    let changed = $state<Schema['Pass'] | null>(null);
    const pass = $derived(changed ?? first);
</script>

<main class="sheet-of-paper">
    <Masthead school={pass.school} />
    <div class="max-w-3xl">
        <div class="flex flex-wrap items-baseline gap-x-4">
            <h1>Your pass</h1>
            <span class="ml-auto"><ClockSwitch /></span>
        </div>
        <p class="mb-6 text-faint">
            For {pass.name}. Whoever has this page’s address can change these bookings, so keep it to yourself.
        </p>
        <div class="grid gap-5">
            {#each pass.bookings as booking (booking.id)}
                <PassBooking {pass} {booking} changed={(now) => (changed = now)} />
            {/each}
        </div>
    </div>
</main>
