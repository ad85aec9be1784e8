import math
from abc import ABC, abstractmethod


class Bed(ABC):
    def __init__(self, name):
        self.name = name

    @abstractmethod
    def area(self):
        ...

    @abstractmethod
    def edge(self):
        """length of the border"""

    def describe(self):
        return f"{self.__class__.__name__} {self.name}: {self.area():.1f} m2, {self.edge():.1f} m"

    @classmethod
    def parse(cls, text):
        name, *numbers = text.split()
        return cls(name, *map(float, numbers))

    @staticmethod
    def biggest(beds):
        return max(beds, key=lambda bed: bed.area())


class Rectangle(Bed):
    def __init__(self, name, width, height):
        super().__init__(name)
        self.width, self.height = width, height

    def area(self):
        return self.width * self.height

    def edge(self):
        return 2 * (self.width + self.height)


class Square(Rectangle):
    def __init__(self, name, side):
        super().__init__(name, side, side)


class Circle(Bed):
    def __init__(self, name, radius):
        Bed.__init__(self, name)
        self.radius = radius

    def area(self):
        return math.pi * self.radius ** 2

    def edge(self):
        return math.tau * self.radius

    def describe(self):
        return super().describe() + " (round)"


beds = [Rectangle("beans", 4, 2.5), Square("peas", 3), Circle.parse("rose 1.5"), Rectangle.parse("leek 2 2")]
for bed in beds:
    print(bed.describe())
print(Bed.biggest(beds).name)
print([isinstance(b, Rectangle) for b in beds], issubclass(Square, Bed))
try:
    Bed("x")
except TypeError as e:
    print("TypeError")
total = 0
for bed in beds:
    if type(bed) is Circle:
        continue
    total += bed.area()
print(round(total, 2), hasattr(beds[2], "radius"), getattr(beds[0], "radius", "none"))
print(Square.__mro__[1].__name__, Square.__name__)
