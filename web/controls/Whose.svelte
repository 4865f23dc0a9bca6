<script lang="ts">
    import { say } from '../lib/say';
    /** Whose password is typed beside it: for keepers of passwords, which look for a field. */
    let { email }: { email: string } = $props();
</script>

<input
    type="text"
    class="sr-only"
    autocomplete="username"
    value={email}
    readonly
    tabindex="-1"
    aria-label={say('pages.e_mail_address')}
/>
