<script lang="ts">
    import { say } from '../lib/say';
    import Said from '../parts/Said.svelte';
    /** Whom to ask where nothing here helps, with the number to ring. */
    interface Props {
        phone: string;
    }
    let { phone }: Props = $props();
</script>

<p class="no-print mt-8 text-faint">
    {#if phone}
        <Said key="pages.help_by_phone" values={{ phone }}
            >{#snippet link(text)}<a class="inline-block py-2" href="tel:{phone.replace(/[^+\d]/g, '')}">{text}</a
                >{/snippet}</Said
        >
    {:else}{say('pages.help')}{/if}
</p>
