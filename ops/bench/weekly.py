# Tuesdays and Thursdays 16:00 in Halifax for ten years with python-dateutil, as instants: prints occurrences a second.
import time
from datetime import datetime

from dateutil import tz
from dateutil.rrule import TH, TU, WEEKLY, rrule

zone = tz.gettz("America/Halifax")


def run():
    rule = rrule(WEEKLY, byweekday=(TU, TH), dtstart=datetime(2026, 9, 1, 16, 0), until=datetime(2036, 9, 1))
    return len([moment.replace(tzinfo=zone).timestamp() for moment in rule])


run()
times = []
for _ in range(7):
    start = time.perf_counter()
    count = run()
    times.append(time.perf_counter() - start)
print(count / sorted(times)[3])
