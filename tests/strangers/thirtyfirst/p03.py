def is_prime(n):
    """Return True if n is a prime number."""
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
    return factors


def sieve(limit):
    numbers = [True] * (limit + 1)
    numbers[0] = numbers[1] = False
    for i in range(2, int(limit ** 0.5) + 1):
        if numbers[i]:
            for j in range(i * i, limit + 1, i):
                numbers[j] = False
    return [i for i, p in enumerate(numbers) if p]


def perfect(n):
    return n == sum(d for d in range(1, n) if n % d == 0)


primes = list(filter(is_prime, range(50)))
print(primes)
print(sieve(50) == primes)
for n in (84, 97, 360):
    f = prime_factors(n)
    print(n, "=", " x ".join(map(str, f)))
print([n for n in range(1, 500) if perfect(n)])
twins = [(a, b) for a, b in zip(primes, primes[1:]) if b - a == 2]
print("Twins:", *twins, sep="\n  ")
largest = max(range(1, 100), key=lambda n: len(prime_factors(n)))
print(f"{largest} has the most factors: {prime_factors(largest)}")
