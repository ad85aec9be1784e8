def add(a, b):
    return a + b
print(add(1, 2))
print(add(1))
