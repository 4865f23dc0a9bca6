<script lang="ts">
    import type { Schema } from '../lib/api';
    import Said from './Said.svelte';

    interface Props {
        host: Schema['Host'];
        /** Who may be there instead, or has to be there too. */
        also?: string;
    }
    let { host, also = '' }: Props = $props();
    const titles = $derived([host.title, host.subject].filter(Boolean).join(', '));
</script>

{#snippet link(text: string)}<a href={host.door}><strong>{text}</strong></a>{/snippet}

<div class="mt-2 flex items-center gap-3">
    {#if host.picture}<img src={host.picture} alt="" width="48" height="48" class="rounded-full" />{:else}<span
            class="initials"
            aria-hidden="true">{host.initials}</span
        >{/if}
    <p class="text-lg">
        {#if also && titles}<Said key="pages.with_also_titles" values={{ host: host.name, also, titles }} {link} />
        {:else if also}<Said key="pages.with_also" values={{ host: host.name, also }} {link} />
        {:else if titles}<Said key="pages.with_titles" values={{ host: host.name, titles }} {link} />
        {:else}<Said key="pages.with" values={{ host: host.name }} {link} />{/if}
    </p>
</div>
