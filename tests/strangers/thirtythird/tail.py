def countdown(n):
    while n > 0:
        got = yield n
        if got:
            n = got
        n -= 1


def windows(seq, size=3):
    it = iter(seq)
    window = []
    for x in it:
        window.append(x)
        if len(window) == size:
            yield tuple(window)
            window.pop(0)


def tree(depth, name="0"):
    if depth == 0:
        yield name
        return
    for i in range(2):
        yield from tree(depth - 1, name + str(i))


class Cycle:
    def __init__(self, items):
        self.items = items
        self.at = -1

    def __iter__(self):
        return self

    def __next__(self):
        self.at += 1
        if self.at >= 2 * len(self.items):
            raise StopIteration
        return self.items[self.at % len(self.items)]


def logged(prefix):
    def wrap(f):
        def inner(*args, **kwargs):
            print(prefix, f.__name__, args, kwargs)
            result = f(*args, **kwargs)
            print(prefix, "->", result)
            return result
        return inner
    return wrap


@logged("**")
def water(bed, litres=2, *, slow=False):
    return litres * (2 if slow else 1)


print(list(countdown(4)))
print(list(windows([1, 2, 3, 4, 5])))
print(list(tree(2)))
print(list(Cycle("ab")), dict(zip("xyz", Cycle([1, 2]))))
water("beans")
water("peas", 3, slow=True)
g = (x * x for x in range(5) if x % 2)
print(next(g), next(g), next(g, "done"))
make = [lambda x, k=k: x * k for k in range(3)]
print([f(10) for f in make])


def counter():
    n = 0
    def up(step=1):
        nonlocal n
        n += step
        return n
    def reset():
        nonlocal n
        n = 0
    return up, reset


up, reset = counter()
up(); up(5)
print(up())
reset()
print(up(2))
print(sorted(["b10", "a2", "B1"], key=str.lower), list(map(lambda a, b: a + b, [1, 2], [10, 20])))
print(*filter(None, [0, 1, "", "x", [], [0]]))
first, *middle, last = range(6)
print(first, middle, last)
