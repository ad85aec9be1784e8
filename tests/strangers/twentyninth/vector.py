import random, math
class Vector:
    __slots__ = ("x", "y")
    def __init__(self, x=0, y=0): self.x, self.y = x, y
    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k): return Vector(self.x * k, self.y * k) if isinstance(k, (int, float)) else self.x * k.x + self.y * k.y
    __rmul__ = __mul__
    def __eq__(self, o): return (self.x, self.y) == (o.x, o.y)
    def __hash__(self): return hash((self.x, self.y))
    def __abs__(self): return math.hypot(self.x, self.y)
    def __bool__(self): return bool(self.x or self.y)
    def __iter__(self): yield self.x; yield self.y
    def __getitem__(self, i): return (self.x, self.y)[i]
    def __repr__(self): return f"Vector({self.x}, {self.y})"
    def __lt__(self, o): return abs(self) < abs(o)
a, b = Vector(3, 4), Vector(1, -2)
print(a + b, a - b, a * 2, 2 * a, a * b, abs(a), bool(Vector()), a == Vector(3, 4), {a: 1}[Vector(3, 4)])
x, y = a
print(x, y, a[1], list(b), sorted([a, b]), max(a, b), sum([a, b], Vector()))
class Stack(list):
    def push(self, x): self.append(x)
    def peek(self): return self[-1]
s = Stack(); s.push(1); s.push(2); print(s.peek(), len(s), s)
