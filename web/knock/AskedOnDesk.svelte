<script lang="ts">
    /** On the desk: what is asked of its host, opened and answered without leaving it. */
    import { say } from '../lib/say';
    import Notice from '../controls/Notice.svelte';
    import { api, ask, type Schema } from '../lib/api';
    import Asked from './Asked.svelte';

    let { asked }: { asked: number } = $props();

    let page = $state.raw<Schema['HostKnocks'] | null>(null);
    let open = $state(false);
    let said = $state('');
    let message = $state('');

    async function look() {
        const answer = await ask(api.GET('/api/staff/knocks'));
        message = answer.trouble?.message ?? '';
        if (answer.data) page = answer.data;
    }
    // How many there are is told at once; what they are is looked up while it is open.
    $effect(() => {
        if (asked > 0 && open) void look();
    });
</script>

<details class="good-news no-print mb-3" bind:open>
    <summary class="min-h-11 cursor-pointer py-2">
        {say('asking.desk', { many: asked })}
    </summary>
    <p><a href="/staff/knocks">{say('asking.desk_all')}</a></p>
    <div role="status">{said}</div>
    {#if message}<Notice class="my-2">{message}</Notice>{/if}
    {#if page}
        <div class="mt-2 grid gap-3">
            {#each page.open.filter((one) => one.can_answer && one.mine === 'none') as knock (knock.id)}
                <Asked
                    {knock}
                    answered={(answer, what) => {
                        page = answer;
                        said = what;
                    }}
                />
            {/each}
        </div>
    {/if}
</details>
