<script lang="ts">
    /** What whoever is asked should know: whom it concerns, the work in question, where, and who asks. */
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
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
                label: say('asking.student'),
                help: say('asking.student_help'),
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
        <Field
            name="details"
            label={say('asking.details')}
            lines={3}
            bind:value={typed.details}
            error={fields.details}
            {change}
        />
        <Field
            name="work"
            label={say('asking.work')}
            type="url"
            help={say('asking.work_help')}
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
                <Said key="asking.place" values={{ label: page.places[0].label, directions: page.places[0].directions }}
                    >{#snippet bold(text)}<strong>{text}</strong>{/snippet}{#snippet faint(text)}<span
                            class="text-faint">{text}</span
                        >{/snippet}</Said
                >
            </p>
        {/if}
        {#if known}
            <p class="text-faint">
                <Said key="asking.goes_to" values={{ name: known.name }}
                    >{#snippet link(text)}<a href="/p/{pass}">{text}</a>{/snippet}</Said
                >
                <button type="button" class="link" onclick={another}>{say('asking.somebody_else')}</button>
            </p>
        {:else}
            <div class="grid gap-4 sm:grid-cols-2">
                <Contact what="name" bind:value={typed.name} error={fields.name} {change} />
                <Contact what="phone" bind:value={typed.phone} error={fields.phone} {change} />
            </div>
            <Contact
                what="email"
                required
                help={say('asking.email_help')}
                bind:value={typed.email}
                error={fields.email}
                {change}
            />
        {/if}
    </div>
</div>
