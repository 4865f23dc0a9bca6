// The same as weekly.py, with rrule.
import rrule from 'rrule';

const { RRule, datetime } = rrule;

function run() {
    const rule = new RRule({
        freq: RRule.WEEKLY,
        byweekday: [RRule.TU, RRule.TH],
        dtstart: datetime(2026, 9, 1, 16, 0),
        until: datetime(2036, 9, 1),
        tzid: 'America/Halifax',
    });
    return rule.all().map((moment) => moment.getTime()).length;
}

run();
const times = [];
let count = 0;
for (let i = 0; i < 5; i++) {
    const start = performance.now();
    count = run();
    times.push((performance.now() - start) / 1000);
}
console.log(count / times.sort((a, b) => a - b)[2]);
