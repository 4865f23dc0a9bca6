<script lang="ts">
    /** What whoever is asked should know: whom it concerns, the work in question, where, and who asks. */
    import type { Schema } from '../lib/api';
    import Answer from '../parts/Answer.svelte';
    import Contact from '../parts/Contact.svelte';
    import Field from '../parts/Field.svelte';
    import WherePick from '../parts/WherePick.svelte';
    import Student from '../parts/Student.svelte';
    import type { Typed } from './typed';

    interface Props {
        page: Schema['KnockPage'];
        typed: Typed;
        /** Who the pass says they are, and the end of its address; null and nothing without one. */
        known: Pick<Schema['Pass'], 'name' | 'email' | 'phone' | 'students'> | null;
        pass: string;
        /** What is wrong, by field. */
        fields: Record<string, string>;
        change: () => void;
        /** The place is another one: the way to it may be longer. */
        elsewhere: () => void;
        /** Somebody else asks. */
        another: () => void;
    }
    let { page, typed = $bindable(), known, pass, fields, change, elsewhere, another }: Props = $props();
</script>

<div class="grid items-start gap-x-8 gap-y-4 md:grid-cols-2">
    <div class="grid gap-4">
        <Student
            question={{
                key: 'student',
                kind: 'student',
                label: 'Whom does it concern?',
                help: 'The student’s name.',
                required: page.children !== null,
                on_run_sheet: true,
                choices: [],
            }}
            known={page.children ?? known?.students ?? []}
            only={page.children !== null}
            value={typed.student}
            error={fields.student}
            change={(value) => {
                typed.student = value;
                change();
            }}
        />
        <Field name="details" label="Details" lines={3} bind:value={typed.details} error={fields.details} {change} />
        <Field
            name="work"
            label="Address of the work in question"
            type="url"
            help="Such as https://docs.example.org/essay"
            bind:value={typed.work}
            error={fields.work}
            {change}
        />
        {#each page.questions as question (question.key)}
            <Answer
                {question}
                value={typed.answers[question.key]}
                error={fields[`answers.${question.key}`]}
                change={(value) => {
                    typed.answers[question.key] = value;
                    change();
                }}
            />
        {/each}
    </div>
    <div class="grid gap-4">
        {#if page.places.length > 1}
            <WherePick
                places={page.places}
                chosen={typed.place ?? page.places[0]!.id}
                pick={(id) => {
                    typed.place = id;
                    change();
                    elsewhere();
                }}
            />
        {:else if page.places[0]}
            <p>
                Where: <strong>{page.places[0].label}</strong>
                <span class="text-faint">{page.places[0].directions}</span>
            </p>
        {/if}
        {#if known}
            <p class="text-faint">
                This goes to <a href="/p/{pass}">your bookings</a>, for {known.name}.
                <button type="button" class="link" onclick={another}>Somebody else asks</button>
            </p>
        {:else}
            <div class="grid gap-4 sm:grid-cols-2">
                <Contact what="name" bind:value={typed.name} error={fields.name} {change} />
                <Contact what="phone" bind:value={typed.phone} error={fields.phone} {change} />
            </div>
            <Contact
                what="email"
                required
                help="For the answer, and the calendar entry."
                bind:value={typed.email}
                error={fields.email}
                {change}
            />
        {/if}
    </div>
</div>
