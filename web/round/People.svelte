<script lang="ts">
    /** Who is in a round, and where each of them is. */
    import { listed } from '../lib/listed';
    import { say } from '../lib/say';
    import type { Snippet } from 'svelte';
    import { Checkbox, Input, Label } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import { holds } from '../lib/sought';
    import PartForm from './PartForm.svelte';
    import type { Setup } from './setup.svelte';

    interface Props {
        setup: Setup;
        classes: { id: number; name: string; students: number; teachers: number[] }[];
        people: { id: number; name: string; subject: string }[];
        interpreters: Snippet;
    }
    let { setup, classes, people, interpreters }: Props = $props();

    let sought = $state('');
    let open = $state<number | null>(null);
    const shown = $derived(people.filter((one) => holds(`${one.name} ${one.subject}`, sought)));
    /** A department is whoever has one subject: picked here, then all who are shown are taken. */
    const subjects = $derived([...new Set(people.map((one) => one.subject).filter(Boolean))].sort());
    const chosen = $derived(
        classes.filter((one) => setup.form.classes.length === 0 || setup.form.classes.includes(one.id)),
    );
    const part = (staff: number) => setup.round?.parts.find((one) => one.staff === staff);
    /** Rooms in which several of them would be; as it is typed, before it is published. */
    const twice = $derived.by(() => {
        const rooms = new Map<string, string[]>();
        for (const one of setup.round?.parts ?? []) {
            if (one.kind !== 'room' || one.label === '' || !setup.form.staff.includes(one.staff)) continue;
            const name = people.find((who) => who.id === one.staff)?.name ?? '';
            rooms.set(one.label, [...(rooms.get(one.label) ?? []), name]);
        }
        return [...rooms].filter(([, names]) => names.length > 1);
    });
    const short = (staff: number) => setup.round?.look.short.find((one) => one.staff === staff);

    function put(staff: number[], on: boolean) {
        setup.form.staff = on
            ? [...new Set([...setup.form.staff, ...staff])]
            : setup.form.staff.filter((one) => !staff.includes(one));
        setup.typed();
    }
</script>

<section aria-labelledby="who">
    <h2 id="who" class="mb-1">{say('arranging.people', { many: setup.form.staff.length })}</h2>
    <p class="flex flex-wrap gap-x-5">
        {#if classes.some((one) => one.teachers.length > 0)}
            <TextButton
                onclick={() =>
                    put(
                        chosen.flatMap((one) => one.teachers),
                        true,
                    )}>{say('arranging.people_teach')}</TextButton
            >
        {/if}
        <TextButton
            onclick={() =>
                put(
                    shown.map((one) => one.id),
                    true,
                )}>{sought ? say('arranging.people_all_shown') : say('arranging.everybody')}</TextButton
        >
        {#if setup.form.staff.length > 0}
            <TextButton onclick={() => put([...setup.form.staff], false)}>{say('arranging.people_nobody')}</TextButton>
        {/if}
    </p>
    <Label for="seek">{say('arranging.people_seek')}</Label>
    <Input id="seek" type="search" class="mb-2 w-full" autocomplete="off" list="subjects" bind:value={sought} />
    <datalist id="subjects">
        {#each subjects as one (one)}<option value={one}></option>{/each}
    </datalist>
    {#if setup.round && setup.round.look.short.length > 0}
        <p class="notice mb-2">{setup.round.look.short_said}</p>
    {/if}
    {#each twice as [room, names] (room)}
        <p class="notice mb-2">{say('arranging.room_twice', { room, names: listed(names) })}</p>
    {/each}
    {#if setup.round?.look.untaught_said}<p class="notice mb-2">{setup.round.look.untaught_said}</p>{/if}
    <ul class="max-h-[60vh] overflow-y-auto border-t border-line">
        {#each shown as one (one.id)}
            {@const mine = part(one.id)}
            <li class="border-b border-line">
                <div class="flex flex-wrap items-center gap-x-3">
                    <Checkbox
                        checked={setup.form.staff.includes(one.id)}
                        onchange={(event) => put([one.id], event.currentTarget.checked)}
                        >{one.subject ? say('arranging.name_subject', one) : one.name}</Checkbox
                    >
                    {#if short(one.id)}<span class="text-brick"
                            >{say('arranging.people_short', {
                                students: short(one.id)!.students,
                                times: short(one.id)!.times,
                            })}</span
                        >{/if}
                    {#if mine && setup.form.staff.includes(one.id)}
                        <span class="ms-auto {mine.has_place ? 'text-faint' : 'font-semibold text-brick'}"
                            >{mine.has_place ? mine.label : say('arranging.no_place')}</span
                        >
                        <TextButton
                            aria-expanded={open === mine.id}
                            aria-label={say('arranging.people_where', { name: one.name })}
                            onclick={() => (open = open === mine.id ? null : mine.id)}
                            >{open === mine.id ? say('arranging.close') : say('arranging.change')}</TextButton
                        >
                    {/if}
                </div>
                {#if mine && open === mine.id}
                    <PartForm part={mine} changed={(kept) => setup.partChanged(kept)} />
                {/if}
            </li>
        {/each}
    </ul>
    {#if setup.fields.staff}<p class="font-semibold text-brick">{setup.fields.staff}</p>{/if}
    {@render interpreters()}
</section>
