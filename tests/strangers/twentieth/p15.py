class Shape:
    def __init__(self, name):
        self.name = name

    def area(self):
        raise NotImplementedError("area of " + self.name)

    def describe(self):
        print("%s has area %.2f" % (self.name, self.area()))


class Rectangle(Shape):
    def __init__(self, w, h):
        super().__init__("rectangle")
        self.w, self.h = w, h

    def area(self):
        return self.w * self.h

    def __eq__(self, other):
        return isinstance(other, Rectangle) and (self.w, self.h) == (other.w, other.h)

    def __lt__(self, other):
        return self.area() < other.area()

    def __add__(self, other):
        return Rectangle(self.w + other.w, self.h + other.h)

    def __mul__(self, k):
        return Rectangle(self.w * k, self.h * k)

    def __bool__(self):
        return self.area() > 0

    def __hash__(self):
        return hash((self.w, self.h))


class Square(Rectangle):
    def __init__(self, side):
        Rectangle.__init__(self, side, side)
        self.name = "square"


class Circle(Shape):
    PI = 3.14159

    def __init__(self, r):
        super().__init__("circle")
        self.r = r

    def area(self):
        return Circle.PI * self.r ** 2


class Blob(Shape):
    pass


shapes = [Rectangle(2, 3), Square(2), Circle(1), Blob("blob")]
for s in shapes:
    try:
        s.describe()
    except NotImplementedError as err:
        print("cannot:", err)
print(Rectangle(2, 2) == Square(2), Rectangle(1, 2) != Rectangle(2, 1))
print(sorted(shapes[:2])[0].name, (shapes[0] + shapes[1]).area(), (shapes[0] * 3).w)
print(bool(Rectangle(0, 5)), len({Rectangle(1, 1), Rectangle(1, 1), Square(1)}))
print(hasattr(shapes[2], "r"), hasattr(shapes[0], "r"), getattr(shapes[2], "r", None))
print(shapes[1].__class__.__name__, Square.__mro__[1].__name__, callable(shapes[0].area))
