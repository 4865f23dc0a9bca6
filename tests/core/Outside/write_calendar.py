# Writes a calendar with python-icalendar: folded and escaped as that library does it. Prints it.
import sys
from datetime import date, datetime, timedelta, timezone

import pytz
from icalendar import Calendar, Event, vPeriod

halifax = pytz.timezone("America/Halifax")


def local(day, hour, minute=0):
    return halifax.localize(datetime(2026, 11, day, hour, minute))



calendar = Calendar()
calendar.add("prodid", "-//tests//tests//EN")
calendar.add("version", "2.0")


def event(uid, **properties):
    one = Event()
    one.add("uid", uid)
    one.add("dtstamp", datetime(2026, 11, 1, tzinfo=timezone.utc))
    for name, value in properties.items():
        one.add(name.replace("_", "-"), value)
    calendar.add_component(one)


event("lunch", summary="Lunch; with a very long title, " + "and so on " * 20, dtstart=local(23, 12),
      dtend=local(23, 12, 45), rrule={"freq": "daily", "count": 5}, exdate=[local(25, 12)])
event("lunch", summary="Late lunch", recurrence_id=local(26, 12), dtstart=local(26, 13),
      dtend=local(26, 13, 30))
event("trip", summary="Field trip", dtstart=date(2026, 11, 27), dtend=date(2026, 11, 28))
event("maybe", summary="Perhaps", status="TENTATIVE", dtstart=datetime(2026, 11, 24, 18, 0, tzinfo=timezone.utc), duration=timedelta(hours=1))
event("free", summary="Reminder", transp="TRANSPARENT", dtstart=datetime(2026, 11, 24, 10, 0, tzinfo=timezone.utc), duration=timedelta(hours=1))
event("off", summary="Called off", status="CANCELLED", dtstart=datetime(2026, 11, 24, 11, 0, tzinfo=timezone.utc), duration=timedelta(hours=1))
sys.stdout.buffer.write(calendar.to_ical())
