import string, functools
from functools import total_ordering, wraps
from dataclasses import dataclass, field

def clean(t):
    return t.lower().translate(str.maketrans('', '', string.punctuation))
print(clean("Hello, World! It's..."), "abc".translate(str.maketrans("ab", "xy", "c")))
print("a-b".translate(str.maketrans({"-": "+", "a": None})))

@total_ordering
class V:
    def __init__(self, n): self.n = n
    def __eq__(self, o): return self.n == o.n
    def __lt__(self, o): return self.n < o.n

a, b = V(1), V(2)
print(a < b, a <= b, a > b, a >= b, a == b, a != b, max([a, b]).n, sorted([b, a])[0].n, V(1) <= a)

@functools.total_ordering
class W:
    def __init__(self, n): self.n = n
    def __eq__(self, o): return self.n == o.n
    def __ge__(self, o): return self.n >= o.n
print(W(1) < W(2), W(2) > W(1), W(1) <= W(1), W(3) < W(2), W(2) > W(2))

@dataclass
class P:
    x: int
    y: int = 2
    tags: list = field(default_factory=list)
    def __post_init__(self):
        if self.x < 0:
            raise ValueError(f"bad {self.x}")
        self.total = self.x + self.y
p = P(3)
print(p, p.total, P(1, 5).total)
try:
    P(-1)
except ValueError as e:
    print("no", e)

def deco(f):
    @functools.wraps(f)
    def inner(*a, **k):
        print("call", f.__name__)
        return f(*a, **k)
    return inner
@deco
def hi(n): return n * 2
print(hi(4))
