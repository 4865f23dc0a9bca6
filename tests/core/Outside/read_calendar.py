# Reads calendars with python-icalendar: JSON lines {"text": …} in, what it found out.
import json
import sys

import icalendar

for line in sys.stdin:
    calendar = icalendar.Calendar.from_ical(json.loads(line)["text"])
    available = [part for part in calendar.walk() if part.name == "AVAILABLE"]
    print(json.dumps({
        "components": [part.name for part in calendar.subcomponents],
        "available": len(available),
        "rules": [part["RRULE"].to_ical().decode() for part in available if "RRULE" in part],
    }))
