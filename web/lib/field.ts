import type { FullAutoFill } from 'svelte/elements';

/** A labelled control, of a visitor's page (parts/Field, plain elements) or of a staff page (controls/Field). */
export interface FieldProps {
    name: string;
    label: string;
    value: string;
    error?: string;
    help?: string;
    type?: 'text' | 'email' | 'tel' | 'password' | 'url' | 'date' | 'number';
    autocomplete?: FullAutoFill;
    /** More than one is a text area. */
    lines?: number;
    required?: boolean;
    maxlength?: number;
    /** In which language its label stands, where that is another than the page's. */
    lang?: string;
    change?: () => void;
}

/** The ids of what stands about a control, for whoever hears it. */
export const describedBy = (name: string, help = '', error = ''): string | undefined =>
    [help && `${name}-help`, error && `${name}-error`].filter(Boolean).join(' ') || undefined;
