from abc import ABC, abstractmethod
import math

class Shape(ABC):
    def __init__(self, name): self.name = name
    @abstractmethod
    def area(self): ...
    def describe(self): return f"{self.name} of area {self.area():.2f}"

class Circle(Shape):
    def __init__(self, r):
        Shape.__init__(self, "circle")
        self.r = r
    def area(self): return math.pi * self.r ** 2

class Rect(Shape):
    def __init__(self, w, h, name="rectangle"):
        super().__init__(name)
        self.w, self.h = w, h
    def area(self): return self.w * self.h
    def __add__(self, other): return Rect(self.w + other.w, self.h + other.h)
    def __getitem__(self, i): return (self.w, self.h)[i]
    def __bool__(self): return self.area() > 0

class Square(Rect):
    def __init__(self, s): super().__init__(s, s, "square")
    def describe(self): return super().describe() + " (all sides equal)"

shapes = [Circle(1.5), Rect(2, 3), Square(4)]
for s in shapes: print(s.describe())
print(sum(s.area() for s in shapes if isinstance(s, Rect)))
r = shapes[1] + shapes[2]
print(r.w, r[1], bool(Rect(0, 1)), [type(s).__name__ for s in shapes])
try:
    Shape("x")
except TypeError as e:
    print("abstract")
print(sorted(shapes, key=Shape.area)[0].name, Square.__name__, vars(Square(2)))
