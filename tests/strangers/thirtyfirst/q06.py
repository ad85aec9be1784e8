def make_multiplier(n):
    def multiply(x):
        return x * n
    return multiply

def trace(func):
    def wrapper(*args, **kwargs):
        print(f"-> {func.__name__}{args}")
        result = func(*args, **kwargs)
        print(f"<- {result}")
        return result
    return wrapper

@trace
def add(a, b=10):
    return a + b

def countdown(n):
    while n > 0:
        yield n
        n -= 1
    return "done"

def running_total():
    total = 0
    while True:
        value = yield total
        if value is None:
            break
        total += value

double, triple = make_multiplier(2), make_multiplier(3)
print(double(5), triple(5))
add(1)
add(2, b=3)
print(list(countdown(3)))
gen = running_total()
next(gen)
print(gen.send(5), gen.send(7))
squares = {n: n ** 2 for n in range(5) if n % 2}
print(squares)
evens = (n for n in range(10) if n % 2 == 0)
print(next(evens), next(evens), sum(evens))
def stats(*numbers, digits=2, **extra):
    mean = sum(numbers) / len(numbers)
    return round(mean, digits), extra
print(stats(1, 2, 4), stats(1, 2, digits=0, unit="cm"))
a = [1, 2, 3]
b = a
c = a[:]
b.append(4)
print(a, c, a is b, a is c)
x = 10
def change():
    x = 20
    def inner():
        nonlocal x
        x += 1
        return x
    return inner() + x
print(change(), x)
print((lambda *a, **k: (a, k))(1, 2, z=3))
matrix = [[1, 2, 3], [4, 5, 6]]
print([[row[i] for row in matrix] for i in range(3)], list(zip(*matrix)))
