<script lang="ts">
    /** For the office: who works here, who has come, and whom else to invite. */
    import { say } from '../lib/say';
    import { Button, Label, Select } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import UndoToast from '../controls/UndoToast.svelte';
    import { api, ask, beside, type Schema, type Trouble } from '../lib/api';
    import Parting from '../settings/Parting.svelte';
    import StaffFile from '../settings/StaffFile.svelte';
    import StaffHead from '../parts/StaffHead.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        host: string;
        list: Schema['StaffList'];
    }
    let { host, list: first }: Props = $props();

    /** So many keep the page within two screens; whoever is sought is found beyond them. */
    const MOST = 16;
    let changed = $state<Schema['StaffList'] | null>(null);
    const list = $derived(changed ?? first);
    const blank = (): Schema['InviteForm'] => ({ name: '', email: '', subject: '', role: 'staff' });
    let form = $state(blank());
    let fields = $state<Record<string, string>>({});
    let said = $state('');
    let trouble = $state('');
    let working = $state(false);
    let undo = $state<{ said: string; act: () => void } | null>(null);
    let sought = $state('');
    let all = $state(false);

    const found = $derived(
        list.filter((one) =>
            `${one.name} ${one.email} ${one.subject}`.toLowerCase().includes(sought.trim().toLowerCase()),
        ),
    );
    const shown = $derived(all ? found : found.slice(0, MOST));

    function settle(answer: { data?: Schema['StaffList']; trouble?: Trouble }, done: string): boolean {
        working = false;
        fields = answer.trouble?.fields ?? {};
        trouble = beside(answer.trouble);
        said = answer.data ? done : '';
        if (answer.data) changed = answer.data;
        // What happened stands on top, and the forms below it.
        if (said) scrollTo({ top: 0 });
        return answer.data !== undefined;
    }
    async function invite(whom = form) {
        working = true;
        const { name } = whom;
        if (settle(await ask(api.POST('/api/staff/people', { body: whom })), say('office.gets_letter', { name })))
            form = blank();
    }
    const at = (one: Schema['StaffPerson']) => ({ params: { path: { person: one.id } } });
    async function again(one: Schema['StaffPerson']) {
        const answer = await ask(api.POST('/api/staff/people/{person}/invitation', at(one)));
        settle(answer, say('office.gets_letter_again', { name: one.name }));
    }
    async function takeBack(one: Schema['StaffPerson']) {
        const answer = await ask(api.DELETE('/api/staff/people/{person}/invitation', at(one)));
        if (!settle(answer, '')) return;
        const { name, email, subject, role } = one;
        const back = () => void invite({ name, email, subject, role });
        undo = { said: say('office.not_on_list', { name }), act: back };
    }
    const ROLES = { staff: say('office.staff'), office: say('office.office'), reader: say('office.reader') } as const;
    async function setRole(one: Schema['StaffPerson'], role: Schema['Role']) {
        const was = one.role;
        const answer = await ask(api.PUT('/api/staff/people/{person}', { ...at(one), body: { role } }));
        // What is shown is what is.
        if (!settle(answer, '')) return (changed = [...list]);
        undo = {
            said: say(`office.is_${role}`, { name: one.name }),
            act: () => void setRole(one, was),
        };
    }
    /** Whose leaving or being away is seen to. */
    let parting = $state<number | null>(null);
</script>

