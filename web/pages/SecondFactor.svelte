<script lang="ts">
    /** The second question when somebody signs in: the code that their telephone shows. */
    import { Button } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, beside } from '../lib/api';
    import Masthead from '../parts/Masthead.svelte';

    let { name }: { name: string } = $props();

    let code = $state('');
    let working = $state(false);
    let trouble = $state('');
    let fields = $state<Record<string, string>>({});

    async function show() {
        working = true;
        const answer = await ask(api.POST('/api/staff/session/second', { body: { code } }));
        if (answer.data) return location.assign(answer.data.to);
        working = false;
        fields = answer.trouble.fields;
        trouble = beside(answer.trouble);
    }
</script>

<main class="sheet-of-paper">
    <Masthead />
    <div class="max-w-md">
        <h1 class="mb-2">One more code</h1>
        <p class="mb-6">{name}, type the six digits that your telephone shows now, or one of your codes on paper.</p>
        <form
            class="grid gap-4"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                if (!working) void show();
            }}
        >
            <Field
                name="code"
                label="Code"
                autocomplete="one-time-code"
                required
                bind:value={code}
                error={fields.code}
            />
            {#if trouble}<Notice>{trouble}</Notice>{/if}
            <div class="flex flex-wrap items-center gap-x-5">
                <Button type="submit" disabled={working}>{working ? 'One moment…' : 'Sign in'}</Button>
                <a class="inline-flex min-h-11 items-center" href="/staff/sign-in">Begin again</a>
            </div>
        </form>
    </div>
</main>
