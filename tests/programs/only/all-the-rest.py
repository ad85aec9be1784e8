import sys
from math import sqrt as root


def total(*numbers):
    return sum(numbers)


print(total(1, 2, 3), total())
beds = [1, 2]
print(total(*beds), total(5, *beds))


def label(first, *rest, between="-"):
    return between.join([first, *[str(part) for part in rest]])


print(label("a"), label("a", 2, 3), label("a", 2, between="+"))


def span(*numbers):
    if not numbers:
        return None
    return min(numbers), max(numbers)


print(span(), span(3, 9, 6))
head, *tail = [3, 5, 8]
print(head, tail)
*start, last = "seed"
print(start, last)
one, *more, end = range(5)
print(one, more, end)
print(list(zip(*[[1, 2], [3, 4]])), [list(row) for row in zip([1, 2], [3, 4], [5, 6])])
print(min([3, 1], default=0), max([], default=5), isinstance(3, (int, float)), root(16))
rows = others = []
rows.append(1)
print(others)
flags = 0
flags |= 4
flags ^= 1
flags <<= 2
print(flags)
try:
    print(int("pea"))
except ValueError as failure:
    print(failure)
    print(type(failure).__name__)
print("for who runs it", file=sys.stderr)
print("done", file=sys.stdout)
