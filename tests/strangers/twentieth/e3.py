class Counter:
    total = 0
    names = []
    def __init__(self, name):
        self.name = name
        self.count = 0
        Counter.total += 1
        self.names.append(name)
    def hit(self, by=1):
        self.count += by
        return self
    @classmethod
    def made(cls):
        return cls.total
    @staticmethod
    def describe(c):
        return f"{c.name}:{c.count}"
a, b = Counter("a"), Counter("b")
a.hit().hit(3)
a.total = 50
print(Counter.total, a.total, b.total, Counter.names, b.names is Counter.names, Counter.made(), Counter.describe(a))

class Base:
    def __init__(self):
        self.log = ["base"]
        self.setup()
    def setup(self):
        self.log.append("base setup")
    def run(self):
        return " > ".join(self.log)
class Mixin:
    def extra(self):
        return "extra " + self.run()
class Child(Base):
    def __init__(self, n):
        super().__init__()
        self.n = n
        self.log.append(f"child {n}")
    def setup(self):
        super().setup()
        self.log.append("child setup")
print(Child(3).run(), "|", 0, "|", 1)

from itertools import islice, takewhile
def gen(n):
    total = 0
    for i in range(n):
        total += i
        yield i, total
    return "ignored"
g = gen(4)
print(next(g), list(g), next(g, "over"))
def chain(*its):
    for it in its:
        yield from it
print(list(chain("ab", [1], (x * x for x in range(3)))))
def fib():
    a, b = 0, 1
    while True:
        yield a
        a, b = b, a + b
print(list(islice(fib(), 10)), list(takewhile(lambda x: x < 20, fib())))
evens = (x for x in range(10) if x % 2 == 0)
print(sum(evens), sum(evens), 4 in (x for x in range(5)))

def make_accumulator():
    total = 0
    def add(x):
        nonlocal total
        total += x
        return total
    def reset():
        nonlocal total
        total = 0
    return add, reset
add, reset = make_accumulator()
add(5); add(6)
print(add(1)); reset(); print(add(2))

x = 1
def shadow():
    x = 2
    return x + 2
print(shadow(), x)
def default(l=[], n=[0]):
    l.append(len(l)); n[0] += 1
    return l, n[0]
print(default(), default(), default([]))
def args(a, *b, c=3, **d): return a, b, c, d
print(args(1), args(1, 2, 3, c=4, e=5), args(*"xyz"), args(**{"a": 9, "z": 0}))
def swap(l, i, j): l[i], l[j] = l[j], l[i]
l = [1, 2, 3]
swap(l, 0, 2)
l2 = l
l2 += [4]
l3 = l + [5]
l2 = l2 + [6]
print(l, l2, l3)
t = ([1], 2)
t[0].append(3)
print(t)
d = {"a": [1]}
e = d.copy()
e["a"].append(2); e["b"] = 1
print(d, e, d == e, list(d) + list(e))
n = None
print(n is None, n == 0, [None] * 2, type(n).__name__, str(n) + "!")
s = "abc"
s2 = s
s += "d"
print(s, s2, s.upper().lower() is not None, s[-1], "".join(reversed(s)), s.index("c"), "b" < "c" < "d")
matrix = [[1, 2, 3], [4, 5, 6]]
print([row[1] for row in matrix], [[r[i] for r in matrix] for i in range(3)], [x for row in matrix for x in row if x % 2], list(zip(*matrix)), sum(map(sum, matrix)))
print(sorted("Hello World".split(), key=str.lower, reverse=True), sorted([(2, "b"), (1, "z"), (2, "a")]), sorted({"b": 1, "a": 2}.items(), key=lambda kv: kv[1]))
print(min("pear", "fig", key=len), max([3, 1], [2, 9]), any(x > 2 for x in l), all([]), list(enumerate("ab", 1)), dict(enumerate("ab")))
words = ["apple", "bob", "cat"]
print({w[0]: w for w in words}, {len(w) for w in words}, {w: i for i, w in enumerate(words)}["cat"], [w for w in words if "a" in w][-1])
first, *middle, last = range(5)
(a1, b1), c1 = (1, 2), 3
print(first, middle, last, a1, b1, c1)
i = 0
while i < 5:
    i += 1
    if i == 2: continue
    if i == 4: break
else:
    print("no")
print(i)
try:
    try:
        raise KeyError("k")
    finally:
        print("fin")
except LookupError as err:
    print("lookup", err)
def f():
    try:
        return 1
    finally:
        print("f fin")
print(f())
class Err(Exception): pass
class SubErr(Err):
    def __str__(self): return "sub!"
for kind in (Err("e"), SubErr("s")):
    try:
        raise Err("e")
    except SubErr as e:
        print("SubErr", e)
    except Err as e:
        print("Err", e)
    except Exception as e:
        print(type(e).__name__, e)
print(10 if x else 20, x or 5, x and 0, not x, 3 == 3.0, "3" == 3, 1 is True, [] is [], 0.1 + 0.2 == 0.3, round(0.1 + 0.2, 2) == 0.3)
print(isinstance(True, int), True + True, int("0b11", 2), int("-7"), float("-.5"), str(1e100), 7 // -2, -7 % 5, 2 ** 0.5 > 1.41, 5 / 2 * 2)
