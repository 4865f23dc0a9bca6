# The clock changes of zones in a span of years, from the tz database as Python's zoneinfo reads it:
# JSON lines {"zone": …, "from": year, "to": year} in, lists of [instant, offset before, offset after] out.
import json
import sys
from datetime import datetime, timezone
from zoneinfo import ZoneInfo


def offset(zone, instant):
    return int(datetime.fromtimestamp(instant, timezone.utc).astimezone(zone).utcoffset().total_seconds())


for line in sys.stdin:
    case = json.loads(line)
    zone = ZoneInfo(case["zone"])
    instant = int(datetime(case["from"], 1, 1, tzinfo=timezone.utc).timestamp())
    end = int(datetime(case["to"], 1, 1, tzinfo=timezone.utc).timestamp())
    changes = []
    before = offset(zone, instant)
    while instant < end:
        later = instant + 43200
        after = offset(zone, later)
        if after != before:
            low, high = instant, later
            while high - low > 1:
                middle = (low + high) // 2
                if offset(zone, middle) == before:
                    low = middle
                else:
                    high = middle
            changes.append([high, before, after])
        before, instant = after, later
    print(json.dumps(changes))
