def f(a, b=1, *c):
    return [a, b, c]
print(f(1), f(1, 2), f(1, 2, 3, 4))
def kept(x, items=[]):
    items.append(x)
    return items
print(kept(1), kept(2))
