<script lang="ts">
    /** What is asked of a visitor, in place, once a time is picked. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import { newKey } from '../lib/key';
    import type { Visitor } from '../lib/visitor.svelte';
    import Answer from './Answer.svelte';
    import AskToJoin from './AskToJoin.svelte';
    import Contact from './Contact.svelte';
    import Keep from './Keep.svelte';
    import WherePick from './WherePick.svelte';
    import Student from './Student.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        sheet: Schema['VisitSheet'];
        slot: Schema['Slot'] & { places?: number[] };
        /** The one of several hosts whom it has to be. */
        host: string | null;
        visitor: Visitor;
        booked: (pass: Schema['Pass']) => void;
        beaten: (gone: Schema['Gone']) => void;
        /** Whether the time can still be had, once it is not kept any more. */
        free: boolean;
        /** Keeps it again. */
        again: () => void;
    }
    let { sheet, slot, host, visitor, booked, beaten, free, again }: Props = $props();

    let working = $state(false);
    let message = $state('');
    let canJoin = $state(false);
    let fields = $state<Record<string, string>>({});
    let form = $state<HTMLFormElement>();

    const typed = $derived(visitor.typed);
    /** Where the visitor can get to in time. */
    const places = $derived(sheet.places.filter((one) => !slot.places || slot.places.includes(one.id)));
    const place = $derived(places.some((one) => one.id === typed.place) ? typed.place : (places[0]?.id ?? null));
    // On the pass, the visitor is known: only what differs from one booking to the next is asked.
    const phoneIsKnown = $derived(visitor.pass !== null && visitor.known?.phone !== '');
    const asked = $derived(phoneIsKnown ? sheet.questions.filter((one) => one.key !== 'phone') : sheet.questions);

    // The same wish keeps its key, however often it is pressed; another wish gets another.
    let sent = { wish: '', key: '' };

    async function keep() {
        visitor.remember();
        const answers = Object.fromEntries(
            asked.map((question) => [
                question.key,
                typed.answers[question.key] ?? (question.kind === 'several' ? [] : ''),
            ]),
        ) as Record<string, never>;
        for (const question of asked)
            if (question.kind === 'yes or no' && typeof answers[question.key] !== 'boolean')
                delete answers[question.key];
        const wish = {
            slot: slot.key,
            place,
            name: typed.name,
            email: typed.email,
            answers,
            pass: visitor.token,
            keep_key: visitor.keepKey,
            host,
        };
        const said = JSON.stringify(wish);
        if (sent.wish !== said) sent = { wish: said, key: newKey() };
        working = true;
        message = '';
        canJoin = false;
        const answer = await ask(
            api.POST('/api/s/{slug}/bookings', {
                params: { path: { slug: sheet.slug } },
                body: { ...wish, request_key: sent.key },
            }),
        );
        working = false;
        fields = answer.trouble?.fields ?? {};
        if (answer.data) {
            visitor.settled(slot.key);
            return booked(answer.data);
        }
        const gone = answer.body as Schema['Gone'] | null;
        // Where no other time would help, another student might.
        if (gone?.of_student && gone.nearest?.length === 0) fields = { 'answers.student': gone.message };
        else if (answer.status === 409 && gone?.nearest) return beaten(gone);
        canJoin = (answer.body as Schema['Problem'] | null)?.ask_to_join === true;
        message = gone?.of_student ? '' : (fields.slot ?? fields.request_key ?? fields.place ?? answer.trouble.message);
        requestAnimationFrame(() => form?.querySelector<HTMLElement>('[aria-invalid], [data-wrong]')?.focus());
    }
    // Where it can be about one alone, nothing is asked.
    $effect(() => {
        if (sheet.children?.length === 1 && typed.answers.student !== sheet.children[0])
            set('student', sheet.children[0]);
    });
    const student = $derived(sheet.questions.find((one) => one.kind === 'student'));
    const others = $derived(asked.filter((one) => one.kind !== 'student' && one.key !== 'phone'));
    const phone = $derived(asked.find((one) => one.key === 'phone'));
    /** Whom it is about stands on the press itself where it was not typed just now. */
    const about = $derived(
        visitor.pass &&
            [...(sheet.children ?? []), ...(visitor.known?.students ?? [])].includes(String(typed.answers.student))
            ? typed.answers.student
            : null,
    );
    const press = $derived(
        sheet.approve
            ? about
                ? say('visit.form_ask_about', { student: String(about) })
                : say('visit.form_ask')
            : about
              ? say('visit.form_book_about', { student: String(about) })
              : say('visit.form_book'),
    );
    const set = (key: string, value: unknown) => {
        typed.answers[key] = value;
        visitor.remember();
    };
</script>

{#snippet link(text: string)}<a href={visitor.pass}>{text}</a>{/snippet}
{#snippet asks(question: Schema['Question'])}
    <Answer
        {question}
        value={typed.answers[question.key]}
        error={fields[`answers.${question.key}`]}
        change={(value) => set(question.key, value)}
    />
{/snippet}

<form bind:this={form} class="grid gap-4" novalidate onsubmit={onSent(() => !working && keep())}>
    {#if student}
        <Student
            question={student}
            known={sheet.children ?? visitor.known?.students ?? []}
            only={sheet.children !== null}
            value={String(typed.answers.student ?? '')}
            error={fields['answers.student']}
            change={(value) => set('student', value)}
        />
    {/if}
    {#if visitor.pass}
        <p class="text-faint">
            {#if visitor.known}<Said key="visit.form_goes_to_for" values={{ name: visitor.known.name }} {link} />
            {:else}<Said key="visit.form_goes_to" {link} />{/if}
            <button type="button" class="link" onclick={() => visitor.forgetPass()}
                >{say('visit.form_somebody_else')}</button
            >
        </p>
        {#if phone}
            {@render asks(phone)}
        {/if}
    {:else}
        <div class="grid gap-4 sm:grid-cols-2">
            <Contact what="name" bind:value={typed.name} error={fields.name} change={() => visitor.remember()} />
            {#if phone}
                {@render asks(phone)}
            {/if}
        </div>
        <Contact
            what="email"
            help={sheet.confirm ? say('visit.form_confirm') : say('visit.form_email')}
            required={!sheet.email_optional}
            bind:value={typed.email}
            error={fields.email}
            change={() => visitor.remember()}
        />
    {/if}
    {#each others as question (question.key)}
        {@render asks(question)}
    {/each}
    {#if places.length > 1}
        <WherePick
            places={places.map(({ id, label }) => ({ id, label }))}
            chosen={place}
            pick={(id) => (typed.place = id)}
        />
    {:else if places.length === 1 && sheet.places.length > 1}
        <!-- What holds for this time, where other times can be elsewhere. -->
        <p>
            <Said key="visit.form_where" values={{ place: places[0]!.label }}
                >{#snippet bold(text)}<strong>{text}</strong>{/snippet}</Said
            >
        </p>
    {/if}
    {#if message}<p class="notice" role="alert">{message}</p>{/if}
    {#if canJoin}<AskToJoin
            slug={sheet.slug}
            who={() => ({
                pass: visitor.token,
                student: String(typed.answers.student ?? ''),
                name: visitor.known?.name ?? typed.name,
                email: typed.email || (visitor.known?.email ?? ''),
            })}
        />{/if}
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
        <button class="press main" disabled={working}>{working ? say('pages.one_moment') : press}</button>
        <Keep {visitor} {free} {again} />
    </div>
</form>
