<script lang="ts">
    /** One booking on a pass: what, when, where, about whom, and the ways to move it, change it or give it back. */
    import { api, ask, type Schema, type Trouble } from '../lib/api';
    import { clock } from '../lib/clock.svelte';
    import { elsewhere } from '../lib/elsewhere';
    import { now, phaseOf } from '../lib/now.svelte';
    import Answer from './Answer.svelte';
    import Field from './Field.svelte';
    import GiveBack from './GiveBack.svelte';
    import InLine from './InLine.svelte';
    import Mover from './Mover.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        pass: Schema['Pass'];
        booking: Schema['PassBooking'];
        changed: (pass: Schema['Pass'], said: string) => void;
    }
    let { pass, booking, changed }: Props = $props();

    const off = $derived(booking.state === 'cancelled' || booking.state === 'declined');
    const token = $derived(pass.path.slice('/p/'.length));
    const path = $derived({ token, booking: booking.id });
    let open = $state<'' | 'move' | 'guest' | 'answers'>('');
    let guest = $state({ name: '', email: '', may_change: false });
    let joinersMayChange = $state(false);
    const phase = $derived(phaseOf(booking, now.at));
    /** A meeting that waits for its host, or is under way, is not over when its planned time is. */
    const lives = $derived(booking.line !== null && ['open', 'here', 'called', 'missed'].includes(booking.line.state));
    const on = $derived(!off && (phase !== 'over' || lives));
    let answers = $state<Record<string, unknown>>({});
    let fields = $state<Record<string, string>>({});
    let message = $state('');

    function settle(answer: { data?: Schema['Pass']; trouble?: Trouble }, said = ''): string | null {
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        if (answer.data) {
            open = '';
            changed(answer.data, said);
        }
        return answer.trouble?.fields.note ?? answer.trouble?.message ?? null;
    }
    const giveBack = async (note: string) =>
        settle(
            await ask(api.POST('/api/p/{token}/bookings/{booking}/give-back', { params: { path }, body: { note } })),
        );
    const bring = async () => {
        settle(await ask(api.POST('/api/p/{token}/bookings/{booking}/guests', { params: { path }, body: guest })));
        if (!message) guest = { name: '', email: '', may_change: false };
    };
    const leave = async (id: number | null) =>
        settle(
            await ask(
                api.POST('/api/p/{token}/bookings/{booking}/leave', {
                    params: { path },
                    body: id ? { guest: id } : {},
                }),
            ),
        );
    const change = async () =>
        settle(
            await ask(
                api.POST('/api/p/{token}/bookings/{booking}/answers', {
                    params: { path },
                    body: { answers: answers as Record<string, never> },
                }),
            ),
            `Saved. ${booking.host.name} reads it as it is now.`,
        );
    const answerJoiner = async (joiner: number, bring: boolean) =>
        settle(
            await ask(
                api.POST('/api/p/{token}/bookings/{booking}/joiners', {
                    params: { path },
                    body: { joiner, bring, may_change: joinersMayChange },
                }),
            ),
            bring ? '' : 'They are not added, and are told nothing.',
        );
    const answerOffer = async (take: boolean) =>
        settle(
            await ask(api.POST('/api/p/{token}/bookings/{booking}/offer', { params: { path }, body: { take } })),
            take ? 'The time is yours.' : 'That is noted; the time is free for others again.',
        );
    function show(what: typeof open) {
        open = open === what ? '' : what;
        if (open === 'answers') answers = { ...(booking.answers as Record<string, unknown>), phone: pass.phone };
        message = '';
        fields = {};
    }
    const asked = $derived(booking.questions.filter((one) => one.kind !== 'student'));
    const otherClock = $derived(elsewhere(booking, booking.zone_name));
    const said = (value: unknown) =>
        Array.isArray(value) ? value.join(', ') : value === true ? 'yes' : value === false ? 'no' : String(value ?? '');
</script>

<article
    class="slip"
    class:under-way={phase === 'now' && !off}
    class:text-faint={phase === 'over'}
    aria-label="{booking.title}, {booking.date}, {clock.say(booking.from)}"
