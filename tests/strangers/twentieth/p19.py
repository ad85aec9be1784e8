import time
from datetime import date, timedelta

def timed(func):
    def wrapper(*args, **kwargs):
        start = time.perf_counter()
        result = func(*args, **kwargs)
        spent = time.perf_counter() - start
        print(func.__name__, "ran", spent >= 0)
        return result
    return wrapper

@timed
def slow_sum(n, step=1):
    return sum(range(0, n, step))

def make_counter():
    count = 0
    def inc(by=1):
        nonlocal count
        count += by
        return count
    return inc

def compose(*fs):
    def inner(x):
        for f in reversed(fs):
            x = f(x)
        return x
    return inner

print(slow_sum(1000), slow_sum(10, step=3))
c = make_counter()
c(); c(5)
print(c())
print(compose(str, abs, lambda x: x - 10)(3))

def countdown(n):
    while n > 0:
        yield n
        n -= 1
    yield "lift off"

g = countdown(3)
print(next(g), next(g), list(g))
def evens():
    n = 0
    while True:
        yield n
        n += 2
for e in evens():
    if e > 8:
        break
    print(e, end=" ")
print()
print(sum(x * x for x in range(5)), sorted((len(w), w) for w in "the old oak tree".split()))
operations = {"add": lambda a, b: a + b, "sub": lambda a, b: a - b}
for name, op in operations.items():
    print(name, op(7, 3))
start = date(2026, 2, 27)
print(start + timedelta(days=3), (date(2026, 12, 25) - start).days)
