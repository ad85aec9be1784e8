# harvest report, from a text that looks like a file
DATA = """name,kind,kg,price
Amber,tomato,3.5,2.40
Bluff,bean,1.25,3.10
Corn,maize,,1.00
Dill,herb,0.2,9.5
Elm,bean,2,3.10"""

class BadRow(Exception):
    def __init__(self, number, reason):
        super().__init__(f"row {number}: {reason}")
        self.number = number

def parse(text):
    header, *rows = text.splitlines()
    names = header.split(",")
    for i, row in enumerate(rows, start=2):
        values = dict(zip(names, row.split(",")))
        try:
            values["kg"] = float(values["kg"])
            values["price"] = float(values["price"])
        except ValueError as e:
            raise BadRow(i, str(e)) from e
        yield values

good, bad = [], []
it = parse(DATA)
while True:
    try:
        good.append(next(it))
    except StopIteration:
        break
    except BadRow as e:
        bad.append(e)
        print(e, e.number)
print(len(good), len(bad))
records = []
for n, line in enumerate(DATA.split("\n")[1:]):
    parts = line.split(",")
    if not parts[2]: continue
    records.append({"name": parts[0], "kind": parts[1], "value": float(parts[2]) * float(parts[3])})
records.sort(key=lambda r: r["value"], reverse=True)
for r in records:
    print("{name:<8}{kind:>8}{value:>8.2f}".format(**r))
kinds = {r["kind"] for r in records}
totals = {k: sum(r["value"] for r in records if r["kind"] == k) for k in sorted(kinds)}
print(totals)
best = max(totals, key=totals.get)
print(best, round(totals[best], 1), "%.1f%%" % (100 * totals[best] / sum(totals.values())))
