# Number puzzles -- functional style
from functools import reduce, lru_cache
from itertools import permutations, combinations, product, count, takewhile, accumulate, groupby, chain
import operator, math

digits = lambda n: [int(d) for d in str(n)]
happy = lambda n, seen=frozenset(): n == 1 or (n not in seen and happy(sum(d * d for d in digits(n)), seen | {n}))
print([n for n in range(1, 50) if happy(n)])
print(reduce(operator.mul, range(1, 8)), reduce(lambda a, b: a * 10 + b, [3, 1, 4]))
print(list(takewhile(lambda x: x < 60, accumulate(count(1)))))
send = next(p for p in permutations(range(1, 7), 3) if p[0] * p[1] == p[2] and p[0] < p[1])
print(send)
print([c for c in combinations([1, 2, 3, 5, 8], 3) if sum(c) % 2 == 0])
print(sum(1 for a, b in product(range(6), repeat=2) if a + b == 7 - 2))
runs = [(k, len(list(g))) for k, g in groupby("aaabccd")]
print(runs, "".join(f"{n}{k}" if n > 1 else k for k, n in runs))

@lru_cache(maxsize=None)
def ways(n, coins=(1, 2, 5)):
    if n == 0: return 1
    if n < 0 or not coins: return 0
    return ways(n - coins[0], coins) + ways(n, coins[1:])
print([ways(n) for n in (0, 1, 5, 10, 50)])
print(list(chain([1], (2, 3), "ab")), list(zip(*[(1, 2), (3, 4)])), dict(zip("abc", count(10))))
print(math.gcd(48, 36), math.isqrt(50), math.prod([2, 3, 4]), math.comb(5, 2), round(math.pi, 3), math.inf > 10)
pyth = {(a, b, c) for c in range(1, 20) for b in range(1, c) for a in range(1, b) if a*a + b*b == c*c}
print(sorted(pyth))
print(all(map(str.isdigit, ["12", "3"])), any(x > 3 for x in [1, 2]), sorted("banana", key="nab".index))
print(*map(lambda x, y: x ** y, [2, 3], [3, 2]), sep=", ", end="!\n")
print(f"{1234567.891:,.2f} {255:#x} {255:08b} {0.256:.1%} {'x':*^7} {42:+d} {3.0} {1e20} {10**20}")
print(divmod(-7, 3), -7 // 3, -7 % 3, 7 / 2, 2 ** -1, 1_000_000, 0b101, 0o17, 0xff)
