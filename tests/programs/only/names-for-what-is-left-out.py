SIZE = 3
NAME = "pea"


def f(x=SIZE, *rest, y=NAME):
    return x, rest, y


class Bed:
    def __init__(self, name=NAME, size=SIZE * 2):
        self.name, self.size = name, size

    def grow(self, by=SIZE):
        self.size += by
        return self.size


b = Bed()
print(f(), f(1, 2), b.name, b.size, b.grow(), b.grow(1))


def outer(k):
    def inner(n=k):
        return n + k
    return inner


print(outer(4)(), outer(4)(1))
