from functools import reduce, lru_cache
from itertools import count, islice, takewhile, chain, groupby, accumulate, product, combinations, cycle

def fib():
    a, b = 0, 1
    while True:
        yield a
        a, b = b, a + b

def primes():
    found = []
    for n in count(2):
        if all(n % p for p in takewhile(lambda p: p * p <= n, found)):
            found.append(n)
            yield n

def chunks(seq, size):
    for i in range(0, len(seq), size):
        yield seq[i:i + size]

@lru_cache(maxsize=None)
def ways(n):
    return 1 if n < 2 else ways(n - 1) + ways(n - 2)

def compose(*fs):
    return reduce(lambda f, g: lambda x: f(g(x)), fs, lambda x: x)

def running_mean():
    total, n = 0, 0
    mean = None
    while True:
        value = yield mean
        total += value
        n += 1
        mean = total / n

print(list(islice(fib(), 12)))
print(list(takewhile(lambda x: x < 60, primes())))
print(list(chunks("abcdefgh", 3)), [*chunks([1, 2, 3, 4], 2)])
print(ways(60))
print(compose(str, abs, int)("-12") + "!")
print(list(accumulate([3, 1, 4, 1, 5])), list(chain([1], (2, 3), "ab")))
print([(k, len(list(g))) for k, g in groupby("aaabccd")])
print([a + b for a, b in product("xy", "12")], list(combinations("abc", 2)))
print(reduce(lambda a, b: a * b, range(1, 8)))
m = running_mean()
next(m)
print([m.send(v) for v in (10, 20, 60)])
colours = cycle(["red", "green"])
print([next(colours) for _ in range(5)])
evens = filter(lambda n: n % 2 == 0, range(10))
squares = map(lambda n: n ** 2, evens)
print(list(zip(squares, "abc")), sum(n for n in range(101) if n % 7 == 0))
pairs = dict(zip("abc", range(3)))
print(pairs, {v: k for k, v in pairs.items()}, sorted(pairs, reverse=True))
print(any(x > 3 for x in pairs.values()), all(isinstance(k, str) for k in pairs))
print(sorted(["pear", "fig", "apple"], key=lambda w: (len(w), w)), sorted("hello"))
first, *middle, last = range(6)
print(first, middle, last, [*middle, *"no"], {**pairs, "z": 9})
it = iter([1, 2])
print(next(it), next(it), next(it, "end"))
def tree(n):
    return None if n == 0 else (tree(n - 1), n, tree(n - 1))
def walk(t):
    if t:
        left, value, right = t
        yield from walk(left)
        yield value
        yield from walk(right)
print(list(walk(tree(3))))
