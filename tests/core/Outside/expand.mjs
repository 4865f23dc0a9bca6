// The same as expand.py, with rrule.
import rrule from 'rrule';
import { createInterface } from 'node:readline';

for await (const line of createInterface({ input: process.stdin })) {
    const { start, rule, before } = JSON.parse(line);
    const set = rrule.rrulestr(`DTSTART:${start.replace(/[-:]/g, '')}Z\nRRULE:${rule}`);
    const found = [];
    set.all((moment) => {
        if (moment >= new Date(`${before}Z`) || found.length >= 5000) return false;
        found.push(moment.toISOString().slice(0, 19));
        return true;
    });
    console.log(JSON.stringify(found));
}
