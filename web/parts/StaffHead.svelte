<script lang="ts">
    /** The head of each page of whoever is signed in: the way to all the others. */
    import { say } from '../lib/say';
    import { api, ask } from '../lib/api';
    import Masthead from './Masthead.svelte';

    interface Props {
        /** Whoever is signed in. */
        host: string;
        /** What has to be done while one is still signed in. */
        before?: () => Promise<void>;
    }
    let { host, before }: Props = $props();

    let all = $state(false);

    const { role } = document.documentElement.dataset;

    async function signOut() {
        await before?.();
        const answer = await ask(api.DELETE('/api/staff/session'));
        // Nothing of one person is left for the next on this computer.
        sessionStorage.clear();
        location.assign(answer.data?.to ?? '/');
    }
</script>

<Masthead home={role === 'reader' ? '/staff/day' : '/staff'}>
    <nav class="ms-auto flex flex-wrap items-center gap-x-5" aria-label={say('pages.you')}>
        {#if role !== 'reader'}<a class="inline-flex min-h-11 items-center" href="/staff">{say('pages.today')}</a>
            <a class="inline-flex min-h-11 items-center" href="/staff/sheets">{say('pages.your_sheets')}</a>
        {:else}<a class="inline-flex min-h-11 items-center" href="/staff/day">{say('pages.who_comes')}</a>{/if}
        <!-- On a phone one line, and the rest behind one press. -->
        <button type="button" class="link sm:hidden" aria-expanded={all} onclick={() => (all = !all)}
            >{all ? say('pages.less') : say('pages.more')}</button
        >
        <div class="{all ? 'flex' : 'hidden'} basis-full flex-wrap items-center gap-x-5 sm:flex sm:basis-auto">
            {#if role !== 'reader'}
                <a class="inline-flex min-h-11 items-center" href="/staff/rounds">{say('pages.rounds')}</a>
                <a class="inline-flex min-h-11 items-center" href="/staff/knocks">{say('pages.asked_of_you')}</a>
            {/if}
            {#if role === 'office'}
                <a class="inline-flex min-h-11 items-center" href="/staff/day">{say('pages.who_comes')}</a>
                <a class="inline-flex min-h-11 items-center" href="/staff/directory">{say('pages.students')}</a>
                <a class="inline-flex min-h-11 items-center" href="/staff/people">{say('pages.staff')}</a>
            {/if}
            <a class="inline-flex min-h-11 items-center" href={role === 'reader' ? '/staff/account' : '/staff/settings'}
                >{role === 'reader' ? say('pages.signing_in') : say('pages.settings')}</a
            >
            <span class="text-faint">{host}</span>
            <button type="button" class="link" onclick={signOut}>{say('pages.sign_out')}</button>
        </div>
    </nav>
</Masthead>
