def gen(n):
    for i in range(n):
        yield i * i
g = gen(4)
print(next(g))
