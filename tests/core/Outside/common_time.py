# Looks for the common free quarters in several people's VFREEBUSY with python-icalendar, second by second of a day.
# JSON lines {"texts": […], "from": seconds, "until": seconds, "minutes": …} in, the starts out.
import json
import sys

import icalendar

for line in sys.stdin:
    asked = json.loads(line)
    busy = set()
    for text in asked["texts"]:
        for part in icalendar.Calendar.from_ical(text).walk("VFREEBUSY"):
            periods = part.get("FREEBUSY", [])
            for one in periods if isinstance(periods, list) else [periods]:
                for period in getattr(one, "dts", [one]):
                    start, end = (period.dt if hasattr(period, "dt") else (period.start, period.end))
                    busy.update(range(int(start.timestamp()), int(end.timestamp())))
    free = [quarter for quarter in range(asked["from"], asked["until"], 900)
            if not any(second in busy for second in range(quarter, quarter + 900, 60))]
    print(json.dumps([start for start in free
                      if all(quarter in free for quarter in range(start, start + asked["minutes"] * 60, 900))]))
