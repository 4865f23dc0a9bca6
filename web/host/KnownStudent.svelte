<script lang="ts">
    /** A student's name while it is typed: those whom the school knows are offered, and the office sees who looks after them. */
    import { say } from '../lib/say';
    import { Input, Label } from '../lib/controls';
    import TextButton from '../controls/TextButton.svelte';
    import { api, ask, type Schema } from '../lib/api';

    interface Props {
        question: Schema['Question'];
        value: string;
        error?: string;
        change: (name: string) => void;
        /** Somebody who looks after them is taken for whoever comes. */
        comes: (guardian: Schema['GuardianForm']) => void;
    }
    let { question, value, error = '', change, comes }: Props = $props();

    const office = document.documentElement.dataset.role === 'office';
    let found = $state<Schema['ChosenFrom']['students']>([]);
    let guardians = $state<Schema['GuardianForm'][]>([]);
    let turn = 0;

    async function look(sought: string) {
        const mine = ++turn;
        change(sought);
        guardians = [];
        if (sought.trim().length < 2) return void (found = []);
        const answer = await ask(api.GET('/api/staff/families', { params: { query: { sought } } }));
        if (mine === turn) found = answer.data?.students ?? [];
    }
    async function pick(one: Schema['ChosenFrom']['students'][number]) {
        turn++;
        found = [];
        change(one.name);
        if (!office) return;
        const sought = one.name.replace(/\s*\([^()]*\)$/, '');
        const answer = await ask(api.GET('/api/staff/directory', { params: { query: { sought } } }));
        guardians = answer.data?.students.find((some) => some.id === one.id)?.guardians ?? [];
    }
</script>

<div>
    <Label for="office-student">{question.label}</Label>
    <Input
        id="office-student"
        class="w-full {error ? 'border-2 border-brick' : ''}"
        {value}
        autocomplete="off"
        aria-invalid={error ? 'true' : undefined}
        aria-describedby={error ? 'office-student-error' : undefined}
        oninput={(event) => void look((event.currentTarget as HTMLInputElement).value)}
    />
    {#if error}<p id="office-student-error" class="mt-1 font-semibold text-brick">{error}</p>{/if}
    {#if found.length > 0}
        <ul aria-label={say('hosting.known_students')}>
            {#each found as one (one.id)}
                <li>
                    <TextButton onclick={() => pick(one)}
                        >{one.name} <span class="text-faint">{one.class}</span></TextButton
                    >
                </li>
            {/each}
        </ul>
    {/if}
    {#if guardians.length > 0}
        <p class="mt-1">
            {say('hosting.known_guardians')}
            {#each guardians as one (one.id)}
                <TextButton onclick={() => comes(one)}
                    >{one.may_book ? one.name : say('hosting.no_book', { name: one.name })}</TextButton
                >
            {/each}
        </p>
    {/if}
</div>
