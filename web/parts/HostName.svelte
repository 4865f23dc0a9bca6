<script lang="ts">
    import type { Schema } from '../lib/api';

    interface Props {
        host: Schema['Host'];
        /** Who may be there instead, or has to be there too. */
        also?: string;
    }
    let { host, also = '' }: Props = $props();
</script>

<div class="mt-2 flex items-center gap-3">
    {#if host.picture}<img src={host.picture} alt="" width="48" height="48" class="rounded-full" />{:else}<span
            class="initials"
            aria-hidden="true">{host.initials}</span
        >{/if}
    <p class="text-lg">
        with <a href={host.door}><strong>{host.name}</strong></a>{also && ` ${also}`}, {[host.title, host.subject]
            .filter(Boolean)
            .join(', ')}
    </p>
</div>
