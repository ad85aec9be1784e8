# Rainwater tank log, Fernhollow
import sys
from collections import OrderedDict, namedtuple

Entry = namedtuple("Entry", ["day", "litres", "note"])
raw = """Mon;12.5;drizzle
Tue;0;
Wed;33.25;storm!
Thu;oops;?
Fri;7.75;morning"""

def parse(line, sep=";"):
    day, litres, note = (part.strip() for part in line.split(sep))
    try:
        return Entry(day, float(litres), note or None)
    except ValueError as err:
        print("skipped %r: %s" % (line, err), file=sys.stdout)
        return None

entries = [e for e in map(parse, raw.splitlines()) if e is not None]
total = sum(e.litres for e in entries)
best = max(entries, key=lambda e: e.litres)
print(f"{len(entries)} days, total {total:.2f} l, best {best.day} ({best.litres:>8.3f})")
by_note = OrderedDict()
for e in entries:
    by_note.setdefault(e.note is not None, []).append(e.day)
for has, days in by_note.items():
    print("with note" if has else "bare", "->", ", ".join(days))
print(entries[0]._replace(note="x"), entries[-1]._asdict()["day"])
bars = {e.day: "#" * round(e.litres / 5) for e in entries}
width = max(len(d) for d in bars)
for day, bar in bars.items():
    print(day.ljust(width), "|", bar.ljust(8, "."), sep="")
print(*sorted(bars, key=lambda d: (-len(bars[d]), d)), sep=" > ")
