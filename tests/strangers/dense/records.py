from collections import namedtuple
from typing import NamedTuple

Point = namedtuple("Point", ["x", "y"])
Card = namedtuple('Card', 'rank suit')
Pair = namedtuple("Pair", "a, b")

class Bed(NamedTuple):
    name: str
    width: float = 1.0

    def area(self):
        return self.width * 2

p = Point(3, 4)
q = Point(x=1, y=2)
print(p, q.x + q.y, p[0], p[-1])
x, y = p
print(x, y, len(p), list(p), tuple(p), sum(p), max(q))
print(p == (3, 4), p == Point(3, 4), p != q, p > q)
print(sorted([p, q, Point(1, 1)]))
r = p._replace(y=9)
print(r, p._asdict())
print({p: "here"}[(3, 4)], p in {Point(3, 4)})
cards = [Card(r, s) for r in ("ace", "two") for s in "HS"]
for card in cards:
    print(card.rank, card.suit, end="; ")
print()
for rank, suit in cards:
    print(f"{rank}{suit}")
print(Bed("north"), Bed("south", 2.5).area(), Bed("x").name)
for i, (a, b) in enumerate([Pair(1, 2), Pair(3, 4)]):
    print(i, a, b)
print(isinstance(p, tuple), isinstance(p, Point), p + (5,), p[:1], 3 in p, p.index(4), p.count(3))
try:
    p.x = 5
except AttributeError as e:
    print("fixed")
print(min(cards, key=lambda c: (c.suit, c.rank)))
print("%d-%d" % p, "{}/{}".format(*p), [c._replace(suit="D") for c in cards][0])
