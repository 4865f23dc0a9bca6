import { say } from './say';
import createClient from 'openapi-fetch';
import { patiently } from './again';
import type { components, paths } from './api.d';

export type Schema = components['schemas'];

export const api = createClient<paths>({ headers: { Accept: 'application/json' }, fetch: patiently });

// Staff pages show Laravel's CSRF token, as the cookie has it at this moment: whoever signed in again in another tab goes
// on in this one. Visitors' pages have no session to protect.
export function showToken(headers: Headers): void {
    const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
    if (token) headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
}

api.use({
    onRequest({ request }) {
        showToken(request.headers);
        return request;
    },
});

/** What went wrong, in words, and at which fields. */
export interface Trouble {
    message: string;
    fields: Record<string, string>;
}

// Not before the document's words are learned.
const noAnswer = (): Trouble => ({
    message: say('pages.no_answer'),
    fields: {},
});

export interface Answer<T> {
    data?: T;
    error?: unknown;
    response: Response;
}

/** Runs a call; gives its data, or the trouble with it (and the body of a refusal, for those that say more). */
export async function ask<T>(
    call: Promise<Answer<T>>,
): Promise<{ data: T; trouble?: undefined } | { data?: undefined; trouble: Trouble; status: number; body: unknown }> {
    let answer: Answer<T>;
    try {
        answer = await call;
    } catch {
        return { trouble: noAnswer(), status: 0, body: null };
    }
    if (answer.data !== undefined) return { data: answer.data };
    const { status } = answer.response;
    const body = answer.error as Partial<Schema['Problem']> | undefined;
    const fields = Object.fromEntries(Object.entries(body?.errors ?? {}).map(([name, said]) => [name, said[0] ?? '']));
    if (status === 422) return { trouble: { message: say('pages.another_look'), fields }, status, body };
    if (status === 401 || status === 419)
        return {
            trouble: {
                message: say('pages.signed_out'),
                fields,
            },
            status,
            body,
        };
    if (status === 413)
        return {
            trouble: {
                message: say('pages.file_too_large'),
                fields: { file: say('pages.file_too_large_here'), picture: say('pages.file_too_large_here') },
            },
            status,
            body,
        };
    if (status === 429)
        return {
            trouble: { message: say('pages.a_lot'), fields },
            status,
            body,
        };
    if (status === 503)
        return {
            trouble: {
                message: say('pages.machine_away'),
                fields,
            },
            status,
            body,
        };
    const message = status < 500 && body?.message ? body.message : say('pages.went_wrong');
    return { trouble: { message, fields }, status, body };
}

/** A body with a file in it, as a browser sends a form. */
export function formOf(fields: Record<string, string | File | null>): { bodySerializer: () => FormData } {
    return {
        bodySerializer: () => {
            const form = new FormData();
            for (const [name, value] of Object.entries(fields)) if (value !== null) form.set(name, value);
            return form;
        },
    };
}

/** What to say beside the fields: the message only where no field says it. */
export const beside = (trouble: Trouble | undefined): string =>
    trouble && Object.keys(trouble.fields).length === 0 ? trouble.message : '';

/** What to say where there is one line for all of it: what the first field says, or else the message. */
export const firstOf = (trouble: Trouble | undefined): string =>
    trouble ? (Object.values(trouble.fields)[0] ?? trouble.message) : '';
