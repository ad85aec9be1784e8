def validate(func):
    def wrapper(*args, **kwargs):
        for a in args:
            if not isinstance(a, (int, float)):
                raise TypeError(f"{func.__name__} wants numbers, got {type(a).__name__}")
        return func(*args, **kwargs)
    return wrapper

def times(n):
    def deco(f):
        def inner(*a):
            return [f(*a) for _ in range(n)]
        return inner
    return deco

@validate
def area(w, h=2):
    return w * h

@times(3)
def hello(name):
    return "hello " + name

print(area(3, 4), area(5), area(2, h=10))
try:
    area("3")
except TypeError as e:
    print(e)
print(hello("oak"))

def counter():
    n = 0
    def step(by=1):
        nonlocal n
        n += by
        return n
    def reset():
        nonlocal n
        n = 0
    return step, reset
step, reset = counter()
step(); step(5); print(step()); reset(); print(step())

def gen(limit):
    a, b = 0, 1
    while a < limit:
        yield a
        a, b = b, a + b
print(list(gen(50)), sum(x for x in gen(100) if x % 2 == 0))
g = gen(10)
print(next(g), next(g), next(g), list(g), next(g, 'empty'))
class Countdown:
    def __init__(self, n): self.n = n
    def __iter__(self): return self
    def __next__(self):
        if self.n <= 0: raise StopIteration
        self.n -= 1
        return self.n + 1
print(*Countdown(4)); print(sum(Countdown(10)))
fns = [lambda x, i=i: x + i for i in range(3)]
print([f(10) for f in fns], (lambda *a: len(a))(1, 2, 3))
