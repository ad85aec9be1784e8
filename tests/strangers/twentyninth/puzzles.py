import sys
from functools import lru_cache, reduce
from itertools import permutations, combinations, groupby, accumulate, cycle, islice, count

@lru_cache(maxsize=None)
def ways(n, coins=(1, 2, 5)):
    if n == 0: return 1
    if n < 0 or not coins: return 0
    return ways(n - coins[0], coins) + ways(n, coins[1:])

def hanoi(n, a="A", b="B", c="C"):
    if n:
        yield from hanoi(n - 1, a, c, b)
        yield (a, c)
        yield from hanoi(n - 1, b, a, c)

def sieve(limit):
    flags = [True] * (limit + 1)
    flags[0:2] = [False, False]
    for i in range(2, int(limit ** 0.5) + 1):
        if flags[i]:
            flags[i * i::i] = [False] * len(flags[i * i::i])
    return [i for i, f in enumerate(flags) if f]

def queens(n, row=0, cols=()):
    if row == n:
        return [cols]
    return [s for c in range(n) if all(c != pc and abs(c - pc) != row - pr for pr, pc in enumerate(cols)) for s in queens(n, row + 1, cols + (c,))]

print(ways(10), ways.cache_info().misses > 0)
print(list(hanoi(2)), sum(1 for _ in hanoi(5)))
print(sieve(50))
print(len(queens(6)), queens(4)[0])
print(reduce(lambda a, b: a * b, range(1, 8)), list(accumulate([1, 2, 3, 4], lambda a, b: a * b)))
print(["".join(p) for p in permutations("abc", 2)], list(combinations(range(4), 2))[-1])
print([(k, len(list(g))) for k, g in groupby("aaabbc")])
print(list(islice(cycle("ab"), 5)), list(islice(count(10, 5), 3)))
def roman(n):
    out = ""
    for v, s in zip((1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1), "M CM D CD C XC L XL X IX V IV I".split()):
        q, n = divmod(n, v)
        out += s * q
    return out
print(*map(roman, (4, 9, 14, 1994, 2026)), sep=", ")
def flatten(x):
    return [z for y in x for z in (flatten(y) if isinstance(y, list) else [y])]
print(flatten([1, [2, [3, [4]], 5]]))
def collatz(n):
    seq = [n]
    while n != 1:
        n = n // 2 if n % 2 == 0 else 3 * n + 1
        seq.append(n)
    return seq
longest = max(range(1, 30), key=lambda n: len(collatz(n)))
print(longest, len(collatz(longest)))
print(2 ** 100, len(str(3 ** 200)), int("1010", 2), hex(255), ord("é"), chr(9731), complex(1, 2) * 2 if False else "")
sys.stdout.write("done\n")
print("error", file=sys.stderr)