{#if undo}{#key undo}<UndoToast said={undo.said} act={undo.act} done={() => (undo = null)} />{/key}{/if}
<main class="sheet-of-paper">
    <StaffHead {host} />
    <h1 class="mb-4">{say('office.staff')}</h1>
    <p role="status" class:good-news={said}>{said}</p>
    {#if trouble}<Notice>{trouble}</Notice>{/if}

    <div class="mt-4 grid items-start gap-8 lg:grid-cols-[1fr_20rem]">
        <section aria-labelledby="list">
            <h2 id="list" class="sr-only">{say('office.who_works_here')}</h2>
            {#if list.length > 10}<Field name="sought" label={say('office.people_find')} bind:value={sought} />{/if}
            <ul class="divide-y divide-line">
                {#each shown as one (one.id)}
                    <li class="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
                        <span class="me-auto min-w-56">
                            <strong>{one.name}</strong>
                            <span class="text-faint">{one.subject}</span><br />
                            <span class="text-faint">{one.email}</span>
                            {#if one.state}<br /><span class="font-semibold">{one.state}</span>{/if}
                            {#if one.lent}<br /><span class="font-semibold">{one.lent}</span>{/if}
                        </span>
                        {#if !one.left}
                            <Select
                                value={one.role}
                                disabled={one.you}
                                placeholder=""
                                aria-label={say('office.role_of', { name: one.name })}
                                onchange={(event) =>
                                    setRole(one, (event.currentTarget as HTMLSelectElement).value as Schema['Role'])}
                            >
                                {#each Object.entries(ROLES) as [role, name] (role)}<option value={role}>{name}</option
                                    >{/each}
                            </Select>
                        {/if}
                        {#if one.came && !one.you && !one.left}
                            <TextButton
                                aria-expanded={parting === one.id}
                                aria-label={say('office.parting_of', { name: one.name })}
                                onclick={() => (parting = parting === one.id ? null : one.id)}
                                >{say('office.parting')}</TextButton
                            >
                        {/if}
                        {#if one.left}
                            <TextButton
                                onclick={() => again(one)}
                                aria-label={say('office.invite_again_of', { name: one.name })}
                                >{say('office.invite_again')}</TextButton
                            >
                        {/if}
                        {#if !one.came && !one.left}
                            <TextButton
                                onclick={() => again(one)}
                                aria-label={say('office.letter_again_of', { name: one.name })}
                                >{say('office.letter_again')}</TextButton
                            >
                            <TextButton
                                away
                                onclick={() => takeBack(one)}
                                aria-label={say('office.invitation_back_of', { name: one.name })}
                                >{say('office.take_back')}</TextButton
                            >
                        {/if}
                        {#if parting === one.id}
                            <Parting
                                {one}
                                colleagues={list.filter((some) => some.id !== one.id && some.came && !some.left)}
                                done={(now, what) => {
                                    parting = null;
                                    changed = now;
                                    said = what;
                                    scrollTo({ top: 0 });
                                }}
                            />
                        {/if}
                    </li>
                {:else}
                    <li class="py-2">{say('office.find_none')}</li>
                {/each}
            </ul>
            {#if shown.length < found.length}<TextButton onclick={() => (all = true)}
                    >{say('office.show_all', { many: found.length })}</TextButton
                >{/if}
        </section>
        <div class="grid gap-6">
            <form class="slip grid gap-3" novalidate onsubmit={onSent(() => !working && invite())}>
                <h2>{say('office.invite_somebody')}</h2>
                <Field
                    name="invite-name"
                    label={say('office.name')}
                    required
                    bind:value={form.name}
                    error={fields.name}
                />
                <Field
                    name="invite-email"
                    label={say('office.e_mail_address')}
                    type="email"
                    required
                    bind:value={form.email}
                    error={fields.email}
                />
                <Field
                    name="invite-subject"
                    label={say('office.subject_or_work')}
                    required
                    bind:value={form.subject}
                    error={fields.subject}
                />
                <div>
                    <Label for="invite-role">{say('office.role')}</Label>
                    <Select id="invite-role" class="w-full" placeholder="" bind:value={form.role}>
                        <option value="staff">{say('office.role_staff_does')}</option>
                        <option value="office">{say('office.role_office_does')}</option>
                        <option value="reader">{say('office.role_reader_does')}</option>
                    </Select>
                </div>
                <p class="text-faint">{say('office.invite_help')}</p>
                <Button type="submit" class="justify-self-start" disabled={working}>{say('office.invite_press')}</Button
                >
            </form>
            <StaffFile
                sent={(now, what) => {
                    changed = now;
                    said = what;
                    scrollTo({ top: 0 });
                }}
            />
        </div>
    </div>
</main>
