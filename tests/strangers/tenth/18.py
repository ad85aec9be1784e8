import math
from itertools import groupby, chain, zip_longest
from functools import reduce, partial
from operator import itemgetter, attrgetter, mul
from collections import Counter, defaultdict, OrderedDict

people = [("Ada", 12, "north"), ("Ben", 11, "south"), ("Cy", 12, "south"), ("Di", 11, "north")]
for age, group in groupby(sorted(people, key=itemgetter(1)), key=itemgetter(1)):
    print(age, [name for name, *_ in group])
by_site = defaultdict(list)
for name, age, site in people:
    by_site[site].append(name)
print(dict(by_site))
print(reduce(mul, range(1, 6)), reduce(lambda a, b: a if len(a) > len(b) else b, ["fern", "moss", "ivy"]))
double = partial(mul, 2)
print(list(map(double, [1, 2, 3])))
print(list(chain([1, 2], (3,), "ab")), list(zip_longest([1, 2, 3], "ab", fillvalue="-")))
c = Counter("mississippi")
print(c.most_common(2), c["s"], c["z"], sum(c.values()))
print(sorted(people, key=itemgetter(2, 0)))
print(any(age > 11 for _, age, _ in people), all(map(str.isalpha, ["a", "b"])))
flat = [x for row in [[1, 2], [3], []] for x in row]
print(flat, list(filter(None, [0, 1, "", "a", None])), list(reversed(flat)))
squares = {x: x**2 for x in range(5) if x % 2}
inverse = {v: k for k, v in squares.items()}
print(squares, inverse, {len(w) for w in ["a", "bb", "cc"]})
gen = (x * x for x in range(4))
print(next(gen), next(gen), list(gen))
def countdown(n):
    while n > 0:
        yield n
        n -= 1
print(list(countdown(3)), sum(countdown(4)))
a, *b, c = range(5)
print(a, b, c)
print(math.floor(-1.5), math.ceil(1.2), math.pi.__round__(3), math.sqrt(16), math.log(math.e), math.inf > 5)
print(list(zip(*[(1, "a"), (2, "b")])), dict(zip("ab", [1, 2])), max([3, 1], default=0), min([], default=None))
