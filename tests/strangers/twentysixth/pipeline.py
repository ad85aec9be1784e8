import itertools
from collections import Counter, defaultdict, namedtuple
from operator import itemgetter, attrgetter, mul

Reading = namedtuple("Reading", ["bed", "day", "litres"])

RAW = """\
north,mon,12.5
south,mon,9
north,tue,11
west,tue,x
south,wed,14.25
north,wed,
west,thu,7.5
"""


def parse(lines):
    for number, line in enumerate(lines, start=1):
        try:
            bed, day, litres = line.split(",")
            yield Reading(bed, day, float(litres))
        except ValueError as problem:
            print(f"line {number} left out: {problem}")


def running_total(values):
    total = 0
    for value in values:
        total += value
        yield total


def chunks(items, size):
    it = iter(items)
    while True:
        piece = list(itertools.islice(it, size))
        if not piece:
            return
        yield piece


readings = list(parse(RAW.splitlines()))
print(len(readings), "readings; the first:", readings[0])
by_bed = defaultdict(list)
for r in readings:
    by_bed[r.bed].append(r.litres)
for bed in sorted(by_bed):
    print(f"{bed:>6}: {sum(by_bed[bed]):7.2f} in {len(by_bed[bed])}")

print(sorted(readings, key=attrgetter("litres"))[0].bed)
print(max(readings, key=lambda r: r.litres)._asdict())
print(list(running_total(r.litres for r in readings)))
print(list(chunks(range(7), 3)))
print(Counter(r.day for r in readings).most_common(2))
pairs = sorted({"b": 2, "a": 3, "c": 1}.items(), key=itemgetter(1), reverse=True)
print(pairs)
for key, group in itertools.groupby(sorted(readings, key=itemgetter(0)), key=itemgetter(0)):
    print(key, [g.day for g in group])
print(list(itertools.accumulate([1, 2, 3, 4], mul)))
print([a + b for a, b in itertools.product("ab", "xy")])
print(list(itertools.combinations([1, 2, 3], 2)))
print(list(itertools.chain.from_iterable([[1], [2, 3]])))
r = readings[0]._replace(litres=99.0)
print(r.litres, readings[0].litres, r[0], *r)
