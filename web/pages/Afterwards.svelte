<script lang="ts">
    /** What became of a sheet's days: figures and small pictures, and a message to those who came or did not. */
    import { say } from '../lib/say';
    import { Button, Modal } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import Pick from '../controls/Pick.svelte';
    import { api, ask, beside, type Schema } from '../lib/api';
    import { newKey } from '../lib/key';
    import DayPicture from '../desk/DayPicture.svelte';
    import StaffHead from '../parts/StaffHead.svelte';

    interface Props {
        host: string;
        data: Schema['Afterwards'];
    }
    let { host, data: first }: Props = $props();

    let changed = $state<Schema['Afterwards'] | null>(null);
    const data = $derived(changed ?? first);
    // svelte-ignore state_referenced_locally
    let date = $state(first.days[0]?.date ?? '');
    let to = $state<'met' | 'missed'>('missed');
    let subject = $state('');
    let text = $state('');
    let key = newKey();
    let fields = $state<Record<string, string>>({});
    let message = $state('');
    let said = $state('');
    let looking = $state(false);
    let letters = $state<Schema['AfterPreview']['letters']>([]);
    const path = $derived({ params: { path: { sheet: data.id } } });
    const going = $derived(letters.filter((one) => one.email !== null));
    const form = () => ({ to, date, subject, text });

    function failed(trouble: { message: string; fields: Record<string, string> } | undefined) {
        fields = trouble?.fields ?? {};
        message = beside(trouble);
    }
    /** Nothing goes before each was seen. */
    async function look() {
        said = '';
        const answer = await ask(api.POST('/api/staff/sheets/{sheet}/afterwards/preview', { ...path, body: form() }));
        failed(answer.trouble);
        if (!answer.data) return;
        letters = answer.data.letters;
        key = newKey();
        looking = true;
    }
    function sentSaid({ when, by, subject, readers, to }: (typeof data.letters)[number]): string {
        const values = { when, by, subject, many: readers.length };
        return to === 'met' ? say('desk.sent_met', values) : say('desk.sent_missed', values);
    }
    async function send() {
        const answer = await ask(
            api.POST('/api/staff/sheets/{sheet}/afterwards', { ...path, body: { ...form(), request_key: key } }),
        );
        looking = false;
        failed(answer.trouble);
        if (!answer.data) return;
        changed = answer.data;
        said = say('desk.messages_on_way', { many: going.length });
        subject = text = '';
    }
    const minutes = (value: number | null) => (value === null ? '–' : `${value} min`);
    const write = (blank: string) => (text += `{${blank}}`);
</script>

