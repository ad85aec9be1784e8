def shout(fn):
    def wrapper(*args, **kwargs):
        result = fn(*args, **kwargs)
        return str(result).upper() + '!'
    return wrapper

@shout
def greet(name, greeting='hello'):
    return f'{greeting} {name}'

print(greet('moss'), greet('reed', greeting='bye'))

def memo(f):
    cache = {}
    def g(n):
        if n not in cache: cache[n] = f(n)
        return cache[n]
    return g

@memo
def fib(n): return n if n < 2 else fib(n - 1) + fib(n - 2)
print(fib(80))

def make_counter(start=0, *, step=1):
    n = start
    def inc():
        nonlocal n
        n += step
        return n
    return inc
c = make_counter(10, step=5)
c(); print(c())

def describe(kind, *names, sep=', ', **traits):
    print(kind, sep.join(names), end=': ')
    for key, value in traits.items():
        print(key, '=', value, end='; ')
    print(len(traits))
describe('tree', 'oak', 'ash', height=20, leaf='lobed')
opts = {'sep': '/', 'age': 3}
describe('herb', *['mint', 'sage'], **opts)
compose = lambda *fs: lambda x: [x := f(x) for f in fs][-1]
print(compose(abs, lambda v: v * 2)(-4))
