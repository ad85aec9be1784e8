class Shape:
    def area(self):
        raise NotImplementedError

    def describe(self):
        return f"{type(self).__name__} with area {self.area():.2f}"

class Square(Shape):
    def __init__(self, side):
        self.side = side
    def area(self):
        return self.side ** 2

class Circle(Shape):
    PI = 3.14159
    def __init__(self, r):
        self.r = r
    def area(self):
        return Circle.PI * self.r * self.r
    def __repr__(self):
        return "Circle(%s)" % self.r

shapes = [Square(3), Circle(2)]
for s in shapes:
    print(s.describe())
print(shapes[1], [Circle(1)])
try:
    Shape().describe()
except NotImplementedError:
    print("no area")
