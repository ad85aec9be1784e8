from itertools import count, cycle, islice, takewhile
import itertools
colours = cycle(["red", "green"])
for i in range(5): print(next(colours), end=" ")
print(list(islice(count(1, 2), 4)), list(takewhile(lambda n: n < 20, (n * n for n in count(1)))) if False else "")
print(list(takewhile(lambda n: n < 20, count(15))))
def primes():
    n = 2
    while True:
        if all(n % d for d in range(2, n)): yield n
        n += 1
print(list(islice(primes(), 8)))
print(list(takewhile(lambda p: p < 20, primes())))
for n, c in zip(range(3), cycle("ab")): print(n, c)
for p in islice(primes(), 3): print(p)
print(list(itertools.islice([5, 6, 7], 2)), sum(islice(count(), 5)))
