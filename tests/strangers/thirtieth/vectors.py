from math import sqrt, atan2, degrees, hypot, isclose, pi, cos, sin
from functools import total_ordering, reduce
import operator

@total_ordering
class Vector:
    """A vector in the plane."""
    def __init__(self, x=0.0, y=0.0):
        self.x = x
        self.y = y

    @classmethod
    def polar(cls, r, angle):
        return cls(round(r * cos(angle), 6), round(r * sin(angle), 6))

    @staticmethod
    def parse(text):
        x, y = text.strip('()').split(',')
        return Vector(float(x), float(y))

    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, o):
        if isinstance(o, Vector):
            return self.x * o.x + self.y * o.y
        return Vector(self.x * o, self.y * o)
    __rmul__ = __mul__
    def __neg__(self): return Vector(-self.x, -self.y)
    def __abs__(self): return hypot(self.x, self.y)
    def __bool__(self): return bool(self.x or self.y)
    def __eq__(self, o): return (self.x, self.y) == (o.x, o.y)
    def __lt__(self, o): return abs(self) < abs(o)
    def __hash__(self): return hash((self.x, self.y))
    def __str__(self): return f"({self.x:g}, {self.y:g})"
    def __repr__(self): return f"Vector({self.x!r}, {self.y!r})"
    def __getitem__(self, i): return (self.x, self.y)[i]
    def __iter__(self): return iter((self.x, self.y))
    @property
    def angle(self): return degrees(atan2(self.y, self.x))

a, b = Vector(3, 4), Vector.parse('(1.5,-2)')
print(a + b, a - b, a * 2, 2 * a, a * b, -a)
print(abs(a), bool(Vector()), a == Vector(3, 4), a > b, a <= b)
print(repr(a), [a, b], str(b), a[0], b[1])
x, y = a
print(x, y, round(a.angle, 2))
print(Vector.polar(2, pi / 3), isclose(abs(Vector.polar(2, pi / 3)), 2, rel_tol=1e-5))
path = [Vector(1, 0), Vector(0, 2), Vector(-3, 1), Vector(2, -3)]
print(reduce(operator.add, path), sum(path, Vector()))
print(max(path), min(path), sorted(path)[1:3])
print(len({Vector(1, 2), Vector(1, 2), Vector(2, 1)}))
print(sum(abs(q - p) for p, q in zip(path, path[1:])))
print(f"{a!s:>10}|{a!r}|{sqrt(2):.4f}")
