point = (3, 4)
x, y = point
print(x, y, point, point[0], len(point), point[-1], (5,), ())
a, b = 1, 2
a, b = b, a
print(a, b)
pairs = [(1, "one"), (2, "two")]
for number, word in pairs:
    print(number, word)


def ends(values):
    return min(values), max(values)


low, high = ends([5, 2, 9])
print(low, high, ends([1, 7]))
print((1, 2) < (1, 3), (1,) + (2, 3), (1, 2) == (1, 2), (1, 2) == [1, 2], 2 in (1, 2), (0,) * 3)
(c, d) = (7, 8)
places = {(0, 0): "gate", (1, 2): "pond"}
print(c + d, places[(1, 2)], (0, 0) in places, places)
print(list((1, 2)), tuple([3, 4]), sorted([(2, "b"), (1, "z"), (1, "a")]), max((3, 1), (3, 2)))
