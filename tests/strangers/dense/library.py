from dataclasses import dataclass, field
from collections import Counter, defaultdict, deque
import math, sys, re, json, itertools, functools, string
@dataclass
class Seed:
    name: str
    price: float = 1.0
    tags: list = field(default_factory=list)
    def total(self, n=1): return round(self.price * n, 2)
a, b = Seed("pea"), Seed("leek", 2.5, ["green"])
print(a, b == Seed("leek", 2.5, ["green"]), b.total(3))
class Stack:
    def __init__(self, *items): self._items = list(items)
    def push(self, item): self._items.append(item); return self
    def pop(self):
        if not self._items: raise IndexError("pop from empty stack")
        return self._items.pop()
    @property
    def top(self): return self._items[-1] if self._items else None
    def __len__(self): return len(self._items)
    def __iter__(self): return iter(reversed(self._items))
    def __contains__(self, x): return x in self._items
    def __bool__(self): return len(self) > 0
    def __eq__(self, other): return self._items == other._items
    def __repr__(self): return f"Stack({', '.join(map(repr, self._items))})"
s = Stack(1, 2).push(3)
print(s, len(s), s.top, 2 in s, list(s), bool(Stack()), s == Stack(1, 2, 3), [x * 2 for x in s], max(s), sum(s))
for attempt in ("5", "x", "0", None):
    try:
        n = int(attempt)
        print(10 // n)
    except ValueError as e: print("ValueError:", e)
    except ZeroDivisionError as e: print("Zero:", e)
    except TypeError: print("TypeError")
    else: print("fine")
    finally: print("-", end=" ")
print()
def check(v):
    if not isinstance(v, (int, float)): raise TypeError(f"need a number, got {type(v).__name__}")
    if v < 0: raise ValueError("negative")
    return math.sqrt(v)
for v in (16, -1, "a"):
    try: print(check(v))
    except (TypeError, ValueError) as err: print(type(err).__name__ + ":", err)
try:
    empty = {}
    print(empty["k"])
except KeyError as e: print("KeyError", e)
try:
    [].pop()
except IndexError as e: print(e)
try:
    "a" + 1
except TypeError as e: print(e)
try:
    int("3.5")
except ValueError as e: print(e)
try:
    assert 1 > 2, "one is not more"
except AssertionError as e: print("assert", e)
words = "the cat sat on the mat the end".split()
print(Counter(words).most_common(2), Counter("hello")["l"], dict(Counter("aab")))
d = defaultdict(list)
for w in words: d[len(w)].append(w)
print(dict(d), sorted(d), d[9])
q = deque([1, 2, 3]); q.appendleft(0); q.append(4); q.rotate(1); print(q, q.popleft(), q.pop(), list(q))
print(list(itertools.combinations("abc", 2)), list(itertools.product([0, 1], repeat=2)), list(itertools.accumulate([1, 2, 3])), functools.reduce(lambda x, y: x * y, [1, 2, 3, 4]))
print(re.findall(r"\d+", "a1b22c333"), re.sub(r"[aeiou]", "*", "garden"), bool(re.match(r"^\w+@\w+\.\w+$", "a@b.de")), re.split(r"[,;]\s*", "a, b;c"))
print(json.dumps({"a": [1, 2.5, None, True], "b": "x"}), json.loads('{"k": [1, {"z": null}]}')["k"][1])
print(" | ".join(f"{n:<6}{p:>6.2f}" for n, p in [("pea", 1.5), ("leek", 12)]), f"{'x':*^5}", f"{3:>03}", f"{1234.5678:10.2f}|", f"{-5:05d}", f"{0.1234:.1%}", f"{10:#b}", f"{255:02X}")
matrix = [[1, 2, 3], [4, 5, 6]]
t = [list(r) for r in zip(*matrix)]; flat = [x for row in matrix for x in row if x % 2 == 0]; print(t, flat, [[0] * 2 for _ in range(2)], sum(sum(r) for r in matrix), [max(r) for r in matrix], any(5 in r for r in matrix))
people = [{"name": "Ash", "age": 12}, {"name": "Bay", "age": 11}, {"name": "Cy", "age": 12}]
x = 5; x **= 2; x //= 4; x %= 5; x <<= 2; x |= 1; print(x, x if x > 3 else -x, 1 < x < 10, x == 5 or x == 6, not x, -x ** 2, (-x) ** 2, 2 ** 3 ** 2, 10 % 3 * 2, 7 / 2 * 2, int(7 / 2) * 2, 0.1 + 0.2 == 0.3, abs(0.1 + 0.2 - 0.3) < 1e-9, round(1.005, 2), 1e100, float("inf") > 1, True + True, None == 0, [] == False, "" == False)
def gen(n):
    for i in range(n):
        yield i * i
print(list(gen(4)), sum(gen(5)), dict(enumerate(gen(3))), [a + b for a, b in zip(gen(3), "abc" and [1, 2, 3])])
total = 0
for i, ch in enumerate(string.ascii_lowercase[:5], start=1): total += i * ord(ch)
print(total, string.digits, len(string.punctuation)); print(*sys.argv[1:], sep=",", end="|\n"); print("a", "b", sep=""); print()
print(sorted([3, 1, 2], reverse=True), sorted(["b", "A", "c"], key=str.lower), list(map(lambda p, q: p + q, [1, 2], [3, 4])), list(filter(lambda z: z > 1, [1, 2, 3])), list(range(10, 0, -3)), [*range(3), *"ab"])
