from functools import partial, reduce
from operator import itemgetter, attrgetter, mul
import operator
import itertools
def area(w, h, unit="cm"):
    return f"{w * h} {unit}"
wide = partial(area, 10)
metres = partial(area, unit="m")
print(wide(3), metres(2, 3), partial(mul, 3)(4))
rows = [{"n": "b", "v": 2}, {"n": "a", "v": 2}, {"n": "c", "v": 1}]
print(sorted(rows, key=itemgetter("v", "n")))
print(max(rows, key=operator.itemgetter("v"))["n"])
class P:
    def __init__(self, n): self.n = n
print([p.n for p in sorted([P(3), P(1)], key=attrgetter("n"))], operator.add(2, 3))
print(reduce(operator.mul, [1, 2, 3, 4], 1))
for k, g in itertools.groupby("aabccc"):
    print(k, len(list(g)), end="; ")
print()
print({k: list(v) for k, v in itertools.groupby(sorted(["pea", "ivy", "fern"], key=len), key=len)})
print([(k, sum(1 for _ in g)) for k, g in itertools.groupby([1, 1, 2, 3, 3, 3])])
xs = list(range(10))
xs[::2] = [0] * 5
xs[1:4:2] = "ab"
xs[::-3] = (7, 7, 7, 7)
print(xs)
try:
    xs[::2] = [1]
except ValueError as e:
    print(e)
