# Expands recurrence rules with python-dateutil: reads JSON lines {"start": "YYYY-MM-DDTHH:MM:SS", "rule": "…", "before": "…"}
# and prints, for each, the list of local times before that.
import json
import sys
from datetime import datetime

from dateutil.rrule import rrulestr

for line in sys.stdin:
    case = json.loads(line)
    start = datetime.fromisoformat(case["start"])
    before = datetime.fromisoformat(case["before"])
    found = []
    try:
        rule = rrulestr(case["rule"], dtstart=start)
        for moment in rule:
            if moment >= before or len(found) >= 5000:
                break
            found.append(moment.isoformat())
    except IndexError:
        # A fault of the library's own: a numbered weekday that its month does not have (BYMONTH=3;BYDAY=20MO).
        found = None
    except ValueError as error:
        # It finds out beforehand that no time of day will ever fit.
        if "empty set" not in str(error):
            raise
    print(json.dumps(found))
