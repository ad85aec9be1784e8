def f(*a, **k): return (a, k)
print(f(1, 2, z=3))
g = f
print(g(1, 2, z=3))
h = lambda *a, **k: (a, k)
print(h(1, 2, z=3))
