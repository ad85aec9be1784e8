def fibonacci():
    a, b = 0, 1
    while True:
        yield a
        a, b = b, a + b

def take(n, gen):
    out = []
    for x in gen:
        if len(out) == n:
            break
        out.append(x)
    return out

def countdown(n):
    while n:
        yield n
        n -= 1
    yield "liftoff"

print(take(10, fibonacci()))
print(list(countdown(3)))
gen = countdown(2)
print(next(gen), next(gen), next(gen))
print(next(gen, "done"))
squares = (x * x for x in range(5))
print(sum(squares), sum(squares))

def memo(f):
    cache = {}
    def inner(n):
        if n not in cache:
            cache[n] = f(n)
        return cache[n]
    return inner

@memo
def ways(n):
    return 1 if n < 2 else ways(n - 1) + ways(n - 2)

print(ways(40))

def compose(*fs):
    def run(x):
        for f in fs:
            x = f(x)
        return x
    return run

print(compose(str, len, lambda n: n * 2)(12345))
counter = 0
def tick():
    global counter
    counter += 1
    return counter
print(tick() + tick() * 10, counter)
