import functools
import time
from contextlib import contextmanager


def logged(func):
    @functools.wraps(func)
    def wrapper(*args, **kwargs):
        print(f"-> {func.__name__}{args}")
        result = func(*args, **kwargs)
        print(f"<- {result}")
        return result
    return wrapper


def repeat(times):
    def decorate(func):
        def wrapper(*args):
            results = []
            for _ in range(times):
                results.append(func(*args))
            return results
        return wrapper
    return decorate


@logged
def area(w, h=2):
    return w * h


@repeat(3)
def greet(name):
    return "Hi " + name


class Garden:
    def __init__(self):
        self.beds = {}

    @logged
    def add(self, name, size):
        self.beds[name] = size
        return len(self.beds)


@functools.lru_cache(maxsize=None)
def ways(n):
    return 1 if n < 2 else ways(n - 1) + ways(n - 2)


@contextmanager
def section(title):
    print("==", title)
    yield title.lower()
    print("-- end")


area(3)
area(3, h=5)
print(greet("Fern"))
print(ways(50))
with section("Totals") as name:
    print(name, sum(range(5)))
print(area.__name__)
