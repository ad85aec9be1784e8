"""Reads a week of measurements, prints a table and a small bar chart."""
import statistics

DATA = """\
day,temp,rain
Mon,12.5,0
Tue,14.0,3.2
Wed,9.75,11
Thu,,4.1
Fri,15.25,0.0
"""


def parse(text):
    lines = text.strip().split("\n")
    header = lines[0].split(",")
    rows = []
    for number, line in enumerate(lines[1:], start=2):
        record = dict(zip(header, line.split(",")))
        try:
            record["temp"] = float(record["temp"])
            record["rain"] = float(record["rain"])
        except ValueError as err:
            print(f"line {number} skipped: {err}")
            continue
        rows.append(record)
    return rows


def bar(value, scale=2, symbol="#"):
    return symbol * round(value / scale)


rows = parse(DATA)
temps = [r["temp"] for r in rows]
print("mean  ", statistics.mean(temps))
print("median", statistics.median(temps))
print("stdev ", round(statistics.stdev(temps), 3))
width = max(len(r["day"]) for r in rows)
for r in rows:
    print(f"{r['day']:>{width}} | {r['temp']:6.2f} | {r['rain']:5.1f} | {bar(r['temp'])}")
warmest = max(rows, key=lambda r: r["temp"])
print("warmest: {day} with {temp}".format(**warmest))
total = sum(r["rain"] for r in rows if r["rain"])
print(f"rain in all: {total:.2f} mm, {total / 7:.3%} of something")
by_rain = sorted(rows, key=lambda r: (-r["rain"], r["day"]))
print([r["day"] for r in by_rain])
