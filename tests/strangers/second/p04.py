import math
shapes = []
class Shape:
    """Base class of all shapes."""
    name = "shape"
    def area(self):
        raise NotImplementedError("area is missing")
    def describe(self):
        return f"{self.name} with area {self.area():.2f}"
class Circle(Shape):
    name = "circle"
    def __init__(self, r): self.r = r
    def area(self): return math.pi * self.r ** 2
class Rect(Shape):
    name = "rectangle"
    def __init__(self, w, h):
        self.w, self.h = w, h
    def area(self): return self.w * self.h
class Square(Rect):
    name = "square"
    def __init__(self, side):
        super().__init__(side, side)
shapes.extend([Circle(1.5), Rect(2, 3), Square(4), Shape()])
for s in shapes:
    try:
        print(s.describe())
    except NotImplementedError as err:
        print(type(s).__name__, "failed:", err)
print([type(s).__name__ for s in sorted(shapes[:3], key=lambda s: s.area(), reverse=True)])
print(hasattr(shapes[0], "r"), isinstance(shapes[2], Rect), issubclass(Square, Shape))
