from abc import ABC, abstractmethod
from enum import Enum, auto
import math


class Colour(Enum):
    RED = auto()
    GREEN = auto()
    BLUE = "blue-ish"

    def __str__(self):
        return self.name.lower()


class Shape(ABC):
    count = 0

    def __init__(self, colour=Colour.GREEN):
        self.colour = colour
        Shape.count += 1

    @abstractmethod
    def area(self): ...

    def describe(self):
        return f"{self.colour} {type(self).__name__} of {self.area():.2f}"

    def __lt__(self, other):
        return self.area() < other.area()


class Circle(Shape):
    def __init__(self, r, **kwargs):
        super().__init__(**kwargs)
        self.r = r

    def area(self):
        return math.pi * self.r ** 2


class Rect(Shape):
    def __init__(self, w, h, *args, **kwargs):
        super().__init__(*args, **kwargs)
        self.w, self.h = w, h

    def area(self):
        return self.w * self.h

    def __contains__(self, point):
        x, y = point
        return 0 <= x <= self.w and 0 <= y <= self.h

    def __len__(self):
        return 4

    def __getitem__(self, i):
        return [(0, 0), (self.w, 0), (self.w, self.h), (0, self.h)][i]


class Square(Rect):
    def __init__(self, s, *args):
        super().__init__(s, s, *args)


shapes = [Circle(1.5), Rect(2, 3, colour=Colour.RED), Square(2.5, Colour.BLUE)]
for s in sorted(shapes):
    print(s.describe())
try:
    Shape()
except TypeError as e:
    print("cannot make a Shape")
r = shapes[1]
print((1, 1) in r, (3, 1) in r, len(r), r[2], list(r), Shape.count)
print([c.name for c in Colour], Colour.BLUE.value, Colour["RED"], Colour.RED is Colour.RED, Colour(2))
big = max(shapes)
print(type(big).__name__, isinstance(big, Rect), big.colour == Colour.BLUE)
total = sum(s.area() for s in shapes)
print(f"{total:.3f}", round(total), int(total), math.floor(-total), math.ceil(total))
match shapes[2]:
    case Circle(r=radius):
        print("circle", radius)
    case Rect(w=w, h=h) if w == h:
        print("square", w)
    case Rect():
        print("rect")
class Counter:
    def __init__(self): self.n = 0
    def __call__(self, by=1):
        self.n += by
        return self.n
    def __enter__(self):
        print("enter"); return self
    def __exit__(self, *exc):
        print("exit", exc[0] is None)
        return True
    def __iter__(self):
        return iter(range(self.n))
    def __bool__(self): return self.n > 2
with Counter() as c:
    c(); c(3)
    print(list(c), bool(c), c.n)
    1 / 0
print("after")
