<script lang="ts">
    /** What a visitor says of themselves: asked for and filled in in one way, wherever it is asked. */
    import { say } from '../lib/say';
    import type { FullAutoFill } from 'svelte/elements';
    import Field from './Field.svelte';

    interface Props {
        what: 'name' | 'phone' | 'email';
        value: string;
        /** In the field's id, where more than one of a kind can stand on a page. */
        of?: string;
        error?: string;
        help?: string;
        required?: boolean;
        change?: () => void;
    }
    let { what, value = $bindable(), of = '', required = what === 'name', ...more }: Props = $props();

    const ASKED: Record<Props['what'], { label: string; type: 'text' | 'tel' | 'email'; autocomplete: FullAutoFill }> =
        {
            name: { label: say('visit.name'), type: 'text', autocomplete: 'name' },
            phone: { label: say('visit.phone'), type: 'tel', autocomplete: 'tel' },
            email: { label: say('visit.email'), type: 'email', autocomplete: 'email' },
        };
</script>

<Field name="{of}{what}" {...ASKED[what]} {required} bind:value {...more} />
