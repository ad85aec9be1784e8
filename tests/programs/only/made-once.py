def outer():
    def inner(x, items=[]):
        items.append(x)
        return items
    return inner
a = outer()
b = outer()
print(a(1), a(2), b(3))
s = set(range(20000))
for n in range(20000):
    s.discard(n)
print(len(s), -9223372036854775808 in {-9223372036854775808})
