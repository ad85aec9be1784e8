import sys

def is_prime(n):
    if n < 2: return False
    i = 2
    while i * i <= n:
        if n % i == 0: return False
        i += 1
    return True

def sieve(limit):
    flags = [True] * (limit + 1)
    flags[0:2] = [False, False]
    for i in range(2, int(limit ** 0.5) + 1):
        if flags[i]:
            flags[i*i::i] = [False] * len(flags[i*i::i])
    return [i for i, f in enumerate(flags) if f]

def factors(n):
    out, d = {}, 2
    while d * d <= n:
        while not n % d:
            out[d] = out.get(d, 0) + 1
            n //= d
        d += 1
    if n > 1: out[n] = 1
    return out

def gcd(a, b): return a if not b else gcd(b, a % b)

def perfect(n): return n == sum(d for d in range(1, n) if n % d == 0)

def digits(n, base=10):
    ds = []
    while n:
        n, r = divmod(n, base)
        ds.append("0123456789ABCDEF"[r])
    return "".join(reversed(ds)) or "0"

def fib():
    a, b = 0, 1
    while True:
        yield a
        a, b = b, a + b

def collatz(n):
    steps = 0
    while n != 1:
        n = n // 2 if n % 2 == 0 else 3 * n + 1
        steps += 1
    return steps

def roman(n):
    pairs = [(1000,'M'),(900,'CM'),(500,'D'),(400,'CD'),(100,'C'),(90,'XC'),(50,'L'),(40,'XL'),(10,'X'),(9,'IX'),(5,'V'),(4,'IV'),(1,'I')]
    s = ''
    for v, r in pairs:
        q, n = divmod(n, v)
        s += r * q
    return s

print(sieve(60), [n for n in range(60) if is_prime(n)] == sieve(59))
print(' * '.join(f'{p}^{e}' if e > 1 else str(p) for p, e in factors(5040).items()))
print(gcd(462, 1071), [n for n in range(2, 500) if perfect(n)])
print(digits(255, 2), digits(255, 16), digits(0), int("ff", 16), bin(10), hex(255), oct(8))
g = fib()
print([next(g) for _ in range(12)])
longest = max(range(1, 1000), key=collatz)
print(longest, collatz(longest))
print({n: roman(n) for n in (4, 9, 14, 1994, 2026)})
print(pow(7, 128, 13), 2 ** 100, -7 // 2, -7 % 3, divmod(-7, 2))
print(f"{1/3:.4f} {2/3:8.3f}| {12345.678:,.1f} {0.256:.1%} {42:05d} {42:b} {42:x}", file=sys.stdout)
