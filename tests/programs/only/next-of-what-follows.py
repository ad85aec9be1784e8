beds = {"pea": 3, "bean": 7}
print(next(iter(beds)), next(iter([4, 5])), next(iter("word")))
print(next((k for k, v in beds.items() if v > 5), None), next((k for k in beds if beds[k] > 9), "none"))
plants = [{"name": "fern", "tall": 4}, {"name": "elm", "tall": 900}]
found = next((p for p in plants if p["tall"] > 100), None)
print(found["name"] if found else "-")
print(next(p["name"] for p in plants if p["tall"] < 10))
print(next(iter([]), "empty"), next(filter(lambda n: n > 2, [1, 2, 3]), 0))
try:
    print(next(p for p in plants if p["tall"] > 1000))
except StopIteration:
    print("no such plant")
