<script lang="ts">
    /** A family or a teacher picked out of an allotment: what they have, what they did not get and why, what is pinned. */
    import { say } from '../lib/say';
    import { Checkbox } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import type { AllotmentPage } from './allotment.svelte';

    interface Props {
        picture: Schema['AllotmentPicture'];
        page: AllotmentPage;
    }
    let { picture, page }: Props = $props();

    const ofFamily = $derived(page.picked?.kind === 'family');
    const called = $derived(
        page.picked === null
            ? ''
            : ofFamily
              ? picture.families[page.picked.index]
              : picture.hosts[page.picked.index]?.name,
    );
    const meetings = $derived(
        picture.meetings.filter((one) => page.isPicked(one)).sort((a, b) => a.day - b.day || a.at - b.at),
    );
    const not = $derived(picture.not.filter((one) => page.isPicked(one)));
    const canPin = $derived(page.now.state === 'found');
    const unpinned = $derived(meetings.filter((one) => !one.pinned).map((one) => one.id));
    const other = (one: { family: number; host: number }) =>
        ofFamily ? picture.hosts[one.host]?.name : picture.families[one.family];
</script>

<section aria-label={called}>
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h2 class="mb-1">{called}</h2>
        <TextButton onclick={() => (page.picked = null)}>{say('arranging.show_all')}</TextButton>
    </div>
    <ul class="mb-2 grid gap-x-10 lg:grid-cols-2">
        {#each meetings as one (one.id)}
            <li class="flex flex-wrap items-center gap-x-3 border-b border-line">
                <span class="w-44 tabular-nums">{picture.days[one.day]?.label}, {clock.say(one.time)}</span>
                <span class="min-w-0 flex-1"
                    >{say('arranging.who_about', { name: other(one) ?? '', student: one.student })}</span
                >
                {#if canPin}<Checkbox
                        checked={one.pinned}
                        aria-label={say('arranging.stays_label', { at: clock.say(one.time), name: other(one) ?? '' })}
                        onchange={(event) => void page.pin([one.id], event.currentTarget.checked)}
                        >{say('arranging.stays')}</Checkbox
                    >{:else if one.pinned}<span class="text-faint">{say('arranging.pinned')}</span>{/if}
            </li>
        {:else}
            <li class="py-1">{ofFamily ? say('arranging.picked_none_family') : say('arranging.picked_none_host')}</li>
        {/each}
        {#each not as one (one.id)}
            <li class="border-b border-line py-1">
                <span class="text-brick">{one.why}</span>
                <span class="text-faint"
                    >{ofFamily
                        ? say('arranging.about_student', { student: one.student })
                        : say('arranging.who_about_full', {
                              name: picture.families[one.family] ?? '',
                              student: one.student,
                          })}</span
                >
            </li>
        {/each}
    </ul>
    {#if canPin && unpinned.length > 1}
        <TextButton onclick={() => void page.pin(unpinned, true)}>{say('arranging.stay_all')}</TextButton>
    {/if}
</section>
