import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { patiently } from '../../web/lib/again';

let answers: Response[] = [];
let sent: string[] = [];
let line: { textContent: string } | null = null;

const away = (after = '2') => new Response('{}', { status: 503, headers: { 'Retry-After': after } });
const press = () =>
    new Request('http://school.example/api/s/winter/bookings', { method: 'POST', body: '{"request_key":"k1"}' });

beforeEach(() => {
    vi.useFakeTimers();
    [answers, sent, line] = [[], [], null];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(await request.text());
        return answers.shift() ?? new Response('{"ok":true}', { status: 201 });
    });
    vi.stubGlobal('document', {
        getElementById: () => line && { ...line, remove: () => (line = null) },
        createElement: () => ({ setAttribute: () => undefined, textContent: '' }),
        body: { append: (one: { textContent: string }) => (line = one) },
    });
});
afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

describe('a press while the school’s machine is away', () => {
    it('is sent again as it was until it is answered, and the page says so meanwhile', async () => {
        answers = [away(), away()];
        const done = patiently(press());
        await vi.advanceTimersByTimeAsync(10);
        expect(line?.textContent).toContain('this goes on by itself');
        await vi.advanceTimersByTimeAsync(6_100);
        expect((await done).status).toBe(201);
        expect(sent).toEqual(Array(3).fill('{"request_key":"k1"}'));
        expect(line).toBeNull();
    });

    it('is given up after half a minute, with what the server says', async () => {
        answers = Array.from({ length: 40 }, () => away());
        const done = patiently(press());
        await vi.advanceTimersByTimeAsync(31_000);
        expect((await done).status).toBe(503);
        expect(sent.length).toBeGreaterThanOrEqual(9);
        expect(line).toBeNull();
    });

    it.each([
        ['a look', new Request('http://school.example/api/s/winter'), away()],
        ['a refusal', press(), new Response('{}', { status: 409 })],
        ['a fault', press(), new Response('{}', { status: 500, headers: { 'Retry-After': '2' } })],
        ['one that does not say when', press(), new Response('{}', { status: 503 })],
    ])('is not repeated where it is %s', async (_, request, answer) => {
        answers = [answer];
        const done = await patiently(request);
        expect(done.status).toBe(answer.status);
        expect(sent).toHaveLength(1);
    });
});
