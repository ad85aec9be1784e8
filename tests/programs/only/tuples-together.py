import itertools
from collections import namedtuple, Counter, deque
a, b = (1, 2), [3]
print(a + (3,), b + list(a), tuple(b) + a)
P = namedtuple('P', 'x y')
print(P(1, 2) + (3,), P(1, 2) < (1, 3), sorted([(2, "a"), P(1, 2)], key=lambda t: t[0]))
pairs = list({"a": 1}.items()) + [("b", 2)]
print(pairs, sorted(pairs), pairs[0] + pairs[1])
for p in itertools.combinations([1, 2, 3], 2):
    print(p + (0,), end=" ")
for p in itertools.product("ab", [1]):
    print(p + ("x",), end=" ")
for p in itertools.permutations([1, 2]):
    print(p + (9,), end=" ")
for z in zip([1], [2]):
    print(z + (3,), (0,) + z)
for e in enumerate("a"):
    print(e + (1,))
print(Counter("aab").most_common()[0] + (1,), divmod(7, 2) + (1,), "a-b".partition("-") + ("c",))
def f(*args):
    return args + (1,)
print(f(2, 3), f())
print(sorted("cab") + ["d"], "a b".split() + ["c"], [1] * 2 + [3], [x for x in range(2)] + list(range(2)))
m = [[1, 2], [3, 4]]
print(m[0] + m[1], [*m[0]] + m[1][:1], list(zip(*m))[0] + (5,), max((1, 2), (1, 3)) + (0,), max(m) + [0])
d = {(1, 2): "a"}
for k in d:
    print(k + (3,))
k, v = list(d.items())[0]
print(k + (3,))
x = 1, 2
x += (3,)
y = [1]
y += (2, 3)
y.extend((4,))
print(x, y, x[1:] + x[:1], x * 2, tuple(i for i in range(3)) + (3,), () + (1,))
first, *rest = (1, 2, 3)
print(rest + [4])
def two():
    return 1, 2
print(two() + (3,), (1, 2), list(map(lambda p: p + (1,), [(0,)])))
print(sorted([[2, 1], [1, 2]]), sorted([(2,), (1, 5)]), min([(3, 1), (2, 9)]), (1, 2) == [1, 2], (1,) < (1, 0))
print(sum([[1], [2]], []), sum([(1,), (2,)], ()), tuple([1]) + tuple("a"))
print("%s-%s" % (1, 2), "a".join(("b", "c")), str((1,)) + "x", d.get((1, 2)), isinstance((1,), tuple))
print([list(r) for r in m][0] + [1], m[0].copy() + [1], sorted(d.items())[0] + (1,), [*d][0] + (1,), tuple(sorted([2, 1])) + (0,), tuple(reversed((1, 2))) + (0,))
