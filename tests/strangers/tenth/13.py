def is_prime(n):
    """Return True if n is prime."""
    if n < 2:
        return False
    i = 2
    while i * i <= n:
        if n % i == 0:
            return False
        i += 1
    return True

def prime_factors(n):
    factors = []
    d = 2
    while n > 1:
        while n % d == 0:
            factors.append(d)
            n //= d
        d += 1
        if d * d > n:
            if n > 1:
                factors.append(n)
            break
    return factors

def gcd(a, b):
    while b:
        a, b = b, a % b
    return a

lcm = lambda a, b: a * b // gcd(a, b)

def to_base(n, base):
    digits = "0123456789ABCDEF"
    if n == 0:
        return "0"
    out = ""
    while n:
        n, r = divmod(n, base)
        out = digits[r] + out
    return out

sieve = [True] * 50
sieve[0:2] = [False, False]
for i in range(2, 8):
    if sieve[i]:
        sieve[i*i::i] = [False] * len(sieve[i*i::i])
print([i for i, p in enumerate(sieve) if p])
print([n for n in range(30) if is_prime(n)])
print(prime_factors(360), prime_factors(97), prime_factors(1001))
print(gcd(48, 18), lcm(4, 6), to_base(255, 16), to_base(10, 2), int("ff", 16), bin(10), hex(255), oct(8))
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n) if n % d == 0) == n]
print("perfect:", perfect)
triples = [(a, b, c) for a in range(1, 20) for b in range(a, 20) for c in range(b, 30) if a*a + b*b == c*c]
print(*triples, sep="\n")
print("armstrong:", [n for n in range(100, 1000) if n == sum(int(d) ** 3 for d in str(n))])
print(10 ** 20, 2 ** 0.5, 7 // -2, 7 % -2, -7 // 2, round(2.5), round(3.14159, 2), abs(-3), 1e3, 5 / 2)
