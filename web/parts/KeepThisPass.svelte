<script lang="ts">
    /** Without an e-mail address the pass is nowhere but here: ways to keep it. */
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
    <img src="{pass.path}/qr.svg" alt="QR code of this page" width="170" height="170" class="bg-white" />
    <div>
        <h2 id="keep-pass">Keep this page</h2>
        <p class="mt-1">
            You gave no e-mail address, so nothing is sent to you. Take a picture of this code, or choose another way:
            the address below is the only way back to your bookings.
        </p>
        <p class="my-2 break-all text-[0.95rem]">{address}</p>
        <div class="no-print flex flex-wrap gap-3">
            <a class="press" href="sms:?&body={encodeURIComponent(address)}">Text it to myself</a>
            <button type="button" class="press" onclick={copy}>Copy the address</button>
            <button type="button" class="press" onclick={() => print()}>Print it</button>
        </div>
        <p role="status">{copied ? 'Copied.' : ''}</p>
    </div>
</section>
