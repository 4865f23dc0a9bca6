import { patiently } from './again';
import { api, showToken } from './api';
import type { Wanted } from './proving.svelte';

/** How staff pages ask once more who is there (HTTP 423); visitors' pages never need to, and do not load it. */
export function provedBy(prove: (wanted: Wanted) => Promise<boolean>): void {
    const sent = new WeakMap<Request, Request>();
    api.use({
        onRequest({ request }) {
            if (request.method !== 'GET') sent.set(request, request.clone());
            return undefined;
        },
        async onResponse({ request, response }) {
            const again = sent.get(request);
            if (response.status !== 423 || !again) return undefined;
            const asked = (await response.clone().json()) as Record<string, unknown>;
            const wanted = {
                secondFactor: asked.second_factor === true,
                factorOnly: asked.factor_only === true,
                telephone: asked.telephone === true,
                passkey: asked.passkey === true,
            };
            if (!(await prove(wanted))) return undefined;
            // In a session that was renewed, with the token of now.
            const headers = new Headers(again.headers);
            showToken(headers);
            return patiently(new Request(again, { headers }));
        },
    });
}
