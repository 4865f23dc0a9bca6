import { say } from './say';
/**
 * Asks the machine for a passkey: one that it makes, or one that it shows (WebAuthn Level 2). Bytes travel in base64url.
 */
import { api, ask, type Schema, type Trouble } from './api';

/** Whether this browser can have them; whether this address can, the server says. */
export const machineCan = (): boolean => typeof PublicKeyCredential !== 'undefined';

/** What the machine said, or what went wrong; neither, when somebody turned away. */
export interface FromMachine<T> {
    data?: T;
    trouble?: Trouble;
}

const text = (bytes: ArrayBuffer): string =>
    btoa(String.fromCharCode(...new Uint8Array(bytes)))
        .replaceAll('+', '-')
        .replaceAll('/', '_')
        .replaceAll('=', '');
const bytes = (text: string): Uint8Array<ArrayBuffer> =>
    Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (one) => one.charCodeAt(0));
const named = (keys: string[]): PublicKeyCredentialDescriptor[] =>
    keys.map((id) => ({ type: 'public-key', id: bytes(id) }));

const said = (message: string): Trouble => ({ message, fields: {} }) as Trouble;
const SECONDS = 120;

/** Whoever turns away is told nothing; of anything else it is said what to do. */
async function fromMachine<T extends Credential>(asked: () => Promise<Credential | null>): Promise<FromMachine<T>> {
    try {
        return { data: (await asked()) as T };
    } catch (failure) {
        const name = failure instanceof DOMException ? failure.name : '';
        if (name === 'NotAllowedError' || name === 'AbortError') return {};
        return {
            trouble: said(name === 'InvalidStateError' ? say('pages.passkey_has_one') : say('pages.passkey_could_not')),
        };
    }
}

export async function showPasskey(): Promise<FromMachine<Schema['PasskeyShown']>> {
    const begun = await ask(api.POST('/api/staff/session/passkey/asked'));
    if (!begun.data) return { trouble: begun.trouble };
    const { challenge, site, keys } = begun.data;
    const shown = await fromMachine<PublicKeyCredential>(() =>
        navigator.credentials.get({
            publicKey: {
                challenge: bytes(challenge),
                rpId: site,
                allowCredentials: named(keys),
                userVerification: 'required',
                timeout: SECONDS * 1000,
            },
        }),
    );
    if (!shown.data) return { trouble: shown.trouble };
    const answer = shown.data.response as AuthenticatorAssertionResponse;
    return {
        data: {
            id: shown.data.id,
            client: text(answer.clientDataJSON),
            data: text(answer.authenticatorData),
            signature: text(answer.signature),
            ...(answer.userHandle ? { handle: text(answer.userHandle) } : {}),
        },
    };
}

export async function makePasskey(): Promise<FromMachine<Schema['PasskeyMade']>> {
    const begun = await ask(api.POST('/api/staff/me/passkeys/asked'));
    if (!begun.data) return { trouble: begun.trouble };
    const { challenge, site, school, handle, email, name, algorithms, keys } = begun.data;
    const made = await fromMachine<PublicKeyCredential>(() =>
        navigator.credentials.create({
            publicKey: {
                challenge: bytes(challenge),
                rp: { id: site, name: school },
                user: { id: bytes(handle), name: email, displayName: name },
                pubKeyCredParams: algorithms.map((alg) => ({ type: 'public-key', alg })),
                excludeCredentials: named(keys),
                authenticatorSelection: {
                    residentKey: 'required',
                    requireResidentKey: true,
                    userVerification: 'required',
                },
                attestation: 'none',
                timeout: SECONDS * 1000,
            },
        }),
    );
    if (!made.data) return { trouble: made.trouble };
    const answer = made.data.response as AuthenticatorAttestationResponse;
    return { data: { client: text(answer.clientDataJSON), attestation: text(answer.attestationObject) } };
}

/** Signs in with one and goes on; what comes back is what went wrong, or nothing when somebody turned away. */
export async function comeInByPasskey(remember = false): Promise<Trouble | undefined> {
    const shown = await showPasskey();
    if (!shown.data) return shown.trouble;
    const answer = await ask(api.POST('/api/staff/session/passkey', { body: { ...shown.data, remember } }));
    if (!answer.data) return answer.trouble;
    location.assign(answer.data.to);
    // The page is left: until then nothing of it can be pressed again.
    return new Promise(() => undefined);
}
