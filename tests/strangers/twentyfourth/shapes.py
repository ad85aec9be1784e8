from abc import ABC, abstractmethod
import math

class Shape(ABC):
    count = 0

    def __init__(self, name):
        self.name = name
        Shape.count += 1

    @abstractmethod
    def area(self):
        ...

    @abstractmethod
    def perimeter(self):
        pass

    def describe(self):
        return f"{self.name}: area {self.area():.2f}, perimeter {self.perimeter():.2f}"

    def __lt__(self, other):
        return self.area() < other.area()

    def __eq__(self, other):
        return isinstance(other, Shape) and math.isclose(self.area(), other.area())

    def __repr__(self):
        return f"{type(self).__name__}({self.name!r})"

class Circle(Shape):
    def __init__(self, radius):
        super().__init__("circle")
        self.radius = radius

    def area(self):
        return math.pi * self.radius ** 2

    def perimeter(self):
        return 2 * math.pi * self.radius

class Rectangle(Shape):
    def __init__(self, width, height, name="rectangle"):
        super().__init__(name)
        self.width, self.height = width, height

    def area(self):
        return self.width * self.height

    def perimeter(self):
        return 2 * (self.width + self.height)

    @classmethod
    def from_text(cls, text):
        return cls(*map(float, text.split("x")))

class Square(Rectangle):
    def __init__(self, side):
        super().__init__(side, side, "square")

    @staticmethod
    def is_square(shape):
        return isinstance(shape, Rectangle) and shape.width == shape.height

shapes = [Circle(1.5), Rectangle(2, 3.5), Square(2), Rectangle.from_text("4x1.5")]
for s in sorted(shapes):
    print(s.describe())
print(max(shapes), min(shapes))
print([Square.is_square(s) for s in shapes], Shape.count)
print(Square(2) == Rectangle(1, 4), Square(2) != Circle(9))
print(sum(s.area() for s in shapes if not isinstance(s, Circle)))
try:
    Shape("x")
except TypeError as e:
    print("TypeError")
