from dataclasses import dataclass, field
from collections import defaultdict, Counter, deque, namedtuple
from enum import Enum
import random, sys, re, json, string, itertools, functools
from abc import ABC, abstractmethod
class Shape(ABC):
    @abstractmethod
    def area(self): ...
    def describe(self): return f"{type(self).__name__} {self.area():.1f}"
class Sq(Shape):
    def __init__(self, s): self.s = s
    def area(self): return self.s ** 2
    def __repr__(self): return f"Sq({self.s})"
    def __eq__(self, o): return isinstance(o, Sq) and self.s == o.s
    def __lt__(self, o): return self.s < o.s
    def __hash__(self): return hash(self.s)
print(Sq(2).describe(), Sq(1) == Sq(1), sorted([Sq(3), Sq(1)]), Sq(1) < Sq(2), len({Sq(1), Sq(1)}))
@dataclass
class P:
    x: int
    y: int = 0
    tags: list = field(default_factory=list)
    def dist(self): return (self.x ** 2 + self.y ** 2) ** 0.5
p = P(3, 4); p.tags.append("a"); print(p, p.dist(), p == P(3, 4, ["a"]), P(1))
class Colour(Enum):
    RED = 1
    GREEN = 2
print(Colour.RED, Colour.RED.name, Colour(2).value, [c.name for c in Colour], Colour.RED == Colour.RED, Colour["GREEN"])
d = defaultdict(list)
for w in "the cat the dog".split(): d[w].append(len(d[w]))
print(dict(d), Counter("banana").most_common(2), Counter([1, 1, 2])[1])
q = deque([1, 2]); q.appendleft(0); q.append(3); q.rotate(1); print(q, q.popleft(), len(q))
Point = namedtuple("Point", "x y"); pt = Point(1, y=2); print(pt, pt.x, pt[1], pt._replace(x=5)); a, b = pt
print([x for x in itertools.chain([1], [2])], list(itertools.combinations("abc", 2)), list(itertools.product([1, 2], "x")), list(itertools.permutations([1, 2])), list(itertools.accumulate([1, 2, 3])))
print(functools.reduce(lambda a, b: a * b, [1, 2, 3, 4]), re.findall(r"\d+", "a1b22"), re.sub("[aeiou]", "*", "hello"), bool(re.match(r"^\w+$", "abc")), json.dumps({"a": [1, None, True]}), string.ascii_lowercase[:3])
def gen(n):
    for i in range(n): yield i * i
print(list(gen(4)), sum(gen(3)), [*gen(2)], max(gen(3), default=0)); g = gen(3); 
def deco(f):
    @functools.wraps(f)
    def w(*a): 
        print("call", f.__name__); return f(*a)
    return w
@deco
def hi(n): return "hi " + n
print(hi("x"))
def args(a, *r, k=1, **kw): return a, r, k, kw
print(args(1, 2, 3, k=4, z=5), args(*[1, 2], **{"k": 3}))
try:
    raise KeyError("k")
except (KeyError, IndexError) as e: print(repr(e), e.args)
else: print("no")
finally: print("f")
class MyErr(Exception):
    def __init__(self, code): super().__init__(f"code {code}"); self.code = code
try: raise MyErr(3)
except MyErr as e: print(e, e.code)
x = 10; r = "big" if x > 5 else "small"; print(r, x if x else 0, x is not None, x in (1, 10), (y := x + 1), y)
match x:
    case 1: print("one")
    case n if n > 5: print("many", n)
    case _: print("?")
print(f"{x=} {x!r} {x:>5}|{x:<5}|{x:^5}|{x:05d}|{3.14159:.2f}|{1234567:,}|{255:x}|{0.5:.0%}|{'a':-^5}", f"{'nested ' + str(x)}")
s = {1, 2} | {3}; print(s, s & {1}, s - {1}, s ^ {9}, {1} <= s, frozenset([1])); t = (1,); print(t, t * 2, (1, 2) < (1, 3), tuple("ab"))
dd = {"a": 1, **{"b": 2}}; dd.update(c=3); print(dd, dd.get("z", 0), dd.pop("a"), list(dd.items()), dd.setdefault("q", 9), {v: k for k, v in dd.items()}, "b" in dd, max(dd, key=dd.get)); del dd["b"]
l = [5, 3, 8]; l.insert(1, 9); l.extend([1, 2]); l.remove(3); print(l, l.index(8), l.count(1), l[1:3], l[::-1], l[-2:], sorted(l, key=lambda v: -v), l.pop(0), l.copy() == l, [0] * 2 + [1]); l[1:2] = [7, 7]; print(l, min(l), sum(l) / len(l)); l.clear(); print(l, not l)
nested = {"a": {"b": [1, 2, {"c": 3}]}}; print(nested["a"]["b"][2]["c"]); m = [[0] * 3 for _ in range(2)]; m[0][1] = 5; print(m, list(zip(*m)), [r[:] for r in m]); print(*m, sep="\n")
print("abc".join("12"), "a b".title(), "abc"[::-1], "x=%d y=%s" % (1, "z"), "a\tb\\n", r"raw\n", "it's", 'say "hi"', "multi" "ple", "é".upper(), "abc".isalnum(), "1".zfill(3), "a,b,,c".split(","), " a b ".split(), "abcabc".rfind("c"), "abc".partition("b"), "Hello".swapcase(), ord("é"), "%.3f" % 2, "z" > "a", "abc" * 0 == "", "a" in "cat", "ab".center(6, "-"), "x".ljust(3) + "|")
print(int("ff", 16), bin(10), hex(255), oct(8), 0b11, 0xff, 1_000, 10 // 3, -10 // 3, 10 % -3, divmod(-7, 2), pow(2, 10, 1000), round(1.005, 2), abs(-2.5), 3 / 2, 2 ** 0.5, 1e3, float("inf"), int(1e3), complex is not None if False else "", 5 & 3, 5 | 3, 5 ^ 3, ~5, 1 << 3, True + True, bool(""), None or "x", [] and 1, not [], 1 == 1.0, "1" == 1)
