class Vector:
    __slots__ = ('x', 'y')

    def __init__(self, x=0, y=0):
        self.x, self.y = x, y

    def __repr__(self):
        return 'Vector({0.x}, {0.y})'.format(self)

    def __add__(self, o): return Vector(self.x + o.x, self.y + o.y)
    def __sub__(self, o): return self + (-o)
    def __neg__(self): return Vector(-self.x, -self.y)
    def __mul__(self, k):
        if isinstance(k, Vector):
            return self.x * k.x + self.y * k.y
        return Vector(self.x * k, self.y * k)
    __rmul__ = __mul__
    def __truediv__(self, k): return Vector(self.x / k, self.y / k)
    def __abs__(self): return (self.x ** 2 + self.y ** 2) ** 0.5
    def __iter__(self): return iter((self.x, self.y))
    def __getitem__(self, i): return (self.x, self.y)[i]
    def __eq__(self, o): return isinstance(o, Vector) and tuple(self) == tuple(o)
    def __hash__(self): return hash((self.x, self.y))
    def __iadd__(self, o):
        self.x += o.x
        self.y += o.y
        return self
    def __contains__(self, v): return v in (self.x, self.y)
    def __call__(self, t): return self * t

a, b = Vector(3, 4), Vector(1, -2)
print(a + b, a - b, -a, a * 2, 2 * a, a * b, a / 2, abs(a))
x, y = a
print(x, y, a[0], a[-1], list(b), sum(a), 4 in a)
c = a
c += b
print(a, c is a, a == Vector(4, 2), a != b, len({a, b, Vector(4, 2)}))
print(sum([Vector(1, 1), Vector(2, 2)], Vector()), a(3))
print(sorted([Vector(2, 1), Vector(1, 5), Vector(1, 2)], key=lambda v: (v.x, v.y)))
print(max([a, b], key=abs), [*map(abs, [Vector(3, 4)])], {Vector(0, 0): 'origin'}[Vector()])


class Shape:
    def area(self):
        raise NotImplementedError('area of ' + type(self).__name__)
    def __lt__(self, other):
        return self.area() < other.area()
    def describe(self):
        return f'{self.__class__.__name__} of {self.area():.1f}'

class Rect(Shape):
    def __init__(self, w, h):
        self.w = w
        self.h = h
    def area(self):
        return self.w * self.h

class Square(Rect):
    def __init__(self, side):
        super().__init__(side, side)
    def describe(self):
        return 'A square! ' + super().describe()

class Blob(Shape):
    pass

for s in sorted([Rect(2, 5), Square(3), Rect(1, 1)]):
    print(s.describe())
try:
    Blob().describe()
except NotImplementedError as e:
    print('oops:', e)
print(isinstance(Square(1), Shape), issubclass(Square, Rect), hasattr(Square(2), 'h'), [k.__name__ for k in Square.__mro__][:3])
