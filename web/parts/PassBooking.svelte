<script lang="ts">
    /** One booking on a pass: what, when, where, about whom, and the ways to move it, change it or give it back. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
            say('pass.answers_saved', { host: booking.host.name }),
        );
    const answerJoiner = async (joiner: number, bring: boolean) =>
        settle(
            await ask(
                api.POST('/api/p/{token}/bookings/{booking}/joiners', {
                    params: { path },
                    body: { joiner, bring, may_change: joinersMayChange },
                }),
            ),
            bring ? '' : say('pass.joiner_not_added'),
        );
    const answerOffer = async (take: boolean) =>
        settle(
            await ask(api.POST('/api/p/{token}/bookings/{booking}/offer', { params: { path }, body: { take } })),
            take ? say('pass.offer_taken') : say('pass.offer_left'),
        );
    function show(what: typeof open) {
        open = open === what ? '' : what;
        if (open === 'answers') answers = { ...(booking.answers as Record<string, unknown>), phone: pass.phone };
        message = '';
        fields = {};
    }
    const asked = $derived(booking.questions.filter((one) => one.kind !== 'student'));
    const otherClock = $derived(elsewhere(booking, booking.zone_name));
    const called = (question: Schema['VisitQuestion'], choice: string) =>
        question.choices_said[question.choices.indexOf(choice)] ?? choice;
    const said = (question: Schema['VisitQuestion'], value: unknown) =>
        Array.isArray(value)
            ? value.map((one) => called(question, String(one))).join(', ')
            : value === true
              ? say('pass.yes')
              : value === false
                ? say('pass.no')
                : called(question, String(value ?? ''));
</script>

<article
    class="slip"
    class:under-way={phase === 'now' && !off}
    class:text-faint={phase === 'over'}
    aria-label={say('pass.called', { title: booking.title, date: booking.date, at: clock.say(booking.from) })}
>
    {#if off}
        <p class="notice mb-3" role="status">
            {booking.off_said}
            {#if booking.cancel_note}<span class="block whitespace-pre-line">“{booking.cancel_note}”</span>{/if}
        </p>
    {:else if booking.state === 'kept'}
        <p class="notice mb-3" role="status">
            {say('pass.kept_until', { until: booking.confirm_until ?? '', email: pass.email })}
        </p>
    {:else if booking.line && ['here', 'called'].includes(booking.line.state)}
        <!-- The line says it. -->
    {:else if phase === 'over' || booking.line?.state === 'over'}
        <p class="mb-2">
            {booking.line && booking.line.state !== 'over' && booking.line.state !== 'ahead'
                ? say('pass.over_late')
                : say('pass.over')}
        </p>
    {:else if phase === 'now' && booking.state === 'booked'}
        <p class="good-news mb-3 flex flex-wrap items-center gap-3" role="status">
            {say('pass.now_until', { until: clock.say(booking.until) })}
            {#if booking.place.link}<a class="press main" href={booking.place.link} rel="noreferrer"
                    >{say('pass.go_to_meeting')}</a
                >{/if}
        </p>
    {:else if phase === 'soon' && booking.state === 'booked'}
        <p class="good-news mb-3" role="status">{say('pass.within_hour')}</p>
    {:else if booking.state === 'asked'}
        <p class="good-news mb-3" role="status">
            {booking.maybe
                ? say('pass.maybe_until', { host: booking.host.name, until: booking.held_until ?? '' })
                : say('pass.asked_until', { host: booking.host.name, until: booking.held_until ?? '' })}
            {#if booking.answer_note}<span class="block">“{booking.answer_note}”</span>{/if}
        </p>
    {/if}
    {#if booking.line && !off}<InLine {pass} {booking} line={booking.line} {changed} />{/if}
    {#if booking.offer && !off}
        <div class="good-news no-print mb-4 grid gap-2">
            <p>
                <Said
                    key="pass.offer"
                    values={{ host: booking.host.name, when: booking.offer.when, until: booking.offer.until }}
                    >{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said
                >
            </p>
            {#if booking.offer.word}<p class="whitespace-pre-line">“{booking.offer.word}”</p>{/if}
            <p class="flex flex-wrap gap-3">
                <button type="button" class="press main" onclick={() => answerOffer(true)}
                    >{say('pass.take_time')}</button
                >
                <button type="button" class="press" onclick={() => answerOffer(false)}>{say('pass.no_thanks')}</button>
            </p>
            {#if message && open === ''}<p role="alert">{message}</p>{/if}
        </div>
    {/if}
    <h2 class={off ? 'text-faint line-through' : ''}>
        <time datetime={booking.key}
            >{booking.date}<br />{say('said.between', {
                from: clock.say(booking.from),
                until: clock.say(booking.until),
            })}</time
        >
    </h2>
    <dl class="facts my-4">
        <dt>{say('pass.what')}</dt>
        <dd>{booking.title}</dd>
        <dt>{say('pass.with')}</dt>
        <dd>{say('pass.host', { host: booking.host.name, subject: booking.host.subject })}</dd>
        {#if booking.student}
            <dt>{say('pass.about')}</dt>
            <dd>{booking.student}</dd>
        {/if}
        <dt>{say('pass.where')}</dt>
        <dd>
            {booking.place.label}{#if booking.place.link && !off}: <a href={booking.place.link} rel="noreferrer"
                    >{booking.place.link}</a
                >{/if}
            {#if booking.place.promise}<span class="block">{booking.place.promise}</span>{/if}
            {#if booking.place.directions}<span class="block text-faint"><bdi>{booking.place.directions}</bdi></span
                >{/if}
            {#if booking.place.picture}<a class="link" href={booking.place.picture}>{say('pass.way_picture')}</a>{/if}
        </dd>
        <dt>{say('pass.time_zone')}</dt>
        <dd>
            {booking.zone}{#if otherClock}<span class="block">{say('pass.own_zone', { there: otherClock })}</span>{/if}
        </dd>
        {#if !booking.own}
            <dt>{say('pass.with_you')}</dt>
            <dd>{say('pass.who_booked', { visitor: booking.visitor })}</dd>
        {/if}
        {#each asked.filter((one) => one.key !== 'phone' && said(one, (booking.answers as Record<string, unknown>)[one.key])) as question (question.key)}
            <dt>{question.label}</dt>
            <dd>{said(question, (booking.answers as Record<string, unknown>)[question.key])}</dd>
        {/each}
        {#if booking.also.length > 0}
            <dt>{say('pass.same_time')}</dt>
            <dd>{booking.also.join(', ')}</dd>
        {/if}
        {#if booking.guests.length > 0}
            <dt>{say('pass.also_coming')}</dt>
            <dd>
                {#each booking.guests as one (one.id)}
                    <span class="block"
                        >{one.may_change ? say('pass.guest_changes', { guest: one.name }) : one.name}
                        {#if booking.own && on}<button
                                type="button"
                                class="no-print min-h-11 cursor-pointer text-board underline underline-offset-4"
                                onclick={() => leave(one.id)}>{say('pass.is_not_coming')}</button
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
                    {say('pass.joiner', { name: one.name })}
                    <button type="button" class="press" onclick={() => answerJoiner(one.id, true)}
                        >{say('pass.add_them')}</button
                    >
                    <button type="button" class="press" onclick={() => answerJoiner(one.id, false)}
                        >{say('pass.joiner_no')}</button
                    >
                </p>
            {/each}
            <label class="flex min-h-11 items-center gap-2"
                ><input type="checkbox" bind:checked={joinersMayChange} /> {say('pass.guest_may_change')}</label
            >
            {#if message && open === ''}<p role="alert">{message}</p>{/if}
        </div>
    {/if}
    <div class="no-print flex flex-wrap items-start gap-3">
        {#if on && booking.state !== 'kept'}<a class="press" href={booking.entry_path} download
                >{say('pass.calendar_add')}</a
            >{/if}
        {#if booking.can_move && phase !== 'now' && on}<button
                type="button"
                class="press"
                aria-expanded={open === 'move'}
                onclick={() => show('move')}>{say('pass.move')}</button
            >{/if}
        {#if booking.can_bring && on}<button
                type="button"
                class="press"
                aria-expanded={open === 'guest'}
                onclick={() => show('guest')}>{say('pass.guest')}</button
            >{/if}
        {#if booking.can_answer && asked.length > 0 && on}<button
                type="button"
                class="press"
                aria-expanded={open === 'answers'}
                onclick={() => show('answers')}
                >{asked.length > 1
                    ? say('pass.answers_change')
                    : say('pass.answers_word', { host: booking.host.name })}</button
            >{/if}
        {#if !booking.own && on}<button type="button" class="press away" onclick={() => leave(null)}
                >{say('pass.give_back')}</button
            >{/if}
        {#if booking.can_give_back && phase !== 'now' && on}
            <GiveBack
                id={booking.id}
                open={say('pass.cancel')}
                ask={say('pass.answers_word', { host: booking.host.name })}
                go={say('pass.cancel_this_meeting')}
                keep={say('pass.do_not_cancel')}
                act={giveBack}
            />
        {/if}
        {#if !on && booking.own}<a
                class="press"
                href={booking.sheet_path}
                onclick={() => sessionStorage.setItem('recess.pass', pass.path)}
                >{off ? say('pass.pick_again') : say('pass.book_again', { host: booking.host.name })}</a
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
            <p>{say('pass.guest_intro')}</p>
            <Field
                name="guest-name-{booking.id}"
                label={say('pass.guest_name')}
                required
                bind:value={guest.name}
                error={fields.name}
            />
            <Field
                name="guest-email-{booking.id}"
                label={say('pass.guest_email')}
                type="email"
                required
                bind:value={guest.email}
                error={fields.email}
            />
            <label class="flex min-h-11 items-center gap-2"
                ><input type="checkbox" bind:checked={guest.may_change} /> {say('pass.guest_may_change')}</label
            >
            {#if message}<p class="notice" role="alert">{message}</p>{/if}
            <button class="press main justify-self-start">{say('pass.add_them')}</button>
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
            <button class="press main justify-self-start">{say('pass.save')}</button>
        </form>
    {/if}
</article>

<style>
    .under-way {
        border-inline-start: 6px solid var(--marigold);
    }
</style>
