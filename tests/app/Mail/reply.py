# Words an answer to an invitation as a calendar program would, with python-icalendar and email: JSON in, the message out.
# "program" is one of three ways in which such programs word them; "calendar" is used as it is where another library made it.
import json
import sys
from datetime import datetime, timezone
from email.message import EmailMessage
from email.mime.application import MIMEApplication
from email.mime.multipart import MIMEMultipart
from email.mime.text import MIMEText

import icalendar

asked = json.load(sys.stdin)


def answered():
    """The whole entry back, with a comment: as programs of offices do."""
    calendar = icalendar.Calendar.from_ical(asked["invitation"])
    calendar["METHOD"] = asked.get("method", "REPLY")
    calendar["PRODID"] = "-//tests//a program of an office//EN"
    event = next(iter(calendar.walk("VEVENT")))
    event["DTSTAMP"] = icalendar.vDatetime(datetime.fromtimestamp(asked["stamp"], timezone.utc))
    event["SEQUENCE"] = asked.get("sequence", event.get("SEQUENCE", 0))
    event.pop("ATTENDEE", None)
    attendee = icalendar.vCalAddress("MAILTO:" + asked.get("attendee", asked["from"]).upper())
    attendee.params["PARTSTAT"] = icalendar.vText(asked["says"])
    attendee.params["CN"] = icalendar.vText("Somebody, of the school")
    event.add("ATTENDEE", attendee)
    event.add("COMMENT", asked.get("comment", ""))
    event.add("X-TESTS-BUSYSTATUS", "BUSY")
    if "start" in asked:
        for name, instant in (("DTSTART", asked["start"]), ("DTEND", asked["start"] + asked["minutes"] * 60)):
            event.pop(name, None)
            event.add(name, datetime.fromtimestamp(instant, timezone.utc))
    event.subcomponents = []
    return calendar.to_ical().decode()


text = asked.get("calendar") or answered()
method = asked.get("method", "REPLY")
if asked["program"] == "office":
    # Text and calendar side by side, in base64 (RFC 6047, 2.4).
    mail = MIMEMultipart("alternative")
    mail.attach(MIMEText("Somebody has answered.", "plain", "utf-8"))
    part = MIMEText(text, "calendar", "utf-8")
    part.set_param("method", method)
    mail.attach(part)
elif asked["program"] == "phone":
    # The calendar alone.
    mail = EmailMessage()
    mail.set_content(text, subtype="calendar", cte="quoted-printable", params={"method": method})
else:
    # Beside a page of HTML, and once more as a file.
    mail = MIMEMultipart("mixed")
    both = MIMEMultipart("alternative")
    both.attach(MIMEText("<p>Somebody has answered.</p>", "html", "utf-8"))
    part = MIMEText(text, "calendar", "us-ascii" if text.isascii() else "utf-8")
    part.set_param("method", method)
    both.attach(part)
    mail.attach(both)
    file = MIMEApplication(text.encode(), "ics")
    file.add_header("Content-Disposition", "attachment", filename="invite.ics")
    mail.attach(file)
mail["From"] = f'"Somebody, of the school" <{asked["from"]}>'
mail["To"] = asked["to"]
mail["Subject"] = {"ACCEPTED": "Yes: ", "TENTATIVE": "Perhaps: ", "DECLINED": "No: "}.get(asked["says"], "") + "Schön, dass es geht"
mail["Date"] = "Tue, 24 Nov 2026 12:00:00 +0000"
mail["Message-ID"] = f'<{asked["stamp"]}.{asked["program"]}@programs.example>'
for name, value in asked.get("headers", {}).items():
    mail[name] = value
sys.stdout.write(mail.as_string())
