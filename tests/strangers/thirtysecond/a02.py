from itertools import groupby, accumulate, product, permutations, chain
from operator import itemgetter, attrgetter, mul
from functools import reduce

rows = [
    ("north", "pea", 4), ("north", "leek", 2), ("south", "pea", 6),
    ("south", "bean", 1), ("south", "kale", 9), ("west", "fig", 3),
]
for side, group in groupby(rows, key=itemgetter(0)):
    items = list(group)
    print(side, [r[1] for r in items], sum(r[2] for r in items))

print(list(accumulate([r[2] for r in rows])))
print(list(accumulate([1, 2, 3, 4, 5], mul)))
print(["".join(p) for p in product("ab", "xyz")])
print(len(list(permutations(range(5)))))
print(sorted(chain.from_iterable([[3, 1], [2]]), reverse=True))
print(reduce(lambda a, b: a * 10 + b, [4, 2, 7]))
best = max(rows, key=itemgetter(2))
print(best, rows.index(best))
by = {}
for side, plant, n in rows:
    by.setdefault(plant, []).append((side, n))
for plant in sorted(by):
    print(f"{plant:>6}: " + ", ".join(f"{s}={n}" for s, n in by[plant]))
pairs = list(zip(*[iter("abcdef")] * 2))
print(pairs)
