import math
from dataclasses import dataclass, field


@dataclass
class Vector:
    x: float
    y: float = 0.0

    def __add__(self, other):
        return Vector(self.x + other.x, self.y + other.y)

    def __sub__(self, other):
        return Vector(self.x - other.x, self.y - other.y)

    def __mul__(self, factor):
        return Vector(self.x * factor, self.y * factor)

    def __abs__(self):
        return math.hypot(self.x, self.y)

    def __neg__(self):
        return self * -1


@dataclass
class Path:
    name: str
    points: list = field(default_factory=list)

    def add(self, *points):
        self.points.extend(points)
        return self

    def __len__(self):
        return len(self.points)

    def length(self):
        return sum(abs(b - a) for a, b in zip(self.points, self.points[1:]))


a, b = Vector(3, 4), Vector(1)
print(a + b, a - b, a * 2, -a)
print(abs(a), a == Vector(3, 4))
path = Path("hedge").add(Vector(0, 0), a, Vector(3, 8))
print(len(path), path.length())
print(path)
