import re
from itertools import permutations, combinations, product, groupby, count, cycle, islice
from functools import reduce, partial
from collections import namedtuple, OrderedDict, ChainMap
from operator import itemgetter, attrgetter, mul

Plant = namedtuple("Plant", "name height price")
plants = [Plant("bean", 150, 1.2), Plant("pea", 120, 0.95), Plant("kale", 60, 1.1), Plant("bulb", 60, 2)]
print(min(plants, key=attrgetter("height")), sorted(plants, key=itemgetter(2))[0].name)
for h, group in groupby(sorted(plants, key=lambda p: p.height), key=lambda p: p.height):
    print(h, [p.name for p in group])
cheap = plants[0]._replace(price=1)
print(cheap, cheap.price, cheap[0], plants[0]._asdict(), Plant._fields)
name, height, _ = cheap
print(name, height)
print(reduce(mul, [1, 2, 3, 4]), list(map(partial(pow, 2), range(5))))
print(["".join(p) for p in permutations("abc", 2)], list(combinations([1, 2, 3], 2)), len(list(product("ab", repeat=3))))
print(list(islice(count(10, 5), 3)), list(islice(cycle("xy"), 5)))
text = "Call 555-1234 or 555-9876, mail fern@hollow.example; due 2024-03-05."
print(re.findall(r"\d{3}-\d{4}", text), re.search(r"(\w+)@(\w+)", text).groups())
m = re.search(r"(?P<y>\d{4})-(?P<m>\d\d)-(?P<d>\d\d)", text)
print(m.group("y"), m.group(2), m.start(), m.groupdict())
print(re.sub(r"\d", "#", text[:13]), re.split(r"[,;]\s*", "a, b;c"), bool(re.match(r"^[A-Z]\w+$", "Fern")))
print(re.sub(r"(\w+) (\w+)", r"\2 \1", "hello world"), re.sub("[aeiou]", lambda m: m.group().upper(), "garden"))
od = OrderedDict([("a", 1), ("b", 2)])
od.move_to_end("a")
print(list(od), dict(ChainMap({"x": 1}, {"x": 2, "y": 3})))
gen = (x * x for x in range(4))
print(next(gen), list(gen), any(x > 3 for x in [1, 2]), dict(zip("abc", range(3))))
a, b, *c = range(5)
(d, e), f = (1, 2), 3
print(a, b, c, d, e, f, [*c, *range(2)], {**{"k": 1}, "l": 2})
x = y = []
x.append(1)
print(y is x, x == [1], y)
print(sorted({"b": 2, "a": 1}.items()), {v: k for k, v in {"b": 2, "a": 1}.items()}, set("hello") - set("help"), frozenset([1]) | {2})
matrix = [[1, 2, 3], [4, 5, 6]]
print([list(r) for r in zip(*matrix)], sum(map(sum, matrix)), [x for r in matrix for x in r if x % 2])
print("%s is %d years and %.1f%%" % ("Fern", 12, 99.5), "{:>6}|{:<6}|{:^6}".format("a", "b", "c"), "{x}-{y}".format(x=1, y=2))
