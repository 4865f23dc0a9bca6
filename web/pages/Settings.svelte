<script lang="ts">
    /** What a staff member sets for themselves, and the office for the school. */
    import { say } from '../lib/say';
    import { Button, Checkbox, Radio, Select } from '../lib/controls';
    import FilePress from '../controls/FilePress.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, formOf, type Schema, type Trouble } from '../lib/api';
    import Field from '../controls/Field.svelte';
    import StaffHead from '../parts/StaffHead.svelte';
    import Calendars from '../settings/Calendars.svelte';
    import SavedPlaces from '../settings/SavedPlaces.svelte';
    import { onSent } from '../lib/form';

    interface Props {
        host: string;
        settings: Schema['Settings'];
    }
    let { host, settings: first }: Props = $props();

    let changed = $state<Schema['Settings'] | null>(null);
    const settings = $derived(changed ?? first);
    // svelte-ignore state_referenced_locally -- begins with what is kept
    let me = $state<Schema['MeForm']>(mine(first.me));
    let fields = $state<Record<string, string>>({});
    let said = $state('');
    let trouble = $state('');

    function mine(from: Schema['Me']): Schema['MeForm'] {
        const { name, title, subject, zone, clock, language, notify, tentative_busy } = from;
        return { name, title, subject, zone, clock, language, notify, tentative_busy };
    }
    function settle(answer: { data?: Schema['Settings']; trouble?: Trouble }, done = say('settings.kept')) {
        fields = answer.trouble?.fields ?? {};
        trouble = answer.trouble ? (fields.picture ?? answer.trouble.message) : '';
        said = answer.data ? done : '';
        if (answer.data) changed = answer.data;
    }
    async function save() {
        const was = settings.me.language;
        const answer = await ask(api.PUT('/api/staff/me', { body: me }));
        settle(answer);
        // All that the page says is in its document.
        if (answer.data && answer.data.me.language !== was) location.reload();
    }
    const renew = async () => settle(await ask(api.POST('/api/staff/me/feed')), say('settings.feed_renewed'));
    async function picture(file: File | null) {
        settle(
            await ask(
                api.POST('/api/staff/me/picture', {
                    body: {},
                    ...formOf({ picture: file }),
                }),
            ),
        );
    }
    const CHOICES = {
        clock: [
            ['auto', say('settings.clock_auto')],
            ['24', say('settings.clock_24')],
            ['12', say('settings.clock_12')],
        ],
        notify: [
            ['each', say('settings.notify_each')],
            ['daily', say('settings.notify_daily')],
            ['never', say('settings.notify_never')],
        ],
    } as const;
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="mb-4 flex flex-wrap items-baseline gap-x-6">
        <h1>{say('settings.settings')}</h1>
        {#if settings.office}<a class="inline-flex min-h-11 items-center" href="/staff/school"
                >{say('settings.the_schools_settings')}</a
            >{/if}
    </div>
    <p role="status" class:good-news={said}>{said}</p>
    {#if trouble}<Notice>{trouble}</Notice>{/if}

    <section class="mt-4 grid items-start gap-x-10 gap-y-4 lg:grid-cols-[1fr_22rem]" aria-labelledby="me">
        <h2 id="me" class="lg:col-span-2">{say('settings.you')}</h2>
        <form class="grid gap-4" novalidate onsubmit={onSent(save)}>
            <div class="grid gap-4 sm:grid-cols-2">
                <Field name="name" label={say('settings.name')} required bind:value={me.name} error={fields.name} />
                <Field
                    name="title"
                    label={say('settings.title')}
                    help={say('settings.title_help')}
                    bind:value={me.title}
                    error={fields.title}
                />
                <Field
                    name="subject"
                    label={say('settings.subject_or_work')}
                    required
                    bind:value={me.subject}
                    error={fields.subject}
                />
            </div>
            {#each [['clock', say('settings.clock_times')], ['notify', say('settings.notify')]] as const as [name, label] (name)}
                <fieldset>
                    <legend class="font-semibold">{label}</legend>
                    <div class="flex flex-wrap gap-x-5">
                        {#each CHOICES[name] as [value, text] (value)}
                            <Radio {name} {value} group={me[name]} onchange={() => Object.assign(me, { [name]: value })}
                                >{text}</Radio
                            >
                        {/each}
                    </div>
                </fieldset>
            {/each}
            <div>
                <label for="language" class="mb-1 block font-semibold">{say('settings.language')}</label>
                <Select id="language" bind:value={me.language} placeholder="">
                    <option value="">{say('settings.language_browser')}</option>
                    {#each settings.languages as { code, name } (code)}<option value={code} lang={code}>{name}</option
                        >{/each}
                </Select>
                {#if fields.language}<p class="text-brick">{fields.language}</p>{/if}
            </div>
            <div>
                <label for="zone" class="mb-1 block font-semibold">{say('settings.zone')}</label>
                <Select id="zone" bind:value={me.zone} placeholder="">
                    <option value="">{say('settings.zone_school')}</option>
                    {#each settings.zones as zone (zone)}<option>{zone}</option>{/each}
                </Select>
            </div>
            <Checkbox bind:checked={me.tentative_busy}>{say('settings.tentative')}</Checkbox>
            <Button type="submit" class="justify-self-start">{say('settings.keep_this')}</Button>
        </form>
        <div class="grid gap-4">
            <div class="flex flex-wrap items-center gap-4">
                {#if settings.me.picture}<img
                        src={settings.me.picture}
                        alt={say('settings.you')}
                        width="64"
                        height="64"
                        class="rounded-full"
                    />{:else}<span class="initials" aria-hidden="true">{settings.me.initials}</span>{/if}
                <FilePress
                    label={say('settings.picture_of_you')}
                    accept="image/png,image/jpeg,image/webp"
                    take={picture}
                    >{settings.me.picture
                        ? say('settings.another_picture')
                        : say('settings.a_picture_of_you')}</FilePress
                >
                {#if settings.me.picture}<Button color="alternative" onclick={() => picture(null)}
                        >{say('settings.without_a_picture')}</Button
                    >{/if}
            </div>
            <p>
                <a class="inline-flex min-h-11 items-center" href="/staff/account">{say('settings.to_account')}</a>
            </p>
            <div>
                <p class="font-semibold">{say('settings.your_door')}</p>
                <p><a href={settings.me.door}>{settings.me.door}</a></p>
                <p class="mt-2 font-semibold">{say('settings.feed')}</p>
                <p class="wrap-anywhere">{settings.me.feed}</p>
                <p class="text-faint">{say('settings.feed_private')}</p>
                <Button color="alternative" class="mt-1" onclick={renew}>{say('settings.feed_renew')}</Button>
            </div>
        </div>
    </section>

    <div class="grid items-start gap-x-10 lg:grid-cols-2">
        <Calendars {settings} changed={(now) => (changed = now)} />
        <SavedPlaces {settings} changed={(now) => (changed = now)} />
    </div>
</main>
