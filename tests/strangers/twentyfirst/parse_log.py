import re

LINES = """
2031-04-02 07:15 bed=3 litres=12.5
2031-04-02 19:40 bed=1 litres=8
broken line
2031-04-03 07:05 bed=3 litres=11.25
"""

pattern = re.compile(r"(\d{4})-(\d{2})-(\d{2}) (\d+):(\d+) bed=(\d+) litres=([\d.]+)")
totals = {}
for number, line in enumerate(LINES.strip().splitlines(), start=1):
    found = pattern.match(line)
    if not found:
        print(f"line {number} skipped: {line!r}")
        continue
    year, month, day, hour, minute, bed, litres = found.groups()
    totals.setdefault(int(bed), []).append(float(litres))
    print(f"{day}.{month}. at {int(hour):02d}h{minute}: bed {bed}")
for bed, amounts in sorted(totals.items()):
    print(bed, sum(amounts), max(amounts))
print(re.findall(r"\d+", "3 beds, 14 rows, 159 plants"))
print(re.sub(r"\s+", " ", "too   many    blanks"))
