<script lang="ts">
    /** Whom to ask where nothing here helps, with the number to ring. */
    interface Props {
        phone: string;
    }
    let { phone }: Props = $props();
</script>

<p class="no-print mt-8 text-faint">
    {#if phone}
        If you need help, ring the school’s office: <a
            class="inline-block py-2"
            href="tel:{phone.replace(/[^+\d]/g, '')}">{phone}</a
        >
    {:else}If you need help, ring the school’s office.{/if}
</p>
