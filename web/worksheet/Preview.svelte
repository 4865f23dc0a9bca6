<script lang="ts">
    /** What visitors will see, live: at phone width, wide, or as somebody who has booked. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import type { Schema } from '../lib/api';
    import Visit from '../pages/Visit.svelte';

    interface Props {
        preview: Schema['VisitSheet'] | null;
        missing: string[];
    }
    let { preview, missing }: Props = $props();

    let wide = $state(false);
    let booked = $state(false);
    const first = $derived(
        preview?.days
            .flatMap((day) => day.stretches.flatMap((part) => part.slots.map((slot) => ({ slot, day }))))
            .find(({ slot }) => slot.state === 'free') ?? null,
    );
</script>

<aside class="preview" class:wide aria-label={say('writing.preview_will')}>
    <div class="mb-2 flex flex-wrap items-center gap-2">
        <h2 class="me-auto text-base">{say('writing.preview')}</h2>
        <Button size="sm" color="alternative" class="min-h-9 px-2.5" aria-pressed={wide} onclick={() => (wide = !wide)}
            >{wide ? say('writing.preview_phone') : say('writing.preview_wide')}</Button
        >
        <Button
            size="sm"
            color="alternative"
            class="min-h-9 px-2.5"
            aria-pressed={booked}
            onclick={() => (booked = !booked)}
            >{booked ? say('writing.preview_before') : say('writing.preview_after')}</Button
        >
    </div>
    {#if missing.length > 0}
        <ul class="mb-2 text-[0.95rem]" aria-label={say('writing.preview_missing_label')}>
            {#each missing as one (one)}<li class="notice mb-1">
                    {say('writing.preview_missing', { what: one })}
                </li>{/each}
        </ul>
    {/if}
    {#if preview}
        {#key booked}
            <!-- Only to look at: what is pressed here books nothing. -->
            <div class="frame" inert>
                {#if booked}
                    <div class="p-4">
                        <div class="good-news mb-4">
                            <p class="text-lg font-semibold">
                                {preview.approve ? say('writing.preview_asked') : say('writing.preview_yours')}
                            </p>
                            <p>{say('writing.preview_mail')}</p>
                        </div>
                        <p class="times text-lg font-semibold">
                            {first?.day.label ?? ''}<br />{say('said.between', {
                                from: first?.slot.from ?? '',
                                until: first?.slot.until ?? '',
                            })}
                        </p>
                        <p>{say('writing.with', { title: preview.title, host: preview.host.name })}</p>
                        {#each preview.places as place (place.id)}<p class="text-faint">
                                {say('writing.preview_place', { place: place.label, directions: place.directions })}
                            </p>{/each}
                    </div>
                {:else}
                    <Visit {...preview} preview />
                {/if}
            </div>
        {/key}
    {:else}
        <div class="frame empty"><p class="p-6 text-faint">{say('writing.preview_none')}</p></div>
    {/if}
</aside>

<style>
    .preview {
        position: sticky;
        top: 1rem;
        align-self: start;
        min-width: 0;
    }
    .frame {
        width: min(100%, 390px);
        height: min(44rem, calc(100vh - 9rem));
        overflow: auto;
        border: 6px solid var(--line);
        border-radius: 18px;
        background: var(--paper);
        container-type: inline-size;
    }
    .preview.wide .frame {
        width: 100%;
        border-radius: 8px;
    }
    .empty {
        height: 14rem;
    }
</style>
