import math
import random as rnd
from collections import Counter, defaultdict, namedtuple, OrderedDict
from itertools import permutations, accumulate, cycle
from string import ascii_uppercase as LETTERS

Point = namedtuple("Point", "x y")


def distance(p, q=Point(0, 0)):
    return math.hypot(p.x - q.x, p.y - q.y)


def bubble_sort(items, *, reverse=False):
    items = list(items)
    n = len(items)
    swaps = comparisons = 0
    for i in range(n):
        swapped = False
        for j in range(n - 1 - i):
            comparisons += 1
            if (items[j] > items[j + 1]) != reverse:
                items[j], items[j + 1] = items[j + 1], items[j]
                swapped = True
                swaps += 1
        if not swapped:
            break
    return items, swaps, comparisons


def merge_sort(a):
    if len(a) <= 1:
        return a
    mid = len(a) // 2
    left, right = merge_sort(a[:mid]), merge_sort(a[mid:])
    out = []
    while left and right:
        out.append(left.pop(0) if left[0] <= right[0] else right.pop(0))
    return out + left + right


def binary_search(a, x):
    lo, hi = 0, len(a) - 1
    while lo <= hi:
        mid = (lo + hi) // 2
        if a[mid] == x:
            return mid
        if a[mid] < x:
            lo = mid + 1
        else:
            hi = mid - 1
    return -1


def vigenere(text, key, sign=1):
    out = []
    k = 0
    for ch in text.upper():
        if ch in LETTERS:
            shift = LETTERS.index(key[k % len(key)])
            out.append(LETTERS[(LETTERS.index(ch) + sign * shift) % 26])
            k += 1
        else:
            out.append(ch)
    return "".join(out)


p = Point(3, y=4)
print(p, p.x, distance(p), p._replace(x=0), p == (3, 4), tuple(p))
print(bubble_sort([5, 2, 9, 1]), bubble_sort("seed", reverse=True)[0])
print(merge_sort([8, 3, 5, 1, 9, 2]), binary_search([1, 3, 5, 7], 5), binary_search([1], 4))
code = vigenere("Attack at dawn!", "LEMON")
print(code, vigenere(code, "LEMON", -1))
counts = Counter("mississippi")
print(counts.most_common(2), counts["z"], sum(counts.values()), sorted(counts.elements())[:3])
groups = defaultdict(list)
for w in "apple avocado banana blueberry cherry".split():
    groups[w[0]].append(w)
print(dict(groups), len(groups["q"]), "q" in groups)
print(list(accumulate([1, 2, 3, 4])), list(permutations("abc", 2))[:3], math.comb(5, 2), math.factorial(6), math.gcd(12, 18), math.floor(-2.5), math.ceil(2.1), math.pi)
squares = {n: n * n for n in range(4)}
inverse = {v: k for k, v in squares.items()}
print(squares, inverse, {x % 3 for x in range(10)}, [x for row in [[1, 2], [3]] for x in row], {**squares, 9: 81})
print(*(f"{i}:{c}" for i, c in enumerate("ab")), sep="; ")
print(sum(x * x for x in range(5)), any(x > 3 for x in [1, 2]), list(filter(None, [0, 1, "", "a"])), list(map(int, "1 2 3".split())))
print("abc".join("--"), "a,b,,c".split(","), "  x ".strip(), "abc".islower(), "a1".isalnum(), "Hello".swapcase(), "x".center(5, "*"), "hello world".split("o", 1), "aXbX".rsplit("X", 1), "abc".startswith(("a", "z")), "%d%%" % 50)
try:
    value = int("3x")
except ValueError as err:
    print("Oops:", err)
try:
    [1, 2][5]
except (IndexError, KeyError) as err:
    print(type(err).__name__, err)
try:
    {}["k"]
except KeyError as err:
    print("key", err)
try:
    "a" + 1
except TypeError as err:
    print(err)
try:
    raise RuntimeError("custom")
except Exception as e:
    print(repr(e))
finally:
    print("finally")


def countdown(n):
    while n:
        yield n
        n -= 1


print(list(countdown(3)), sum(countdown(4)), next(countdown(9)))
gen = (c for c in "xyz")
print(next(gen), list(gen))
a = [1, 2, 3]; b = a; c = a[:]; b.append(4); print(a, c, a is b, a == c)
x, *y = "hello"; print(x, y)
def f(*args, **kwargs): return args, kwargs
print(f(1, 2, k=3), f(*[1], **{"z": 2}))
def outer():
    count = 0
    def inner():
        nonlocal count
        count += 1
        return count
    return inner
c1 = outer(); c1(); print(c1())
print((lambda x, y=2: x * y)(4), sorted("bca", reverse=True), [*range(3), *"ab"], list(zip([1, 2], "ab")), dict(a=1, b=2), list(range(10, 0, -3)), round(-2.5), round(3.14159, 3), divmod(-7, 2), pow(2, 10, 1000), hash(1) == hash(1.0), chr(97), ord("A"), bin(5), all([]), isinstance(True, int))
if (n := len(a)) > 3: print("long", n)