<main class="sheet-of-paper">
    <StaffHead {host} />
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h1>{say('desk.afterwards')}</h1>
        <p class="me-auto"><a href="/staff/sheets/{data.id}">{data.title}</a></p>
        {#if data.days.length > 0}<Button size="sm" color="alternative" href="/staff/sheets/{data.id}/figures.csv"
                >{say('desk.figures_as_csv')}</Button
            >{/if}
    </div>
    {#if data.days.length === 0}
        <p class="mt-3">{say('desk.none_yet')}</p>
    {:else}
        <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
        <div class="mt-3 overflow-x-auto" role="region" aria-label={say('desk.figures_by_day')} tabindex="0">
            <table class="w-full text-start">
                <thead
                    ><tr class="text-faint"
                        ><th>{say('desk.day')}</th><th class="w-[38%] min-w-48">{say('desk.to_scale')}</th><th
                            >{say('desk.offered')}</th
                        ><th>{say('desk.booked')}</th><th>{say('desk.came')}</th><th>{say('desk.did_not')}</th><th
                            >{say('desk.average_wait')}</th
                        ><th>{say('desk.average_overrun')}</th></tr
                    ></thead
                >
                <tbody>
                    {#each data.days as day (day.date)}
                        <tr class="border-t border-line">
                            <th class="py-1 pe-3 font-semibold whitespace-nowrap" scope="row">{day.label}</th>
                            <td class="py-1 pe-4"><DayPicture {day} /></td>
                            <td class="times">{day.offered}</td><td class="times">{day.booked}</td><td class="times"
                                >{day.came}</td
                            ><td class="times">{day.missed}</td><td class="times">{minutes(day.wait)}</td><td
                                class="times">{minutes(day.overrun)}</td
                            >
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
        <p class="mt-1 text-[0.9rem] text-faint">
            {say('desk.legend')}
        </p>
        <section class="mt-5 grid max-w-2xl gap-3" aria-labelledby="write">
            <h2 id="write">{say('desk.write')}</h2>
            {#if said}<p class="good-news" role="status">{said}</p>{/if}
            {#if message}<Notice>{message}</Notice>{/if}
            <div class="flex flex-wrap gap-3">
                <label
                    >{say('desk.write_to')}<Pick class="ms-2" bind:value={to}
                        ><option value="missed">{say('desk.to_missed')}</option><option value="met"
                            >{say('desk.to_met')}</option
                        ></Pick
                    ></label
                >
                <label
                    >{say('desk.write_on')}<Pick class="ms-2" bind:value={date}
                        >{#each data.days as day (day.date)}<option value={day.date}>{day.label}</option>{/each}</Pick
                    ></label
                >
            </div>
            <Field
                name="after-subject"
                label={say('desk.subject')}
                required
                maxlength={200}
                bind:value={subject}
                error={fields.subject}
            />
            <Field
                name="after-text"
                label={say('desk.message')}
                required
                lines={4}
                maxlength={5000}
                bind:value={text}
                error={fields.text}
            />
            <p class="flex flex-wrap items-center gap-2">
                {say('desk.blanks')}
                {#each data.blanks as blank (blank)}<button
                        type="button"
                        class="link"
                        aria-label={say('desk.blank_put', { blank })}
                        onclick={() => write(blank)}>{'{'}{blank}{'}'}</button
                    >{/each}
            </p>
            <Button class="justify-self-start" disabled={!subject.trim() || !text.trim()} onclick={look}
                >{say('desk.look_over')}</Button
            >
        </section>
        {#if data.letters.length > 0}
            <section class="mt-5" aria-labelledby="sent">
                <h2 id="sent">{say('desk.sent')}</h2>
                <ul>
                    {#each data.letters as one, i (i)}
                        <li class="border-t border-line py-1">
                            <details>
                                <summary class="min-h-11 cursor-pointer py-2">{sentSaid(one)}</summary>
                                <p class="whitespace-pre-line">{one.text}</p>
                                <p class="text-faint">{say('desk.sent_to', { names: one.readers.join(', ') })}</p>
                                {#if one.failed.length > 0}<p class="notice">
                                        {say('desk.sent_failed', { names: one.failed.join(', ') })}
                                    </p>{/if}
                            </details>
                        </li>
                    {/each}
                </ul>
            </section>
        {/if}
    {/if}
    <Modal bind:open={looking} title={say('desk.each_reads')} size="md" autoclose={false}>
        {#if letters.length === 0}<p>{say('desk.nobody_noted')}</p>{/if}
        <ul class="grid max-h-96 gap-3 overflow-y-auto">
            {#each letters as one, i (i)}
                <li class="border-b border-line pb-2">
                    <p class="font-semibold">
                        {one.email ? say('desk.name_email', { name: one.name, email: one.email }) : one.name}
                    </p>
                    {#if one.email}
                        <p>{one.subject}</p>
                        <p class="whitespace-pre-line text-faint">{one.text}</p>
                    {:else}
                        <p class="notice">
                            {one.phone ? say('desk.no_address_ring', { phone: one.phone }) : say('desk.no_address')}
                        </p>
                    {/if}
                </li>
            {/each}
        </ul>
        {#if going.length > 0}<Button onclick={send}>{say('desk.send_messages', { many: going.length })}</Button>{/if}
    </Modal>
</main>
