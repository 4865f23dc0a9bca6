<script lang="ts">
    /** Who the visitor is and about whom they come: what was mistyped is mended here. */
    import { say } from '../lib/say';
    import { tick } from 'svelte';
    import { api, ask, type Schema, type Trouble } from '../lib/api';
    import Contact from './Contact.svelte';
    import Field from './Field.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        pass: Schema['Pass'];
        changed: (pass: Schema['Pass']) => void;
    }
    let { pass, changed }: Props = $props();

    let open = $state<'' | 'holder' | 'student'>('');
    let form = $state({ name: '', phone: '', email: '' });
    let student = $state({ was: '', name: '' });
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let said = $state('');
    let news = $state<HTMLElement>();
    const path = $derived({ token: pass.path.slice('/p/'.length) });

    function settle(answer: { data?: Schema['Pass']; trouble?: Trouble }, done: string) {
        fields = answer.trouble?.fields ?? {};
        message = answer.trouble?.message ?? '';
        said = answer.data ? done : '';
        if (!answer.data) return;
        open = '';
        changed(answer.data);
        void tick().then(() => news?.focus());
    }
    const mend = async () => {
        const another = form.email.trim() !== '' && form.email.trim() !== pass.email;
        settle(
            await ask(
                api.POST('/api/p/{token}/holder', {
                    params: { path },
                    body: { ...form, email: form.email || null },
                }),
            ),
            another ? say('visit.holder_saved_email') : say('visit.holder_saved'),
        );
    };
    const rename = async () =>
        settle(
            await ask(api.POST('/api/p/{token}/student', { params: { path }, body: student })),
            say('visit.holder_saved_student'),
        );
    function show(what: typeof open) {
        open = open === what ? '' : what;
        form = { name: pass.name, phone: pass.phone, email: pass.new_email ?? pass.email };
        student = { was: pass.students[0] ?? '', name: pass.students[0] ?? '' };
        fields = {};
        message = said = '';
    }
</script>

<section class="no-print mt-8" aria-labelledby="holder">
    <h2 id="holder" class="mb-2">{say('visit.holder')}</h2>
    <p>
        {[pass.name, pass.phone, pass.email].filter(Boolean).join(' · ')}
        {#if pass.new_email}<span class="block text-faint"
                >{say('visit.holder_not_answered', { email: pass.new_email })}</span
            >{/if}
    </p>
    <div class="mt-2 flex flex-wrap gap-3">
        <button type="button" class="press" aria-expanded={open === 'holder'} onclick={() => show('holder')}
            >{say('visit.holder_change')}</button
        >
        {#if pass.students.length > 0}<button
                type="button"
                class="press"
                aria-expanded={open === 'student'}
                onclick={() => show('student')}>{say('visit.holder_student')}</button
            >{/if}
    </div>
    <div role="status" tabindex="-1" bind:this={news}>
        {#if said}<p class="good-news mt-3">{said}</p>{/if}
    </div>
    {#if open === 'holder'}
        <form class="mt-4 grid max-w-xl gap-3" novalidate onsubmit={onSent(mend)}>
            <Contact what="name" of="holder-" bind:value={form.name} error={fields.name} />
            <Contact what="phone" of="holder-" bind:value={form.phone} error={fields.phone} />
            <Contact
                what="email"
                of="holder-"
                help={say('visit.holder_email_counts')}
                bind:value={form.email}
                error={fields.email}
            />
            {#if message}<p class="notice" role="alert">{message}</p>{/if}
            <button class="press main justify-self-start">{say('visit.save')}</button>
        </form>
    {:else if open === 'student'}
        <form class="mt-4 grid max-w-xl gap-3" novalidate onsubmit={onSent(rename)}>
            {#if pass.students.length > 1}
                <div>
                    <label for="student-was" class="mb-1 block font-semibold">{say('visit.holder_student_was')}</label>
                    <select
                        id="student-was"
                        class="box w-full"
                        bind:value={student.was}
                        onchange={() => (student.name = student.was)}
                    >
                        {#each pass.students as one (one)}<option>{one}</option>{/each}
                    </select>
                </div>
            {/if}
            <Field
                name="student-name"
                label={say('visit.holder_student_is')}
                required
                bind:value={student.name}
                error={fields.name}
            />
            {#if message}<p class="notice" role="alert">{message}</p>{/if}
            <button class="press main justify-self-start">{say('visit.save')}</button>
        </form>
    {/if}
</section>
