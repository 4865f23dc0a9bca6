<script lang="ts">
    /** All meetings of an allotment on one scale: a row for each teacher, time from left to right, day beside day. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import type { AllotmentPage } from './allotment.svelte';

    interface Props {
        picture: Schema['AllotmentPicture'];
        page: AllotmentPage;
    }
    let { picture, page }: Props = $props();

    const whole = $derived(picture.days.reduce((sum, day) => sum + day.minutes, 0));
    const begins = $derived(
        picture.days.map((_, i) => picture.days.slice(0, i).reduce((sum, one) => sum + one.minutes, 0)),
    );
    const share = (minutes: number) => `${(100 * minutes) / whole}%`;
    const at = (one: { day: number; at: number }) => share((begins[one.day] ?? 0) + one.at);
    const byHost = $derived(
        picture.hosts.map((_, host) => ({
            meetings: picture.meetings.filter((one) => one.host === host),
            breaks: picture.breaks.filter((one) => one.host === host),
        })),
    );
    const label = $derived(say('arranging.picture', { many: picture.meetings.length, hosts: picture.hosts.length }));
    const mark = (one: { asked: boolean; rank: number }) => (one.asked ? '!' : String(one.rank));
</script>

<!-- What a click picks out here, the fields above pick out too. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" tabindex="0" role="region" aria-label={say('arranging.the_picture')}>
    <div class="picture" role="img" aria-label={label}>
        <div class="row head">
            <span class="name"></span>
            <span class="track">
                {#each picture.days as day, d (d)}
                    <span class="day" style:inset-inline-start={share(begins[d] ?? 0)} style:width={share(day.minutes)}
                        >{day.label}</span
                    >
                    {#each day.hours as hour (hour.at)}
                        {#if hour.at < day.minutes}<span
                                class="hour"
                                style:inset-inline-start={at({ day: d, at: hour.at })}>{clock.say(hour.said)}</span
                            >{/if}
                    {/each}
                {/each}
            </span>
        </div>
        {#each picture.hosts as host, h (host.sheet)}
            <div class="row" class:picked={page.picked?.kind === 'host' && page.picked.index === h}>
                <span class="name">{host.name}</span>
                <span class="track">
                    {#each picture.days.slice(1) as _, d (d)}<i
                            class="night"
                            style:inset-inline-start={share(begins[d + 1] ?? 0)}
                        ></i>{/each}
                    {#each byHost[h]?.breaks ?? [] as one (one.at + one.day * 1440)}
                        <i class="break" style:inset-inline-start={at(one)} style:width={share(one.length)}></i>
                    {/each}
                    {#each byHost[h]?.meetings ?? [] as one (one.id)}
                        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
                        <b
                            class:dim={page.picked !== null && !page.isPicked(one)}
                            class:mine={page.isPicked(one)}
                            class:pinned={one.pinned}
                            style:inset-inline-start={at(one)}
                            style:width={share(one.length)}
                            title={say('arranging.meeting', {
                                at: clock.say(one.time),
                                family: picture.families[one.family] ?? '',
                                student: one.student,
                            })}
                            onclick={() => (page.picked = { kind: 'family', index: one.family })}>{mark(one)}</b
                        >
                    {/each}
                </span>
            </div>
        {/each}
    </div>
</div>
<p class="mt-1 text-faint">
    {say('arranging.1_is_a_first')}
</p>

<style>
    .scroll {
        overflow-x: auto;
    }
    .picture {
        min-width: 52rem;
    }
    .row {
        display: grid;
        grid-template-columns: 11rem 1fr;
        align-items: center;
        height: 1.35rem;
        border-bottom: 1px solid var(--line);
        font-size: 0.9rem;
    }
    .head {
        height: 2.6rem;
        border: 0;
    }
    .name {
        overflow: hidden;
        padding-inline-end: 0.5rem;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
    .picked .name {
        font-weight: 700;
    }
    .track {
        position: relative;
        height: 100%;
    }
    .day {
        position: absolute;
        top: 0;
        overflow: hidden;
        padding-inline-start: 0.2rem;
        border-inline-start: 2px solid var(--edge);
        font-weight: 650;
        white-space: nowrap;
    }
    .hour {
        position: absolute;
        bottom: 0;
        padding-inline-start: 0.15rem;
        border-inline-start: 1px solid var(--edge);
        color: var(--faint);
        font-size: 0.75rem;
        line-height: 1;
    }
    .night {
        position: absolute;
        height: 100%;
        border-inline-start: 2px solid var(--edge);
    }
    b {
        position: absolute;
        top: 1px;
        bottom: 1px;
        display: grid;
        place-items: center;
        border-inline-end: 1px solid var(--paper);
        background: var(--board);
        color: var(--on-board);
        cursor: pointer;
        font-size: 0.68rem;
        font-weight: 600;
    }
    .dim {
        opacity: 0.28;
    }
    .mine {
        outline: 2px solid var(--marigold);
        outline-offset: -1px;
        z-index: 1;
    }
    .pinned {
        box-shadow: inset 0 0 0 3px var(--ink);
    }
    .break {
        position: absolute;
        top: 1px;
        bottom: 1px;
        background: repeating-linear-gradient(135deg, var(--line) 0 3px, transparent 3px 6px);
    }
</style>
