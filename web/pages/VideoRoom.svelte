<script lang="ts">
    /** A room of the demo's stand-in for a video service: a door, at which one waits and sees nothing, and tiles. */
    import { say } from '../lib/say';
    import { onMount } from 'svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';
    import { newKey } from '../lib/key';
    import { Live } from '../lib/live.svelte';
    import Masthead from '../parts/Masthead.svelte';
    import Tile from '../parts/Tile.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        room: string;
        host: boolean;
        title: string;
        with: string;
        channel: string;
    }
    let { room: key, host, title, with: whom, channel }: Props = $props();

    let room = $state<Schema['VideoRoom'] | null>(null);
    let name = $state('');
    let message = $state('');
    let word = $state(say('office.room_word'));
    const path = $derived({ key });
    // A page that is loaded anew is the same guest.
    const guest = (() => {
        const kept = sessionStorage.getItem('recess.room-guest') ?? newKey();
        sessionStorage.setItem('recess.room-guest', kept);
        return kept;
    })();

    const live = new Live(
        () => channel,
        (headers) =>
            host
                ? api.GET('/api/staff/video-room/{key}', { params: { path }, headers })
                : api.GET('/api/video-room/{key}', { params: { path, query: { guest } }, headers }),
        (data) => (room = data),
    );
    onMount(() => live.start());

    function pressed(data: typeof room | undefined) {
        if (!data) return;
        live.fresh();
        room = data;
    }
    async function come() {
        const answer = await ask(api.POST('/api/video-room/{key}', { params: { path }, body: { guest, name } }));
        message = firstOf(answer.trouble);
        pressed(answer.data);
    }
    async function answer(id: number, state: 'in' | 'later' | 'out') {
        const said = await ask(
            api.POST('/api/staff/video-room/{key}', {
                params: { path },
                body: { guest: id, state, word: state === 'later' ? word : null },
            }),
        );
        message = firstOf(said.trouble);
        pressed(said.data);
    }
    const me = $derived(room?.me ?? null);
</script>

<main class="sheet-of-paper">
    <Masthead />
    <h1>{title}</h1>
    <p class="mb-4 text-faint">
        {say('office.room_about', { whom })}
    </p>
    {#if message}<p class="notice mb-3" role="alert">{message}</p>{/if}
    {#if host && room}
        <div class="grid items-start gap-6 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
            <section aria-labelledby="inside">
                <h2 id="inside" class="mb-2">{say('office.room_in')}</h2>
                <div class="grid gap-3 sm:grid-cols-2">
                    <Tile name={whom} />
                    {#each room.inside as one (one.id)}
                        <div>
                            <Tile name={one.name} />
                            <button type="button" class="press mt-1" onclick={() => answer(one.id, 'out')}
                                >{say('office.room_goodbye', { name: one.name })}</button
                            >
                        </div>
                    {/each}
                </div>
            </section>
            <section aria-labelledby="door">
                <h2 id="door" class="mb-2">{say('office.room_door')}</h2>
                <div role="status">
                    {#if room.door.length === 0}<p>{say('office.room_nobody')}</p>{/if}
                </div>
                <ul class="grid gap-3">
                    {#each room.door as one (one.id)}
                        <li class="slip">
                            <p class="font-semibold">{one.name}{one.state === 'later' ? ', who knows: not now' : ''}</p>
                            <p class="mt-2 flex flex-wrap gap-2">
                                <button type="button" class="press main" onclick={() => answer(one.id, 'in')}
                                    >{say('office.room_let_in')}</button
                                >
                                <button type="button" class="press" onclick={() => answer(one.id, 'later')}
                                    >{say('office.room_not_now')}</button
                                >
                            </p>
                        </li>
                    {/each}
                </ul>
                {#if room.door.length > 0}
                    <label class="mt-3 block font-semibold" for="word">{say('office.room_not_now_says')}</label>
                    <input id="word" class="box w-full" maxlength="300" bind:value={word} />
                {/if}
            </section>
        </div>
    {:else if me?.state === 'in'}
        <section aria-labelledby="inside">
            <h2 id="inside" class="mb-2">{say('office.room_you_are_in')}</h2>
            <div class="grid gap-3 sm:grid-cols-2">
                <Tile name={whom} />
                {#each room?.inside ?? [] as one (one.name)}<Tile name={one.name} />{/each}
            </div>
        </section>
    {:else if me?.state === 'out'}
        <p role="status">{say('office.room_over', { whom })}</p>
    {:else if me}
        <div role="status">
            <p class="good-news">
                {room?.open ? say('office.room_at_door', { whom }) : say('office.room_at_door_ahead', { whom })}
            </p>
            {#if me.state === 'later'}<p class="notice mt-3">
                    {me.word
                        ? say('office.room_later_word', { whom, word: me.word })
                        : say('office.room_later', { whom })}
                </p>{/if}
        </div>
    {:else}
        <form class="grid max-w-md gap-3" novalidate onsubmit={onSent(come)}>
            <label class="font-semibold" for="name">{say('office.room_your_name', { whom })}</label>
            <input id="name" class="box" autocomplete="name" bind:value={name} />
            <button class="press main justify-self-start" disabled={!name.trim()}>{say('office.room_go')}</button>
        </form>
        <p class="mt-6">
            <a class="inline-flex min-h-11 items-center" href="/staff/video-room/{key}">{say('office.room_host')}</a>
        </p>
    {/if}
</main>
