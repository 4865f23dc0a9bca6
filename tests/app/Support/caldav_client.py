#!/usr/bin/env python3
"""A calendar program that nobody here wrote (python3-caldav): caldav_client.py ADDRESS NAME PASSWORD WHAT [...], on one's only calendar."""
import json
import sys

import caldav

address, name, password, what, *more = sys.argv[1:]
principal = caldav.DAVClient(url=address, username=name, password=password).principal()
if what == "make":
    principal.make_calendar(name=more[0], cal_id=more[0].lower())
    sys.exit(0)
(calendar,) = [one for one in principal.calendars() if str(one.url).rstrip("/").endswith("/" + more[0].lower())]
if what == "add":
    calendar.save_event(sys.stdin.read())
elif what == "give up":
    calendar.delete()
elif what == "all":
    print(json.dumps([one.data for one in calendar.events()]))
else:
    (event,) = [one for one in calendar.events() if f"UID:{more[1]}" in one.data]
    if what == "take out":
        event.delete()
    elif what == "write":
        # Other lines in place of some: as somebody edits an entry in their program.
        data = event.data
        for was, now in zip(more[2::2], more[3::2]):
            assert was in data, data
            data = data.replace(was, now)
        event.data = data
        event.save()
