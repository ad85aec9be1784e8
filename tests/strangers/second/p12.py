def outer():
    count = 0
    def inner():
        nonlocal count
        count += 1
        return count
    return inner
c1, c2 = outer(), outer()
print(c1(), c1(), c2())
def apply_twice(f, x):
    return f(f(x))
print(apply_twice(lambda x: x * 3, 2))
def power(n):
    def raise_it(x):
        return x ** n
    return raise_it
square, cube = power(2), power(3)
print(square(5), cube(2), [f(3) for f in (square, cube)])
def log(func):
    def wrapper(*args):
        print("calling", func.__name__, "with", args)
        result = func(*args)
        print("->", result)
        return result
    return wrapper
@log
def area(w, h):
    return w * h
area(3, 4)
def total(*numbers, start=0, **options):
    s = start
    for n in numbers: s += n
    return s * options.get("times", 1)
print(total(1, 2, 3), total(1, start=10), total(2, times=3))
