import json
import itertools
from functools import reduce, lru_cache

readings = '[{"day": "Mon", "rain": 3.2}, {"day": "Tue", "rain": 0}, {"day": "Wed", "rain": 11.5}]'
data = json.loads(readings)
print(data[0]["day"], len(data))
print(json.dumps({"max": max(d["rain"] for d in data), "wet": [d["day"] for d in data if d["rain"] > 0]}))
print(json.dumps(data[1], indent=2))


@lru_cache(maxsize=None)
def ways(steps):
    return 1 if steps <= 1 else ways(steps - 1) + ways(steps - 2)


print(ways(30))
print(reduce(lambda a, b: a * b, range(1, 6)), reduce(lambda a, b: a + b, ["x", "y"], ""))
print(list(itertools.combinations("abc", 2)))
print(list(itertools.product([0, 1], repeat=2)))
print(list(itertools.chain([1], [2, 3])), list(itertools.accumulate([1, 2, 3])))
for key, group in itertools.groupby("aabbbc"):
    print(key, len(list(group)), end=" ")
print()
print(list(map(lambda x: x ** 2, filter(lambda x: x % 2, range(8)))))
print(list(zip("abc", [1, 2, 3])), dict(zip("ab", (1, 2))))
print(any([]), all([]), sorted("bAc", key=str.lower), min([3, 1], default=0), list(reversed([1, 2])))
nested = {"beds": [{"n": 1, "crops": ["pea"]}, {"n": 2, "crops": []}]}
for bed in nested["beds"]:
    print(bed.get("n"), bed.get("soil", "clay"), bed["crops"] or "fallow")
a, (b, *c), d = 1, (2, 3, 4), 5
print(a, b, c, d)
print(*range(3), sep="-", end="!\n")
x = 10
print("big" if x > 5 else "small", x if x % 2 else -x, not x, x and "yes", None or "default")
