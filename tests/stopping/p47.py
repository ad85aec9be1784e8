def f(a):
    return a
print(f(b=3))
