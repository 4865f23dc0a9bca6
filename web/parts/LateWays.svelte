<script lang="ts">
    /** How somebody hears that a host runs late, beside the pass itself. */
    import { say } from '../lib/say';
    import { api, ask, type Schema } from '../lib/api';

    let { pass, changed }: { pass: Schema['Pass']; changed: (pass: Schema['Pass']) => void } = $props();
    let message = $state('');

    async function set(mail: boolean, text: boolean) {
        const token = pass.path.slice('/p/'.length);
        const answer = await ask(
            api.POST('/api/p/{token}/late', { params: { path: { token } }, body: { mail, text } }),
        );
        message = answer.trouble?.message ?? '';
        if (answer.data) changed(answer.data);
    }
</script>

{#if pass.email || (pass.texts && pass.phone)}
    <fieldset class="no-print mt-5 flex flex-wrap items-center gap-x-5">
        <legend class="float-start me-5">{say('visit.late_ways')}</legend>
        {#if pass.email}<label class="inline-flex min-h-11 items-center gap-2"
                ><input
                    type="checkbox"
                    checked={pass.late_by_mail}
                    onchange={(event) => set(event.currentTarget.checked, pass.late_by_text)}
                />
                {say('visit.late_email')}</label
            >{/if}
        {#if pass.texts && pass.phone}<label class="inline-flex min-h-11 items-center gap-2"
                ><input
                    type="checkbox"
                    checked={pass.late_by_text}
                    onchange={(event) => set(pass.late_by_mail, event.currentTarget.checked)}
                />
                {say('visit.late_text', { phone: pass.phone })}</label
            >{/if}
        {#if message}<p role="alert">{message}</p>{/if}
    </fieldset>
{/if}
