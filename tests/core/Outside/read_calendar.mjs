// Reads calendars with ical.js: JSON lines {"text": …} in, what it found out.
import ICAL from 'ical.js';
import { createInterface } from 'node:readline';

for await (const line of createInterface({ input: process.stdin })) {
    const calendar = new ICAL.Component(ICAL.parse(JSON.parse(line).text));
    const available = calendar
        .getAllSubcomponents('vavailability')
        .flatMap((one) => one.getAllSubcomponents('available'));
    console.log(
        JSON.stringify({
            components: calendar.getAllSubcomponents().map((one) => one.name.toUpperCase()),
            available: available.length,
            rules: available.flatMap((one) =>
                one.getAllProperties('rrule').map((rule) => rule.getFirstValue().toString()),
            ),
        }),
    );
}
