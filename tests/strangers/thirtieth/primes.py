import math

def is_prime(n):
    if n < 2:
        return False
    for i in range(2, int(math.sqrt(n)) + 1):
        if n % i == 0:
            return False
    return True

def sieve(limit):
    marks = [True] * (limit + 1)
    marks[0] = marks[1] = False
    for p in range(2, int(limit ** 0.5) + 1):
        if marks[p]:
            marks[p * p::p] = [False] * len(marks[p * p::p])
    return [i for i, m in enumerate(marks) if m]

def factorize(n):
    factors = {}
    d = 2
    while d * d <= n:
        while n % d == 0:
            factors[d] = factors.get(d, 0) + 1
            n //= d
        d += 1 if d == 2 else 2
    if n > 1:
        factors[n] = factors.get(n, 0) + 1
    return factors

def pretty(factors):
    return " * ".join(f"{p}^{e}" if e > 1 else str(p) for p, e in factors.items())

assert sieve(50) == [n for n in range(51) if is_prime(n)]
for n in 12, 97, 360, 1001, 2 ** 16, 999983:
    print(n, "=", pretty(factorize(n)))
twins = [(a, b) for a, b in zip(sieve(100), sieve(100)[1:]) if b - a == 2]
print(twins, len(twins))
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n) if n % d == 0) == n]
print("perfect:", perfect)
def collatz(n, steps=0):
    return steps if n == 1 else collatz(n // 2 if n % 2 == 0 else 3 * n + 1, steps + 1)
best = max(range(1, 100), key=collatz)
print(best, collatz(best))
print([math.gcd(84, k) for k in (36, 35, 21)], math.lcm(4, 6), 10 ** 18 % 7, pow(3, 100, 7))
print(sum(int(d) for d in str(2 ** 100)), len(str(math.factorial(50))), divmod(-7, 2))
binary = lambda n: "" if n == 0 else binary(n // 2) + str(n % 2)
print(binary(37), bin(37)[2:], f"{37:b}", int("100101", 2), f"{255:08b}", f"{255:X}")
