# Student records: dictionary of lists, file-free CSV text
DATA = """name,maths,science,art
Rowan,72,65,80
Hazel,90,88,95
Ash,45,,60
Briar,66,70,58
"""


def parse(text):
    lines = text.strip().splitlines()
    header = lines[0].split(",")
    records = []
    for line in lines[1:]:
        values = line.split(",")
        record = dict(zip(header, values))
        for key in header[1:]:
            record[key] = int(record[key]) if record[key] else None
        records.append(record)
    return header, records


def average(numbers):
    numbers = [n for n in numbers if n is not None]
    if not numbers:
        return 0
    return sum(numbers) / len(numbers)


def grade(mark):
    if mark >= 85: return "A"
    elif mark >= 70: return "B"
    elif mark >= 55: return "C"
    return "U"


header, records = parse(DATA)
print("%-8s" % "Name" + "".join("%9s" % h.title() for h in header[1:]))
for r in records:
    print(f"{r['name']:<8}" + "".join(f"{'-' if r[h] is None else r[h]:>9}" for h in header[1:]))
print("=" * 35)
for subject in header[1:]:
    marks = [r[subject] for r in records]
    print(f"{subject}: mean {average(marks):.1f}, best {max((m, r['name']) for m, r in zip(marks, records) if m is not None)}")
ranked = sorted(records, key=lambda r: average([r[h] for h in header[1:]]), reverse=True)
for place, r in enumerate(ranked, start=1):
    avg = average([v for k, v in r.items() if k != "name"])
    print(place, r["name"], round(avg, 2), grade(avg))
by_grade = {}
for r in records:
    by_grade.setdefault(grade(average([r[h] for h in header[1:]])), []).append(r["name"])
for g in sorted(by_grade):
    print(g, "->", ", ".join(by_grade[g]))
missing = [(r["name"], h) for r in records for h in header if r[h] is None]
print(missing, len(missing) > 0 and "incomplete" or "complete")
total = {h: sum(r[h] or 0 for r in records) for h in header[1:]}
print(total, max(total, key=total.get), min(total.values()))
