def k(a, b):
    a += b
    return a
l = [1]
k(l, [2])
print(l, k(1, 2), k("a", "b"))
s = {1}
d = {"a": [1]}
for v in d.values():
    v += [2]
print(d)
def total(items, start):
    for i in items:
        start += i
    return start
print(total([[1], [2]], []), total([1, 2], 0), total(["a"], "b"))
s = {1, 2, 3}
t = s
t -= {2, 9}
print(s, t is s)
s -= s
print(t)
