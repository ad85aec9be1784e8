import random
random.seed(4)

class Shape:
    def __init__(self, colour):
        self._colour = colour
    @property
    def colour(self):
        return self._colour
    @colour.setter
    def colour(self, value):
        if value not in ("red", "green", "blue"):
            raise ValueError("no such colour: " + value)
        self._colour = value
    def area(self):
        raise NotImplementedError
    def describe(self):
        return "%s %s with area %.2f" % (self.colour, type(self).__name__, self.area())

class Square(Shape):
    def __init__(self, colour, side):
        super().__init__(colour)
        self.side = side
    def area(self):
        return self.side ** 2

class Circle(Shape):
    PI = 3.14159
    def __init__(self, colour, r):
        Shape.__init__(self, colour)
        self.r = r
    def area(self):
        return Circle.PI * self.r ** 2

shapes = [Square("red", 3), Circle("blue", 1.5)]
for s in shapes:
    print(s.describe())
shapes[0].colour = "green"
try:
    shapes[1].colour = "pink"
except ValueError as error:
    print("Error:", error)
print([isinstance(s, Square) for s in shapes])
print(sum(s.area() for s in shapes) > 15)
try:
    Shape("red").area()
except NotImplementedError:
    print("a shape has no area")
