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
    rule = rrulestr(case["rule"], dtstart=start)
    found = []
    for moment in rule:
        if moment >= before or len(found) >= 5000:
            break
        found.append(moment.isoformat())
    print(json.dumps(found))
