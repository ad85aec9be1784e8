import io
import csv

DATA = """bed,crop,kilos
A,bean,3.5
A,pea,1.25
B,bean,2.0
C,carrot,8.75
B,pea,0.5
"""
rows = list(csv.DictReader(io.StringIO(DATA)))
total = {}
for row in rows:
    total[row["crop"]] = total.get(row["crop"], 0) + float(row["kilos"])
for crop, kilos in sorted(total.items(), key=lambda pair: -pair[1]):
    print(f"{crop:10}{kilos:8.2f}")
