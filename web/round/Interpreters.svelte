<script lang="ts">
    /** Who interprets in a round, and for which languages: families who need one are met only when one is free. */
    import { say } from '../lib/say';
    import { Label, Select } from '../lib/controls';
    import Notice from '../controls/Notice.svelte';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, firstOf, type Schema } from '../lib/api';

    type Round = Schema['RoundForm'];
    interface Props {
        round: Round;
        people: { id: number; name: string }[];
        languages: { code: string; name: string }[];
        changed: (interpreters: Round['interpreters']) => void;
    }
    let { round, people, languages, changed }: Props = $props();

    let adding = $state(false);
    let staff = $state('');
    let language = $state('');
    let message = $state('');

    async function set(interpreters: { staff: number; language: string }[]) {
        const answer = await ask(
            api.PUT('/api/staff/rounds/{round}/interpreters', {
                params: { path: { round: round.id } },
                body: { interpreters },
            }),
        );
        message = answer.trouble ? firstOf(answer.trouble) : '';
        if (!answer.data) return;
        changed(answer.data.interpreters);
        adding = false;
        staff = language = '';
    }
    const plain = $derived(round.interpreters.map((one) => ({ staff: one.staff, language: one.language })));
</script>

<section class="mt-4" aria-labelledby="interpreters">
    <h2 id="interpreters" class="mb-1">{say('arranging.interpreters')}</h2>
    <ul>
        {#each round.interpreters as one (one.staff + one.language)}
            <li class="flex flex-wrap items-center gap-x-3 border-b border-line">
                <span class="min-w-0 flex-1"
                    >{say('arranging.interpreter', { name: one.name, language: one.said })}</span
                >
                <TextButton
                    aria-label={say('arranging.interpreter_out', { name: one.name, language: one.said })}
                    onclick={() =>
                        void set(plain.filter((each) => each.staff !== one.staff || each.language !== one.language))}
                    >{say('arranging.take_out')}</TextButton
                >
            </li>
        {/each}
    </ul>
    {#if message}<Notice class="my-2">{message}</Notice>{/if}
    {#if adding}
        <div class="grid gap-2 sm:grid-cols-[1fr_12rem_auto] sm:items-end">
            <div>
                <Label for="interpreter">{say('arranging.who')}</Label>
                <Select id="interpreter" placeholder="" bind:value={staff}>
                    {#each people as one (one.id)}<option value={String(one.id)}>{one.name}</option>{/each}
                </Select>
            </div>
            <div>
                <Label for="language">{say('arranging.language')}</Label>
                <Select id="language" placeholder="" bind:value={language}>
                    {#each languages as one (one.code)}<option value={one.code}>{one.name}</option>{/each}
                </Select>
            </div>
            <TextButton
                disabled={!staff || !language}
                onclick={() => void set([...plain, { staff: Number(staff), language }])}
                >{say('arranging.put_in')}</TextButton
            >
        </div>
    {:else}
        <p><TextButton onclick={() => (adding = true)}>{say('arranging.interpreter_add')}</TextButton></p>
    {/if}
</section>
