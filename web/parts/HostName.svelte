<script lang="ts">
    import type { Schema } from '../lib/api';

    interface Props {
        host: Schema['Host'];
        hosts?: string[];
        /** One of them is enough. */
        any?: boolean;
    }
    let { host, hosts = [], any = false }: Props = $props();
</script>

<div class="mt-2 flex items-center gap-3">
    {#if host.picture}<img src={host.picture} alt="" width="48" height="48" class="rounded-full" />{:else}<span
            class="initials"
            aria-hidden="true">{host.initials}</span
        >{/if}
    <p class="text-lg">
        with <a href={host.door}><strong>{host.name}</strong></a>{#if hosts.length > 0}
            {any ? ' or ' : ' and '}{hosts.join(any ? ' or ' : ' and ')}{/if}, {[host.title, host.subject]
            .filter(Boolean)
            .join(', ')}
    </p>
</div>
