// A real SMTP server on loopback for the tests: prints its port, then each message it gets as a JSON line,
// read by mailparser, its calendar entry by ical.js.
import { existsSync } from 'node:fs';
import ICAL from 'ical.js';
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    // While this file is there, it takes nothing of ours, and says so for good: who we are is what it minds.
    onMailFrom(address, session, done) {
        const minded = process.argv[2] !== undefined && existsSync(process.argv[2]);
        done(minded ? Object.assign(new Error('Sender not allowed'), { responseCode: 550 }) : undefined);
    },
    onRcptTo(address, session, done) {
        const refused = address.address.startsWith('refused');
        done(refused ? Object.assign(new Error('No such mailbox'), { responseCode: 550 }) : undefined);
    },
    async onData(stream, session, done) {
        const chunks = [];
        for await (const chunk of stream) chunks.push(chunk);
        const raw = Buffer.concat(chunks);
        const mail = await simpleParser(raw);
        const part = mail.attachments.find((one) => one.contentType === 'text/calendar');
        const source = part?.content.toString('utf8') ?? '';
        console.log(
            JSON.stringify({
                ...headers(mail, session),
                text: mail.text,
                html: mail.html,
                method: part && methodOf(raw),
                source,
                entry: part && entry(source),
            }),
        );
        done();
    },
});

function headers(mail, session) {
    return {
        recipients: session.envelope.rcptTo.map((one) => one.address),
        from: mail.from?.value[0],
        replyTo: mail.replyTo?.value[0],
        subject: mail.subject,
        messageId: mail.messageId,
    };
}

const methodOf = (raw) => /text\/calendar;[^\n]*(?:\n[ \t][^\n]*)*method=(\w+)/i.exec(raw.toString('utf8'))?.[1];

function entry(source) {
    const calendar = new ICAL.Component(ICAL.parse(source));
    for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
    const part = calendar.getFirstSubcomponent('vevent');
    const event = new ICAL.Event(part);
    return {
        method: calendar.getFirstPropertyValue('method'),
        zone: part.getFirstProperty('dtstart').getParameter('tzid'),
        uid: event.uid,
        sequence: event.sequence,
        start: event.startDate.toJSDate().toISOString(),
        end: event.endDate.toJSDate().toISOString(),
        stamp: part.getFirstPropertyValue('dtstamp').toJSDate().toISOString(),
        status: part.getFirstPropertyValue('status'),
        summary: event.summary,
        location: event.location,
        description: event.description,
        organizer: event.organizer,
        attendees: event.attendees.map((one) => one.getFirstValue()),
    };
}

server.listen(0, '127.0.0.1', () => console.log(JSON.stringify({ port: server.server.address().port })));
