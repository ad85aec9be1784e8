from functools import reduce
from itertools import count, takewhile, islice, product, combinations
def is_prime(n): return n > 1 and all(n % d for d in range(2, int(n ** .5) + 1))
def primes():
    n = 2
    while True:
        if is_prime(n): yield n
        n += 1
print(list(islice(primes(), 10)))
print(list(takewhile(lambda p: p < 30, primes())))
print([p for p in range(50) if is_prime(p)][-3:])
def factors(n):
    d, out = 2, []
    while n > 1:
        while n % d == 0:
            out += [d]
            n //= d
        d += 1
    return out
for n in 12, 97, 360: print(n, '=', ' x '.join(map(str, factors(n))))
print(reduce(lambda a, b: a * b, range(1, 6)), list(product('ab', [1, 2])), list(combinations([1, 2, 3], 2)))
print(next(n for n in count(100) if is_prime(n)), sum(1 for _ in filter(is_prime, range(100))))
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n) if n % d == 0) == n]
print(perfect)
fizz = lambda i: 'Fizz' * (i % 3 == 0) + 'Buzz' * (i % 5 == 0) or i
print(*(fizz(i) for i in range(1, 16)))
