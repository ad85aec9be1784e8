students = [
    {"name": "Hazel", "marks": [1, 2, 1]},
    {"name": "Linden", "marks": [3, 2, 4]},
    {"name": "Sorrel", "marks": []},
]
def average(marks):
    return sum(marks) / len(marks) if marks else None
for s in students:
    s["average"] = average(s["marks"])
ranked = sorted((s for s in students if s["average"] is not None), key=lambda s: (s["average"], s["name"]))
for place, s in enumerate(ranked, start=1):
    print(f"{place}. {s['name']:<10}{s['average']:>6.2f}")
missing = [s["name"] for s in students if not s["marks"]]
print("No marks:", *missing, sep=" ")
best, *others = ranked
print(best["name"], "leads", [o["name"] for o in others])
table = list(zip(*[s["marks"] for s in students if s["marks"]]))
print(table, [max(t) for t in table])
print(list(map(lambda s: s["name"][0], students)), list(filter(None, [0, 1, "", "x"])))
print({s["name"]: len(s["marks"]) for s in students})
print(sorted(students, key=lambda s: len(s["marks"]))[0]["name"])
nested = {"a": {"b": {"c": 1}}}
nested["a"]["b"]["d"] = nested["a"]["b"].get("x", []) + [2]
print(nested, nested.get("z", {}).get("y"))
