import math

class Vector:
    """A two-dimensional vector."""

    def __init__(self, x=0, y=0):
        self.x = x
        self.y = y

    def __add__(self, other):
        return Vector(self.x + other.x, self.y + other.y)

    def __sub__(self, other):
        return Vector(self.x - other.x, self.y - other.y)

    def __mul__(self, k):
        return Vector(self.x * k, self.y * k)

    def __eq__(self, other):
        return self.x == other.x and self.y == other.y

    def __abs__(self):
        return math.sqrt(self.x ** 2 + self.y ** 2)

    def __repr__(self):
        return "Vector({}, {})".format(self.x, self.y)

    def dot(self, other):
        return self.x * other.x + self.y * other.y

a = Vector(3, 4)
b = Vector(1)
print(a + b, a - b, a * 2, abs(a), a.dot(b), a == Vector(3, 4), a != b)
points = [a, b, Vector()]
points.sort(key=lambda v: abs(v))
print(points)
print(sum([p.x for p in points]), max(points, key=abs))
