<script lang="ts">
    /** Without an e-mail address the pass is nowhere but here: ways to keep it. */
    import { say } from '../lib/say';
    import type { Schema } from '../lib/api';

    interface Props {
        pass: Schema['Pass'];
    }
    let { pass }: Props = $props();

    const address = $derived(location.origin + pass.path);
    let copied = $state(false);
    async function copy() {
        try {
            await navigator.clipboard.writeText(address);
            copied = true;
        } catch {
            // Not allowed here: the address stands beside it, to be copied by hand.
        }
    }
</script>

<section class="slip mb-5 grid gap-4 sm:grid-cols-[auto_1fr]" aria-labelledby="keep-pass">
    <img src="{pass.path}/qr.svg" alt={say('pass.qr')} width="170" height="170" class="bg-white" />
    <div>
        <h2 id="keep-pass">{say('pass.keep')}</h2>
        <p class="mt-1">
            {say('pass.keep_why')}
        </p>
        <p class="my-2 break-all text-[0.95rem]">{address}</p>
        <div class="no-print flex flex-wrap gap-3">
            <a class="press" href="sms:?&body={encodeURIComponent(address)}">{say('pass.keep_text')}</a>
            <button type="button" class="press" onclick={copy}>{say('pass.keep_copy')}</button>
            <button type="button" class="press" onclick={() => print()}>{say('pass.keep_print')}</button>
        </div>
        <p role="status">{copied ? say('pass.copied') : ''}</p>
    </div>
</section>
