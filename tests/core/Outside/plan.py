"""The same integer program for a solver: COIN-OR CBC. One family a line as bin/recess plan reads it; [meetings, costs in the order preferred] out."""
import json, subprocess, sys, tempfile
from datetime import datetime
from zoneinfo import ZoneInfo


def solve(lp):
    with tempfile.NamedTemporaryFile('w', suffix='.lp') as file:
        file.write(lp)
        file.flush()
        said = subprocess.run(['cbc', file.name, '-ratioGap', '0', '-preprocess', 'off', '-heur', 'off', '-solve', '-solu', 'stdout'], capture_output=True, text=True, check=True).stdout
    assert 'Optimal - objective value' in said, said
    return {line.split()[1]: float(line.split()[2]) for line in said[said.index('Optimal - objective value'):].splitlines()[1:] if len(line.split()) == 4}


def family(task):
    zone = ZoneInfo(task['zone'])
    read = lambda text: datetime.fromisoformat(text).astimezone(zone)
    windows = [[read(a), read(b)] for a, b in task['windows']]
    walk = {}
    for a, b, minutes in task['walk'].get('pairs', []):
        walk[a, b] = walk[b, a] = minutes
    way = lambda a, b: 0 if a is None or b is None or a == b else walk.get((a, b), task['walk']['default'])

    slots = []
    for m, meeting in enumerate(task['meetings']):
        for a, b in meeting['slots']:
            start, end = read(a), read(b)
            if any(since <= start and end <= until for since, until in windows):
                slots.append((m, start, end, meeting['place']))
    if not slots:
        return [0, [0, 0, 0]]
    days = sorted({start.date() for _, start, _, _ in slots})
    # In units of five minutes, from the day's midnight.
    unit = lambda when, day: ((when.date() - day).days * 1440 + when.hour * 60 + when.minute) // 5
    rows = []
    for m in range(len(task['meetings'])):
        if mine := [f'x{i}' for i, slot in enumerate(slots) if slot[0] == m]:
            rows.append(' + '.join(mine) + ' <= 1')
    for i, one in enumerate(slots):
        for m in range(len(task['meetings'])):
            clash = [f'x{j}' for j, other in enumerate(slots) if other[0] == m != one[0]
                     and (other[1] - one[2]).total_seconds() < way(one[3], other[3]) * 60 and (one[1] - other[2]).total_seconds() < way(one[3], other[3]) * 60]
            if clash:
                rows.append(' + '.join([f'x{i}', *clash]) + ' <= 1')
    # f: the first meeting of a day starts then; l: the last one ends then.
    first, last, ends = {}, {}, {}
    for d, day in enumerate(days):
        here = [(i, unit(start, day), unit(end, day)) for i, (_, start, end, _) in enumerate(slots) if start.date() == day]
        first.update({f'f{d}_{t}': t for t in {start for _, start, _ in here}})
        last.update({f'l{d}_{t}': t for t in {end for _, _, end in here}})
        for kind, of in (('f', first), ('l', last)):
            rows.append(' + '.join(v for v in of if v.startswith(f'{kind}{d}_')) + f' - u{d} = 0')
        rows += [f'f{d}_{t} - ' + ' - '.join(f'x{i}' for i, start, _ in here if start == t) + ' <= 0' for t in {start for _, start, _ in here}]
        rows += [f'l{d}_{t} - ' + ' - '.join(f'x{i}' for i, _, end in here if end == t) + ' <= 0' for t in {end for _, _, end in here}]
        for i, start, end in here:
            rows.append(f'x{i} - ' + ' - '.join(v for v, t in first.items() if v.startswith(f'f{d}_') and t <= start) + ' <= 0')
            rows.append(f'x{i} - ' + ' - '.join(v for v, t in last.items() if v.startswith(f'l{d}_') and t >= end) + ' <= 0')
    binaries = ' '.join([f'x{i}' for i in range(len(slots))] + [f'u{d}' for d in range(len(days))] + [*first, *last])
    all_of = ' + '.join(f'x{i}' for i in range(len(slots)))
    program = lambda goal, rows: '\n'.join([goal, 'Subject To', *rows, 'Binaries', binaries, 'End']) + '\n'

    most = round(sum(v for name, v in solve(program(f'Maximize\n o: {all_of}', rows)).items() if name[0] == 'x'))
    terms = {
        'evenings': {f'u{d}': 1 for d in range(len(days))},
        'home': last,
        'waiting': {**last, **{v: -t for v, t in first.items()},
                    **{f'x{i}': -((end - start).seconds // 300) for i, (_, start, end, _) in enumerate(slots)}},
    }
    rows.append(f'{all_of} = {most}')
    costs = []
    for name in task['prefer']:
        line = ' '.join(f'{"+" if c >= 0 else "-"} {abs(c)} {v}' for v, c in terms[name].items())
        found = solve(program(f'Minimize\n o: {line}', rows))
        value = round(sum(c * found.get(v, 0) for v, c in terms[name].items()))
        costs.append(value if name == 'evenings' else value * 5)
        rows.append(f'{line} <= {value}')
    return [most, costs]


if __name__ == '__main__':
    for line in sys.stdin:
        if line.strip():
            print(json.dumps(family(json.loads(line))), flush=True)
