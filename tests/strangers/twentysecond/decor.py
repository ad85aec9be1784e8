import functools
from contextlib import contextmanager

def logged(func):
    @functools.wraps(func)
    def wrapper(*args, **kwargs):
        wrapper.calls += 1
        shown = ', '.join([repr(a) for a in args] + [f'{k}={v!r}' for k, v in kwargs.items()])
        result = func(*args, **kwargs)
        print(f'{func.__name__}({shown}) -> {result!r}')
        return result
    wrapper.calls = 0
    return wrapper

def repeat(times):
    def decorate(func):
        @functools.wraps(func)
        def inner(*args):
            return [func(*args) for _ in range(times)]
        return inner
    return decorate

def memo(f):
    cache = {}
    def g(n):
        if n not in cache:
            cache[n] = f(n)
        return cache[n]
    g.cache = cache
    return g

@logged
def water(bed, litres=1, *, slow=False):
    return f'{bed}:{litres * (2 if slow else 1)}'

@repeat(3)
def greet(name):
    """Say hello."""
    return 'hi ' + name

@memo
def paths(n):
    return 1 if n < 2 else paths(n - 1) + paths(n - 2)

@functools.lru_cache(maxsize=None)
def tri(n):
    return 0 if n == 0 else n + tri(n - 1)

@contextmanager
def tag(name):
    print(f'<{name}>')
    yield name.upper()
    print(f'</{name}>')

water('roses')
water('beans', 3)
water('peas', litres=2, slow=True)
print(water.calls, water.__name__)
print(greet('Mo'), greet.__name__, greet.__doc__)
print(paths(40), len(paths.cache), tri(50))
with tag('bed') as t:
    print(t)
add = lambda a: lambda b: a + b
print(add(2)(3), functools.reduce(lambda acc, x: acc * x, range(1, 6)))
half = functools.partial(pow, 2)
print(half(5))
def compose(*fs):
    return functools.reduce(lambda f, g: lambda x: g(f(x)), fs)
print(compose(str.strip, str.upper, lambda s: s + '!')('  leaf '))
counters = [lambda i=i: i * 10 for i in range(3)]
print([c() for c in counters])
def averager():
    total = n = 0
    def add(x):
        nonlocal total, n
        total += x
        n += 1
        return total / n
    return add
avg = averager()
print(avg(10), avg(20), avg(30))
def gen():
    received = 0
    while True:
        x = yield received
        if x is None:
            return
        received += x
g = gen()
next(g)
print(g.send(3), g.send(4))
