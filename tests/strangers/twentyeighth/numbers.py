from random import seed, randint, choice, shuffle
import math, sys
seed(1)

def is_prime(n):
    if n < 2: return False
    for d in range(2, int(math.sqrt(n)) + 1):
        if n % d == 0: return False
    return True

def primes():
    n = 2
    while True:
        if is_prime(n):
            yield n
        n += 1

def take(it, n):
    out = []
    for x in it:
        if len(out) == n:
            break
        out.append(x)
    return out

def collatz(n, memo={}):
    if n in memo: return memo[n]
    steps = 0 if n == 1 else 1 + collatz(n // 2 if n % 2 == 0 else 3 * n + 1)
    memo[n] = steps
    return steps

def digits(n):
    return [int(d) for d in str(abs(n))]

def to_roman(n):
    table = [(1000, "M"), (900, "CM"), (500, "D"), (400, "CD"), (100, "C"), (90, "XC"), (50, "L"), (40, "XL"), (10, "X"), (9, "IX"), (5, "V"), (4, "IV"), (1, "I")]
    res = ""
    for v, s in table:
        q, n = divmod(n, v)
        res += s * q
    return res

def from_roman(s):
    val = dict(I=1, V=5, X=10, L=50, C=100, D=500, M=1000)
    total = 0
    for a, b in zip(s, s[1:] + " "):
        total += -val[a] if val.get(b, 0) > val[a] else val[a]
    return total

print(take(primes(), 10))
g = primes()
print(next(g), next(g), next(x for x in g if x > 20))
print(max(range(1, 1000), key=collatz), collatz(27))
print(sum(digits(-9075)), [to_roman(x) for x in (4, 9, 14, 1987, 2024)])
assert all(from_roman(to_roman(i)) == i for i in range(1, 200))
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n // 2 + 1) if n % d == 0) == n]
print(perfect, math.pi.__round__(2) if False else round(math.pi, 3))
tri = [[1]]
for _ in range(5):
    last = tri[-1]
    tri.append([1] + [a + b for a, b in zip(last, last[1:])] + [1])
for row in tri:
    print(" ".join(map(str, row)).center(20).rstrip())
pyth = [(a, b, c) for c in range(1, 21) for b in range(1, c) for a in range(1, b) if a * a + b * b == c * c]
print(pyth, len(pyth))
print(f"{1/3:.4f} {1e6:,.0f} {255:#x} {255:b} {5:03d} {0.256:.1%} {'ab':>5}|{'ab':<5}|{'ab':^5}| {3.14159:8.3f} {-7 // 2} {-7 % 3} {7 / 2}")
print(10**20, 2**0.5, 7.0, 1e16, 1e-5, float("inf"), -0.0, 1_000_000, 0b101, 0o17, 0xff)
print(int("42") + float("1.5"), str(3) + "4", bool(""), bool("0"), int(3.99), int(-3.99), round(2.5), round(3.5), round(-1.567, 1))
try:
    collatz(0)
except RecursionError as e:
    print("too deep")
print(sys.maxsize > 2**40, isinstance(randint(1, 6), int))
