import { say } from './say';

/**
 * Whether times read 16:40 or 4:40 pm. Who reads is known to the server, which has said its sentences so; what it gives
 * as data is written here, on the same clock.
 */

/** Read by the server and the web server too: App\Framework\Reading. */
const KEPT = 'recess_clock';
const YEAR = 365 * 24 * 3600;

class Clock {
    twelve = $state(document.documentElement.dataset.clock === '12');

    /** From now on, in this browser; what the server has said already it says again when it is asked. */
    switch(): void {
        this.twelve = !this.twelve;
        const secure = location.protocol === 'https:' ? '; secure' : '';
        document.cookie = `${KEPT}=${this.twelve ? 12 : 24}; path=/; max-age=${YEAR}; samesite=lax${secure}`;
    }

    /** The server's "16:40" as this reader reads it. A way of writing; no time is computed here. */
    say(time: string): string {
        if (!this.twelve) return time;
        const [hour = 0, minute = '00'] = time.split(':').map((part, i) => (i === 0 ? Number(part) : part)) as [
            number,
            string,
        ];
        const short = `${hour % 12 || 12}:${minute}`;
        return hour % 24 < 12 ? say('said.am', { time: short }) : say('said.pm', { time: short });
    }

    /** Without am or pm, where there is little room and the hour marks tell. */
    brief(time: string): string {
        return /\d+:\d+/.exec(this.say(time))?.[0] ?? time;
    }
}

export const clock = new Clock();
