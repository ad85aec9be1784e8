def outer():
    def gen():
        n = 0
        while True:
            yield n
            n += 1
    g = gen()
    print(next(g), next(g))
    return g
print(next(outer()))
def wrap(items):
    def walk(x):
        for i in items:
            print("w", i)
            yield i + x
    yield from walk(10)
    yield "end"
for v in wrap([1, 2]): print(v)


def itself():
    for thing in own:
        yield thing


own = itself()
try:
    print(next(own))
except ValueError as busy:
    print("busy", busy)
