from dataclasses import dataclass, FrozenInstanceError

@dataclass(frozen=True, order=True)
class Point:
    x: int
    y: int = 0

p = Point(2, 3)
try:
    p.x = 5
except FrozenInstanceError as e:
    print("frozen:", e)
try:
    p.y = 7
except AttributeError as e:
    print("attr", e)
print(p, {p: "a"}[Point(2, 3)], p < Point(3))
ps = [p]
try:
    ps[0].x += 1
except AttributeError as e:
    print(e)
try:
    ps[3].x = 1
except IndexError as e:
    print(e)
