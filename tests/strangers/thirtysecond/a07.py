def fib(n, memo={}):
    if n in memo: return memo[n]
    if n < 2: return n
    memo[n] = fib(n-1) + fib(n-2)
    return memo[n]
print([fib(i) for i in range(15)], fib(90))

def collatz(n):
    steps = 0
    while n != 1: n, steps = (n // 2 if n % 2 == 0 else 3 * n + 1), steps + 1
    return steps
longest = max(range(1, 1000), key=collatz); print(longest, collatz(longest))

sieve = [True] * 101; sieve[0:2] = [False, False]
for p in range(2, 11):
    if sieve[p]: sieve[p*p::p] = [False] * len(sieve[p*p::p])
print([i for i, ok in enumerate(sieve) if ok])

def gcd(a, b):
    while b: a, b = b, a % b
    return a
print(gcd(1071, 462), 1071 * 462 // gcd(1071, 462))
def to_base(n, b): return "0" if n == 0 else to_base(n // b, b).lstrip("0") + "0123456789abcdef"[n % b]
print(to_base(255, 2), to_base(255, 16), int("ff", 16), f"{255:#x} {255:08b} {1234567:,} {0.000123:e}")
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n) if n % d == 0) == n]
print(perfect)
tri = [[1]]
for _ in range(6): tri.append([1] + [a + b for a, b in zip(tri[-1], tri[-1][1:])] + [1])
for r in tri: print(" ".join(map(str, r)).center(24).rstrip())
print(*(x**2 for x in range(5)), sep=", ")
print(any(n % 7 == 0 for n in range(50, 56)), all(map(str.isalpha, ["a", "b1"])))
