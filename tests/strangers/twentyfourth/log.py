import json
import os
from datetime import date

path = "log.txt"
with open(path, "w", encoding="utf-8") as f:
    f.write("2026-03-01,bean,12\n")
    f.write("2026-03-02,pea,5\n")
    print("2026-03-04,bean,7", file=f)
    f.writelines(["2026-03-09,rose,x\n", "\n", "2026-03-10,pea,9\n"])

totals = {}
errors = 0
with open(path) as f:
    for number, line in enumerate(f, start=1):
        line = line.rstrip("\n")
        if not line:
            continue
        day, plant, amount = line.split(",")
        try:
            amount = int(amount)
        except ValueError:
            errors += 1
            print(f"line {number}: {amount!r} is no number")
            continue
        totals.setdefault(plant, 0)
        totals[plant] += amount

print(totals, errors)
print(json.dumps(totals, sort_keys=True))
back = json.loads('{"bean": [1, 2.5, null], "ok": true}')
print(back["bean"], back["ok"])
print(os.path.exists(path))
os.remove(path)
print(os.path.exists(path))
