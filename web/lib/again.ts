import { say } from './say';

/** Half a minute: so long a press is repeated while the school's machine is away. */
const PATIENCE = 30_000;

/**
 * Sends a request; a press that is asked to come again (HTTP 503 with Retry-After: the database or PHP is away for a
 * moment) is sent again as it was, with the key that it carries, and the page says so meanwhile. A look is not: whatever
 * looks does so again by itself.
 */
export async function patiently(request: Request): Promise<Response> {
    const until = Date.now() + PATIENCE;
    try {
        for (;;) {
            const next = request.method === 'GET' ? null : request.clone();
            const answer = await fetch(request);
            const after = Number(answer.headers.get('Retry-After'));
            if (next === null || answer.status !== 503 || !(after > 0)) return answer;
            // Apart from one another, so that those who were asked to come again do not come at once.
            const wait = after * 1000 * (0.5 + Math.random());
            if (Date.now() + wait > until) return answer;
            show(say('pages.a_moment'));
            await new Promise((go) => setTimeout(go, wait));
            request = next;
        }
    } finally {
        show('');
    }
}

/** One line at the foot of the window, read out when it comes. */
function show(words: string): void {
    let line = document.getElementById('a-moment');
    if (words === '') return line?.remove();
    if (line) return;
    line = document.createElement('p');
    line.id = 'a-moment';
    line.setAttribute('role', 'status');
    line.className = 'a-moment no-print';
    document.body.append(line);
    line.textContent = words;
}
