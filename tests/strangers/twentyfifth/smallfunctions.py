fs = [lambda i=i: i * 10 for i in range(3)]
print([f() for f in fs], fs[1](7))
def make():
    out = []
    for n in range(3):
        out.append(lambda x, n=n, k=2: x + n * k)
    return out
print([f(1) for f in make()], make()[2](1, 5), make()[2](1, 5, 10))
total = 3
add = lambda a, b=total: a + b
total = 100
print(add(1), add(1, 1), add(1, None) if False else "-")
ops = {"sq": lambda x, p=2: x ** p}
print(ops["sq"](3), ops["sq"](2, 5), sorted([3, 1, 2], key=lambda v, s=-1: v * s))
print((lambda a, b=1: a + b)(2), (lambda a, b=1: a + b)(2, 3))
