class Card:
    def __init__(self, suit, rank):
        self.suit, self.rank = suit, rank
    def __eq__(self, other):
        if not isinstance(other, Card):
            return NotImplemented
        return (self.suit, self.rank) == (other.suit, other.rank)
    def __hash__(self):
        return hash((self.suit, self.rank))
    def __repr__(self):
        return f"{self.rank}{self.suit}"
class Tag:
    def __init__(self, n): self.n = n
    def __eq__(self, o): return self.n == o.n
    def __hash__(self): return self.n % 3
a, b = Card("H", 3), Card("H", 3)
print(a == b, a is b, len({a, b}), {a: "x"}[b], b in {a}, Card("S", 1) in {a: 1})
seen = set()
for t in [Tag(1), Tag(4), Tag(1), Tag(7), Tag(4)]:
    seen.add(t)
print(len(seen), sorted(t.n for t in seen))
d = {}
for c in [Card("H", 1), Card("S", 1), Card("H", 1)]:
    d[c] = d.get(c, 0) + 1
print(d)
class E2:
    def __eq__(self, o): return True
try:
    {E2()}
except TypeError as e:
    print(e)
class V:
    def __init__(self, x): self.x = x
    def __add__(self, o):
        if isinstance(o, V):
            return V(self.x + o.x)
        if isinstance(o, (int, float)):
            return V(self.x + o)
        return NotImplemented
    def __lt__(self, o):
        return self.x < o.x if isinstance(o, V) else NotImplemented
    def __repr__(self): return f"V({self.x})"
print(V(1) + V(2), V(1) + 5, sum([V(1), V(2)], V(0)))
try:
    V(1) + "a"
except TypeError as e:
    print(e)
try:
    print(V(1) < 3)
except TypeError as e:
    print(e)
print(V(1) < V(2), V(3) > V(2), Card("H", 1) != 5, Card("H", 1) == V(1))
