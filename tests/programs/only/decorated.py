import functools
from functools import wraps

def memo(f):
    cache = {}
    @wraps(f)
    def wrapper(n):
        if n not in cache:
            cache[n] = f(n)
        return cache[n]
    return wrapper

def log(func):
    @functools.wraps(func)
    def wrapper(*args):
        print("calling", func.__name__, "with", args)
        result = func(*args)
        print("->", result)
        return result
    return wrapper

def repeat(times):
    def decorator(func):
        def wrapper(*args):
            for _ in range(times):
                out = func(*args)
            return out
        return wrapper
    return decorator

def early(n):
    return fib(n) * 2

@memo
def fib(n):
    """Numbers of a spiral."""
    return n if n < 2 else fib(n - 1) + fib(n - 2)

@log
def area(w, h):
    return w * h

@repeat(3)
@log
def hello(name):
    print("hello", name)
    return len(name)

print(fib(60), early(10))
area(3, 4)
print(hello("Fern"))
