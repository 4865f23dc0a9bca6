"""The same integer program for a solver: COIN-OR CBC. One round a line as bin/recess allot reads it; [most in all, most by level; after level 0 as many families as can have one meeting at all] out."""
import json, sys
from datetime import datetime
from zoneinfo import ZoneInfo

from plan import solve


def allot(task):
    read = lambda text: datetime.fromisoformat(text).timestamp()
    walk = {}
    for a, b, minutes in task['walk'].get('pairs', []):
        walk[a, b] = walk[b, a] = minutes
    way = lambda a, b: 0 if a is None or b is None or a == b else walk.get((a, b), task['walk']['default']) * 60
    hosts = {host['id']: host for host in task['hosts']}
    zone = ZoneInfo(task['zone'])

    rows, level_of, holders, dates, ones = [], {}, {}, {}, []
    for family in task['families']:
        windows = [[read(a), read(b)] for a, b in family['windows']]
        mine = []
        for w, wish in enumerate(family['wishes']):
            here = []
            slots = [(read(a), read(b)) for a, b in hosts[wish['host']]['slots']]
            for s, (a, _) in enumerate(hosts[wish['host']]['slots']):
                parts = range(s, s + wish.get('times', 1))
                if parts[-1] >= len(slots) or any(slots[i + 1][0] - slots[i][1] >= slots[i][1] - slots[i][0] for i in parts[:-1]):
                    continue
                start, end = slots[s][0], slots[parts[-1]][1]
                if any(since <= start and end <= until for since, until in windows):
                    name = f'x{len(level_of)}'
                    level_of[name] = 0 if wish.get('asked') else wish['rank']
                    for part in parts:
                        holders.setdefault((wish['host'], part), []).append(name)
                    dates.setdefault((wish['host'], datetime.fromisoformat(a).astimezone(zone).date()), []).append(name)
                    here.append(name)
                    mine.append((w, start, end, hosts[wish['host']].get('place'), name))
            if here:
                rows.append(' + '.join(here) + ' <= 1')
        if mine:
            ones.append(f'f{len(ones)}')
            rows.append(f'{ones[-1]} - ' + ' - '.join(name for *_, name in mine) + ' <= 0')
        for w, start, end, place, name in mine:
            for other in range(len(family['wishes'])):
                clash = [n for o, a, b, p, n in mine if o == other != w and a - end < way(place, p) and start - b < way(place, p)]
                if clash:
                    rows.append(' + '.join([name, *clash]) + ' <= 1')
    rows += [' + '.join(names) + ' <= 1' for names in holders.values() if len(names) > 1]
    rows += [' + '.join(names) + f' <= {hosts[host]["most"]}' for (host, _), names in dates.items() if hosts[host].get('most') is not None]

    def most(names, rows):
        goal = ' + '.join(names)
        found = solve('\n'.join([f'Maximize\n o: {goal}', 'Subject To', *rows, 'Binaries', ' '.join([*level_of, *ones]), 'End']) + '\n')
        return round(sum(found.get(name, 0) for name in names))

    levels, sums = [], []
    for level in range(max(level_of.values(), default=0) + 1):
        names = [n for n, of in level_of.items() if of == level]
        levels.append(most(names, rows + sums) if names else 0)
        if names:
            sums.append(' + '.join(names) + f' >= {levels[-1]}')
        if level == 0 and ones:
            levels.append(most(ones, rows + sums))
            sums.append(' + '.join(ones) + f' >= {levels[-1]}')
    return [most(list(level_of), rows), levels]


for line in sys.stdin:
    if line.strip():
        print(json.dumps(allot(json.loads(line))), flush=True)
