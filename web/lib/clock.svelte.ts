/** Whether times read 16:40 or 4:40 pm: as the reader's locale has it, until they switch. */

const KEPT = 'recess.clock';

function preferred(): boolean {
    const kept = localStorage.getItem(KEPT);
    if (kept) return kept === '12';
    // As a staff member has set it, whatever the device.
    const set = document.documentElement.dataset.clock;
    if (set === '12' || set === '24') return set === '12';
    return new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 === true;
}

class Clock {
    twelve = $state(preferred());

    switch(): void {
        this.twelve = !this.twelve;
        localStorage.setItem(KEPT, this.twelve ? '12' : '24');
    }

    /** The server's "16:40" as this reader reads it. A way of writing; no time is computed here. */
    say(time: string): string {
        if (!this.twelve) return time;
        const [hour = 0, minute = '00'] = time.split(':').map((part, i) => (i === 0 ? Number(part) : part)) as [
            number,
            string,
        ];
        return `${hour % 12 || 12}:${minute} ${hour % 24 < 12 ? 'am' : 'pm'}`;
    }

    /** A sentence of the server's with every time in it as this reader reads it. */
    all(sentence: string): string {
        return sentence.replace(/\b\d{2}:\d{2}\b/g, (time) => this.say(time));
    }

    /** Without am or pm, where there is little room and the hour marks tell. */
    brief(time: string): string {
        return this.say(time).replace(/ [ap]m$/, '');
    }
}

export const clock = new Clock();
