import math


def is_prime(n):
    """Return True if n is prime."""
    if n < 2:
        return False
    for d in range(2, math.isqrt(n) + 1):
        if n % d == 0:
            return False
    return True


def prime_factors(n):
    factors = []
    d = 2
    while n > 1:
        while n % d == 0:
            factors.append(d)
            n //= d
        d += 1
        if d * d > n > 1:
            factors.append(n)
            break
    return factors


def goldbach(n):
    for p in range(2, n // 2 + 1):
        if is_prime(p) and is_prime(n - p):
            return p, n - p
    return None


if __name__ == "__main__":
    print([n for n in range(50) if is_prime(n)])
    for n in (12, 97, 360, 1001):
        print(n, "=", " x ".join(map(str, prime_factors(n))))
    for n in range(4, 21, 4):
        a, b = goldbach(n)
        print("{} = {} + {}".format(n, a, b))
    print(math.gcd(84, 36), math.lcm(4, 6), math.factorial(6), math.comb(5, 2))
    print(divmod(17, 5), pow(2, 10, 1000), abs(-3.5), math.ceil(2.1), math.floor(-2.1))
