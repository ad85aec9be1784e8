def f(d):
    for k in d:
        yield k, *d[k]
def g(a, *rest): return a, *rest
def h(xs): return *xs, 0
print(list(f({"a": [1, 2]})), g(1, 2, 3), h([1]))
t = 1, *[2, 3]
print(t, (*t, 4), [*t], {*t})
for x in 1, *[2, 3]: print(x)
x, *y = 1, 2, 3
print(x, y)
print({*[1, 2], 3, *{4}}, {1, *[2]})
z = *[5], 6
print(z)
