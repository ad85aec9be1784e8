n = int(input())
primes = [x for x in range(2, n + 1) if all(x % d for d in range(2, int(x ** 0.5) + 1))]
print(primes)
print(len(primes), "primes up to", n)
