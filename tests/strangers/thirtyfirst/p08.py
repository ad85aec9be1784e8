import math

class Vector:
    def __init__(self, x=0, y=0):
        self.x, self.y = x, y
    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k): return Vector(self.x * k, self.y * k)
    __rmul__ = __mul__
    def __abs__(self): return math.hypot(self.x, self.y)
    def __bool__(self): return bool(self.x or self.y)
    def __neg__(self): return self * -1
    def __iter__(self):
        yield self.x
        yield self.y
    def __repr__(self): return "Vector(%r, %r)" % (self.x, self.y)
    def __hash__(self): return hash((self.x, self.y))
    def __eq__(self, o): return (self.x, self.y) == (o.x, o.y)

a = Vector(3, 4)
b = Vector(1, -1)
print(a + b, a - b, 2 * a, a * 0.5, -b)
print(abs(a), bool(Vector()), a == Vector(3, 4), a != b)
x, y = a
print(x, y, tuple(b))
print(len({a, b, Vector(3, 4)}))
total = sum([a, b, b], Vector())
print(total)
