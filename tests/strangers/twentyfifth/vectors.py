import math
class Vector:
    __slots__ = ("x", "y")
    def __init__(self, x=0.0, y=0.0):
        self.x = x
        self.y = y
    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return Vector(self.x - o.x, self.y - o.y)
    def __mul__(self, k):
        if isinstance(k, Vector):
            return self.x * k.x + self.y * k.y
        return Vector(self.x * k, self.y * k)
    __rmul__ = __mul__
    def __truediv__(self, k): return self * (1 / k)
    def __neg__(self): return self * -1
    def __abs__(self): return math.hypot(self.x, self.y)
    def __eq__(self, o): return (self.x, self.y) == (o.x, o.y)
    def __bool__(self): return bool(self.x or self.y)
    def __iter__(self): yield self.x; yield self.y
    def __getitem__(self, i): return (self.x, self.y)[i]
    def __repr__(self): return f"Vector({self.x:g}, {self.y:g})"
    @property
    def angle(self): return math.degrees(math.atan2(self.y, self.x))
    @classmethod
    def polar(cls, r, deg): return cls(r * math.cos(math.radians(deg)), r * math.sin(math.radians(deg)))
a, b = Vector(3, 4), Vector(1, -2)
print(a + b, a - b, a * 2, 3 * b, a * b, -a, abs(a), a / 2)
print(a == Vector(3, 4), a != b, bool(Vector()), list(a), a[0], round(a.angle, 2))
x, y = a
print(x, y, sum([a, b], Vector()), max([a, b], key=abs))
p = Vector.polar(2, 90)
print(round(p.x, 6), round(p.y, 6))
points = [Vector(i, i * i) for i in range(4)]
print(points[1:3], sorted(points, key=lambda v: -v.y)[0])
class Particle:
    def __init__(self, pos, vel): self.pos, self.vel = pos, vel
    def step(self, dt=0.1, gravity=Vector(0, -9.81)):
        self.vel += gravity * dt
        self.pos += self.vel * dt
q = Particle(Vector(0, 2), Vector(3, 5))
steps = 0
while q.pos.y > 0:
    q.step()
    steps += 1
print(steps, f"{q.pos.x:.2f} {q.pos.y:.3f}")
