from dataclasses import dataclass
@dataclass(frozen=True)
class P:
    x: int
    y: int = 0
seen = {P(1, 2): "a", P(1): "b"}
print(seen[P(1, 2)], seen[P(1, 0)], P(2) in seen)
print(len({P(1), P(1, 0), P(3)}))
try:
    d = {[1]: 2}
except TypeError as e:
    print(e)
try:
    d = {}
    d[{1}] = 2
except TypeError as e:
    print(e)
try:
    print([1] in {1, 2})
except TypeError as e:
    print(e)
try:
    print({(1, [2]): 3})
except TypeError as e:
    print(e)
class Q:
    def __init__(self, n): self.n = n
    def __eq__(self, o): return self.n == o.n
try:
    print({Q(1): 2})
except TypeError as e:
    print(e)
def f(): pass
m = {f: 1}
print(len(m))
print({None: 1, 1: 2, True: 3, 1.0: 4, "1": 5})
