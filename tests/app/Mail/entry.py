# Reads an iCalendar object from standard input with python-icalendar and prints what it says, as JSON.
import json
import sys
from datetime import timezone

import icalendar

calendar = icalendar.Calendar.from_ical(sys.stdin.buffer.read())
event = next(part for part in calendar.walk("VEVENT"))


def moment(name):
    return event.decoded(name).astimezone(timezone.utc).strftime("%Y-%m-%dT%H:%M:%S.000Z")


attendees = event.get("ATTENDEE", [])
print(json.dumps({
    "method": str(calendar["METHOD"]),
    "zone": event["DTSTART"].params.get("TZID"),
    "uid": str(event["UID"]),
    "sequence": int(event["SEQUENCE"]),
    "start": moment("DTSTART"),
    "end": moment("DTEND"),
    "stamp": moment("DTSTAMP"),
    "status": str(event["STATUS"]),
    "summary": str(event["SUMMARY"]),
    "location": str(event["LOCATION"]),
    "description": str(event["DESCRIPTION"]),
    "organizer": str(event["ORGANIZER"]),
    "attendees": [str(one) for one in (attendees if isinstance(attendees, list) else [attendees])],
}))