>
    {#if off}
        <p class="notice mb-3" role="status">
            {booking.off_said}
            {#if booking.cancel_note}<span class="block whitespace-pre-line">“{booking.cancel_note}”</span>{/if}
        </p>
    {:else if booking.state === 'kept'}
        <p class="notice mb-3" role="status">
            This time is kept for you until {booking.confirm_until ?? ''}. A message is on its way to {pass.email}:
            press what stands in it, and the time is booked.
        </p>
    {:else if booking.line && ['here', 'called'].includes(booking.line.state)}
        <!-- The line says it. -->
    {:else if phase === 'over' || booking.line?.state === 'over'}
        <p class="mb-2">
            {booking.line && booking.line.state !== 'over' && booking.line.state !== 'ahead'
                ? 'Your time is over. If you are here now, say so.'
                : 'This meeting is over.'}
        </p>
    {:else if phase === 'now' && booking.state === 'booked'}
        <p class="good-news mb-3 flex flex-wrap items-center gap-3" role="status">
            This meeting is now, until {clock.say(booking.until)}.
            {#if booking.place.link}<a class="press main" href={booking.place.link} rel="noreferrer"
                    >Go to the meeting</a
                >{/if}
        </p>
    {:else if phase === 'soon' && booking.state === 'booked'}
        <p class="good-news mb-3" role="status">This meeting is within the next hour.</p>
    {:else if booking.state === 'asked'}
        <p class="good-news mb-3" role="status">
            {booking.maybe
                ? `${booking.host.name} says maybe. The time is held for you until ${booking.held_until ?? ''}.`
                : `You have asked for this time. It is held for you until ${booking.host.name} answers, at the longest until ${booking.held_until ?? ''}.`}
            {#if booking.answer_note}<span class="block">“{booking.answer_note}”</span>{/if}
        </p>
    {/if}
    {#if booking.line && !off}<InLine {pass} {booking} line={booking.line} {changed} />{/if}
    {#if booking.offer && !off}
        <div class="good-news no-print mb-4 grid gap-2">
            <p>
                {booking.host.name} offers you another time: <strong>{booking.offer.when}</strong>. It is kept for you
                until {booking.offer.until}.
            </p>
            {#if booking.offer.word}<p class="whitespace-pre-line">“{booking.offer.word}”</p>{/if}
            <p class="flex flex-wrap gap-3">
                <button type="button" class="press main" onclick={() => answerOffer(true)}>Take this time</button>
                <button type="button" class="press" onclick={() => answerOffer(false)}>No, thank you</button>
            </p>
            {#if message && open === ''}<p role="alert">{message}</p>{/if}
        </div>
    {/if}
    <h2 class={off ? 'text-faint line-through' : ''}>
        <time datetime={booking.key}>{booking.date}<br />{clock.say(booking.from)} to {clock.say(booking.until)}</time>
    </h2>
    <dl class="facts my-4">
        <dt>What</dt>
        <dd>{booking.title}</dd>
        <dt>With</dt>
        <dd>{booking.host.name} ({booking.host.subject})</dd>
        {#if booking.student}
            <dt>About</dt>
            <dd>{booking.student}</dd>
        {/if}
        <dt>Where</dt>
        <dd>
            {booking.place.label}{#if booking.place.link && !off}: <a href={booking.place.link} rel="noreferrer"
                    >{booking.place.link}</a
                >{/if}
            {#if booking.place.promise}<span class="block">{booking.place.promise}</span>{/if}
            {#if booking.place.directions}<span class="block text-faint">{booking.place.directions}</span>{/if}
            {#if booking.place.picture}<a class="link" href={booking.place.picture}>The way there, as a picture</a>{/if}
        </dd>
        <dt>Time zone</dt>
        <dd>
            {booking.zone}{#if otherClock}<span class="block">In your own time zone: {otherClock}</span>{/if}
        </dd>
        {#if !booking.own}
            <dt>With you</dt>
            <dd>{booking.visitor}, who booked it</dd>
        {/if}
        {#each asked.filter((one) => one.key !== 'phone' && said((booking.answers as Record<string, unknown>)[one.key])) as question (question.key)}
            <dt>{question.label}</dt>
            <dd>{said((booking.answers as Record<string, unknown>)[question.key])}</dd>
        {/each}
        {#if booking.also.length > 0}
            <dt>At the same time</dt>
            <dd>{booking.also.join(', ')}</dd>
        {/if}
        {#if booking.guests.length > 0}
            <dt>Also coming</dt>
            <dd>
                {#each booking.guests as one (one.id)}
                    <span class="block"
                        >{one.name}{one.may_change ? ', who may move and cancel it' : ''}
                        {#if booking.own && on}<button
                                type="button"
                                class="no-print min-h-11 cursor-pointer text-board underline underline-offset-4"
                                onclick={() => leave(one.id)}>is not coming</button
                            >{/if}</span
                    >
                {/each}
            </dd>
        {/if}
    </dl>
    {#if booking.joiners.length > 0}
        <div class="notice no-print mb-4 grid gap-2">
            {#each booking.joiners as one (one.id)}
                <p class="flex flex-wrap items-center gap-3">
                    {one.name} asks to join this meeting.
                    <button type="button" class="press" onclick={() => answerJoiner(one.id, true)}>Add them</button>
                    <button type="button" class="press" onclick={() => answerJoiner(one.id, false)}>Do not</button>
                </p>
            {/each}
            <label class="flex min-h-11 items-center gap-2"
                ><input type="checkbox" bind:checked={joinersMayChange} /> They may move and cancel the meeting, too</label
            >
            {#if message && open === ''}<p role="alert">{message}</p>{/if}
        </div>
    {/if}
    <div class="no-print flex flex-wrap items-start gap-3">
        {#if on && booking.state !== 'kept'}<a class="press" href={booking.entry_path} download>Add to your calendar</a
            >{/if}
        {#if booking.can_move && phase !== 'now' && on}<button
                type="button"
                class="press"
                aria-expanded={open === 'move'}
                onclick={() => show('move')}>Move it</button
            >{/if}
        {#if booking.can_bring && on}<button
                type="button"
                class="press"
                aria-expanded={open === 'guest'}
                onclick={() => show('guest')}>Add another adult</button
            >{/if}
        {#if booking.can_answer && asked.length > 0 && on}<button
                type="button"
                class="press"
                aria-expanded={open === 'answers'}
                onclick={() => show('answers')}
                >{asked.length > 1 ? 'Change my answers, or add a word' : `A word to ${booking.host.name}`}</button
            >{/if}
        {#if !booking.own && on}<button type="button" class="press away" onclick={() => leave(null)}
                >I am not coming</button
            >{/if}
        {#if booking.can_give_back && phase !== 'now' && on}
            <GiveBack
                id={booking.id}
                open="Cancel"
                ask="A word to {booking.host.name}"
                go="Cancel this meeting"
                keep="Do not cancel"
                act={giveBack}
            />
        {/if}
        {#if !on && booking.own}<a
                class="press"
                href={booking.sheet_path}
                onclick={() => sessionStorage.setItem('recess.pass', pass.path)}
                >{off ? 'Pick another time' : `Book with ${booking.host.name} again`}</a
            >{/if}
    </div>
    {#if open === 'move'}
        <Mover
            load={(from) =>
                ask(
                    api.GET('/api/s/{slug}', {
                        params: {
                            path: { slug: booking.sheet_path.slice('/s/'.length) },
                            query: { pass: token, moving: String(booking.id), ...(from ? { from } : {}) },
                        },
                    }),
                )}
            now={booking.key}
            host={booking.host.door.slice('/d/'.length)}
            move={async (slot, host) => {
                const answer = await ask(
                    api.POST('/api/p/{token}/bookings/{booking}/move', { params: { path }, body: { slot, host } }),
                );
                settle(answer);
                if (!answer.trouble) return null;
                const { other_host: other } = (answer.body ?? {}) as Partial<Schema['Problem']>;
                return { message: answer.trouble.message, other: other ?? null };
            }}
        />
    {:else if open === 'guest'}
        <form class="mt-4 grid max-w-xl gap-3" novalidate onsubmit={onSent(bring)}>
            <p>They get a private page of their own and the same letters, and can leave.</p>
            <Field
                name="guest-name-{booking.id}"
                label="Their name"
                required
                bind:value={guest.name}
                error={fields.name}
            />
            <Field
                name="guest-email-{booking.id}"
                label="Their e-mail address"
                type="email"
                required
                bind:value={guest.email}
                error={fields.email}
            />
            <label class="flex min-h-11 items-center gap-2"
                ><input type="checkbox" bind:checked={guest.may_change} /> They may move and cancel the meeting, too</label
            >
            {#if message}<p class="notice" role="alert">{message}</p>{/if}
            <button class="press main justify-self-start">Add them</button>
        </form>
    {:else if open === 'answers'}
        <form class="mt-4 grid max-w-xl gap-3" novalidate onsubmit={onSent(change)}>
            {#each asked as question (question.key)}
                <Answer
                    {question}
                    value={answers[question.key]}
                    error={fields[`answers.${question.key}`]}
                    change={(value) => (answers[question.key] = value)}
                />
            {/each}
            {#if message}<p class="notice" role="alert">{message}</p>{/if}
            <button class="press main justify-self-start">Save</button>
        </form>
    {/if}
</article>

<style>
    .under-way {
        border-left: 6px solid var(--marigold);
    }
</style>
