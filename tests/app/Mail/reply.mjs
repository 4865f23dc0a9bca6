// Words an answer to an invitation with ical.js, as a phone does: no more than RFC 5546, 3.2.3 asks for. JSON in, the calendar out.
import ICAL from 'ical.js';

const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
const asked = JSON.parse(Buffer.concat(chunks).toString());
const invitation = new ICAL.Component(ICAL.parse(asked.invitation)).getFirstSubcomponent('vevent');
const calendar = new ICAL.Component('vcalendar');
calendar.addPropertyWithValue('prodid', '-//tests//a phone//EN');
calendar.addPropertyWithValue('version', '2.0');
calendar.addPropertyWithValue('method', 'REPLY');
const event = new ICAL.Component('vevent');
event.addPropertyWithValue('uid', invitation.getFirstPropertyValue('uid'));
event.addPropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(asked.stamp * 1000), true));
const sequence = invitation.getFirstPropertyValue('sequence');
if (sequence) event.addPropertyWithValue('sequence', sequence);
event.addProperty(invitation.getFirstProperty('organizer'));
const attendee = event.addPropertyWithValue('attendee', `mailto:${asked.from}`);
attendee.setParameter('partstat', asked.says);
calendar.addSubcomponent(event);
process.stdout.write(calendar.toString());
