<script lang="ts">
    /** A round, set up by the office as one worksheet that the sheets of all who are in it follow; later, how full it is. */
    import { say } from '../lib/say';
    import { Button } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import type { Schema } from '../lib/api';
    import StaffHead from '../parts/StaffHead.svelte';
    import Common from '../round/Common.svelte';
    import Fill from '../round/Fill.svelte';
    import Interpreters from '../round/Interpreters.svelte';
    import People from '../round/People.svelte';
    import PublishRound from '../round/PublishRound.svelte';
    import { Setup } from '../round/setup.svelte';

    let {
        host,
        classes,
        people,
        languages,
        round: first,
        fill,
        channel,
        like = null,
    }: Schema['RoundSetupPage'] = $props();

    // svelte-ignore state_referenced_locally -- begins with what is kept
    const setup = new Setup(first, like);
    let summary = $state(false);
</script>

{#snippet interpreters()}
    {#if setup.round}
        <Interpreters
            round={setup.round}
            {people}
            {languages}
            changed={(all) => {
                if (setup.round) setup.round.interpreters = all;
            }}
        />
    {/if}
{/snippet}

<main class="sheet-of-paper">
    <StaffHead {host} before={() => (setup.state === 'typing' ? setup.save() : Promise.resolve())} />
    <div class="mb-2 flex flex-wrap items-center gap-4">
        <h1 class="me-auto">{setup.form.title || say('arranging.a_new_round')}</h1>
        {#if setup.round}
            <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{setup.round.id}/languages"
                >{say('versions.link')}</a
            >
        {/if}
        {#if setup.round && setup.published}
            {#if setup.round.collects}
                <Button href="/staff/rounds/{setup.round.id}/allotment"
                    >{setup.round.allotted
                        ? say('arranging.the_allotment')
                        : say('arranging.wishes_and_allotment')}</Button
                >
            {/if}
            <a class="inline-flex min-h-11 items-center" href={setup.round.path}>{say('arranging.see_families')}</a>
            {#if !setup.round.collects || setup.round.allotted}
                <a class="inline-flex min-h-11 items-center" href="/staff/rounds/{setup.round.id}/changes"
                    >{say('arranging.to_changes')}</a
                >
            {/if}
            <a class="inline-flex min-h-11 items-center" href="/staff/rounds/new?like={setup.round.id}"
                >{say('arranging.again')}</a
            >
            <TextButton onclick={() => setup.takeBack()}>{say('arranging.take_it_back')}</TextButton>
        {:else}
            <span class="text-faint" role="status"
                >{setup.state === 'kept' || (setup.round && setup.state === 'new')
                    ? say('arranging.kept')
                    : setup.state === 'typing'
                      ? say('arranging.keeping')
                      : ''}</span
            >
            <Button disabled={!setup.round} onclick={() => (summary = true)}>{say('arranging.publish_open')}</Button>
        {/if}
    </div>
    {#if setup.message}<Notice class="mb-3">{setup.message}</Notice>{/if}
    {#if setup.round && setup.published}
        <ul class="mb-4">
            {#each setup.round.look.sentences as sentence (sentence)}<li>{sentence}</li>{/each}
        </ul>
        <Fill
            round={setup.round.id}
            collecting={setup.round.collects && !setup.round.allotted}
            {channel}
            first={fill ?? {
                taken: 0,
                slots: 0,
                hosts: [],
                classes: [],
                twice: [],
                without_link: '',
                ground: '',
                due: 0,
                gone: '',
                due_said: '',
            }}
        />
        {@render interpreters()}
    {:else}
        <div class="grid gap-x-10 gap-y-4 lg:grid-cols-2">
            <Common {setup} {classes} />
            <People {setup} {classes} {people} {interpreters} />
        </div>
    {/if}
</main>

<PublishRound {setup} bind:open={summary} />
