<script lang="ts">
    /** A new password: any characters, pasted too, and one may look at what one types. */
    import { say } from '../lib/say';
    import { Checkbox, Progressbar } from '../lib/controls';
    import Field from '../controls/Field.svelte';
    import Whose from '../controls/Whose.svelte';

    interface Props {
        value: string;
        least: number;
        /** Whose it is, where no field beside it says so: for keepers of passwords. */
        email?: string;
        error?: string;
    }
    let { value = $bindable(), least, email = '', error = '' }: Props = $props();

    let shown = $state(false);
    const length = $derived([...value].length);

    /** How hard it is to guess, from 0 to 4; fetched when somebody begins to type, for its lists are large. */
    let strength = $state<((password: string) => number) | null>(null);
    let asked = false;
    $effect(() => {
        if (length === 0 || asked) return;
        asked = true;
        void import('../lib/strength').then((found) => (strength = found.strength));
    });
    const score = $derived(length > 0 && strength ? strength(value) : null);
</script>

{#if email}
    <Whose {email} />
{/if}
<div class="grid gap-2">
    <Field
        name="new-password"
        label={say('settings.new_password')}
        help={say('settings.password_help', { least })}
        type={shown ? 'text' : 'password'}
        autocomplete="new-password"
        required
        bind:value
        {error}
    />
    <div aria-live="polite">
        <p class="text-faint tabular-nums">
            {length === 0
                ? ' '
                : length < least
                  ? say('settings.password_more', { many: least - length })
                  : say('settings.long_enough')}
            {score === null ? '' : say(`settings.strength_${score}`)}
        </p>
    </div>
    {#if score !== null}<Progressbar progress={score * 25} size="h-2" color={score < 3 ? 'red' : 'primary'} />{/if}
    <Checkbox bind:checked={shown}>{say('settings.password_show')}</Checkbox>
</div>
