from functools import lru_cache
from itertools import permutations, combinations
import math

@lru_cache(maxsize=None)
def ways(n):
    if n < 0:
        return 0
    if n == 0:
        return 1
    return ways(n - 1) + ways(n - 2) + ways(n - 3)

print([ways(n) for n in range(10)])
print(ways(60))

points = [(0, 0), (3, 4), (6, 8), (0, 10)]
best = None
for order in permutations(points[1:]):
    route = (points[0],) + order
    length = sum(math.dist(a, b) for a, b in zip(route, route[1:]))
    if best is None or length < best[0]:
        best = (length, route)
print(round(best[0], 3), best[1])
pairs = [(a, b) for a, b in combinations(range(1, 10), 2) if a * b == 24]
print(pairs)
print(math.gcd(84, 36), math.factorial(10), math.hypot(3, 4), math.comb(5, 2))
primes = [p for p in range(2, 50) if all(p % d for d in range(2, int(p ** 0.5) + 1))]
print(primes, f"{sum(primes):,}")
def collatz(n):
    steps = 0
    while n != 1:
        n = n // 2 if n % 2 == 0 else 3 * n + 1
        steps += 1
    return steps
print(max(range(1, 1000), key=collatz))
