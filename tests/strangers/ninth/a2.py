import random, string
from collections import Counter, OrderedDict, deque
from itertools import groupby, combinations, zip_longest, accumulate, product
from functools import reduce, partial
import operator as op

words = "rake hoe spade hose pot rake pot rake".split()
c = Counter(words)
print(c.most_common(2), c["hoe"], sum(c.values()), sorted(c.elements())[:3])
print([(k, len(list(g))) for k, g in groupby(sorted(words))])
print(list(accumulate([1, 2, 3, 4])), list(accumulate([1, 2, 3], op.mul)))
print([a + b for a, b in combinations("abc", 2)], len(list(product([0, 1], repeat=3))))
print(list(zip_longest([1, 2, 3], "ab", fillvalue="?")))
add5 = partial(op.add, 5)
print(add5(3), reduce(op.mul, range(1, 6)), list(map(add5, [1, 2])))
d = OrderedDict()
d["b"] = 1; d["a"] = 2
d.move_to_end("b")
print(list(d), d.popitem())
q = deque([1, 2, 3], maxlen=3)
q.append(4)
print(q, q[0])
table = str.maketrans("aeiou", "43106")
print("garden house".translate(table), string.capwords("kale and pea"))
grid = [[" "] * 4 for _ in range(3)]
grid[1][2] = "x"
print("\n".join("|".join(row) for row in grid))
nested = {"a": {"b": {"c": 1}}}
print(nested["a"]["b"].get("c"), nested.get("z", {}).get("y", "no"))
print(*sorted({3, 1, 2}, reverse=True), sep=" > ", end="!\n")
first, *middle, last = range(6)
print(first, middle, last)
print(all(map(str.isalpha, words)), any(len(w) > 4 for w in words))
print("%-8s|%6.2f|%03d|%s" % ("pea", 3.14159, 7, [1]))
print("{:>8}|{:^9}|{:<5}|{:,}|{:.1%}".format("a", "b", "c", 1234567, 0.256))
print(bin(10), hex(255), oct(8), int("ff", 16), int("0b101", 2), 7 // -2, -7 % 3, divmod(17, 5), round(2.5), round(-1.5), round(2.675, 2))
print([i for i in range(20) if not i % 3 and i], {x: x ** 2 for x in range(3)}, {len(w) for w in ["a", "b"]})
x = 5
print("odd" if x % 2 else "even", x if x > 3 else -x, not x, x and "yes", None or "default")
