def order(rows, key, reverse=False):
    return sorted(rows, key=key, reverse=reverse)


print(order([3, -1, 2], abs), order([3, -1, 2], lambda x: -x, True), order(["b", "A"], str.lower, reverse=True))


def best(rows, key=None):
    return max(rows, key=key), sorted(rows, key=key)


print(best([3, -5]), best([3, -5], key=lambda x: x * x), best(["aa", "b"], len))


class Sorter:
    def __init__(self, key, down=False):
        self.key = key
        self.down = down

    def run(self, rows):
        rows = list(rows)
        rows.sort(key=self.key, reverse=self.down)
        return rows


print(Sorter(len).run(["ccc", "a", "bb"]), Sorter(len, True).run(["ccc", "a", "bb"]))
keys = {"len": len, "abc": lambda s: s}
for name, k in keys.items():
    print(name, sorted(["bb", "a", "c"], key=k), min(["bb", "a", "c"], key=k))


def by_second(pair):
    return pair[1]


for f in (by_second, lambda p: p[0]):
    print(sorted([("x", 2), ("y", 1)], key=f), max([("x", 2), ("y", 1)], key=f))
way = "desc"
print(sorted([1, 3, 2], reverse=way == "desc"), sorted([1, 3, 2], reverse=(way != "desc")))
xs = [1, 3, 2]
xs.sort(reverse=len(xs) > 2)
print(xs, sorted(xs, key=None))


def oldest(guests, *, key=lambda g: g[1], reverse=False):
    return sorted(guests, key=key, reverse=reverse)[0]


print(oldest([("a", 3), ("b", 1)]), oldest([("a", 3), ("b", 1)], key=lambda g: g[0], reverse=True))
for number, (question, (answer, points)) in enumerate({"a?": ("6", 1), "b?": ("x", 2)}.items(), start=1):
    print(number, question, answer, points)
for (a, (b, c)), d in [((1, (2, 3)), 4)]:
    print(a, b, c, d)
