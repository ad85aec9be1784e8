def f(a, b):
    return a + b
print(f(1, 2))
print(f("a", "b"))
x = []
x.append(3)
print(x)
