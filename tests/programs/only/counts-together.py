from collections import Counter
a = Counter("garden")
a.update("drag")
r = Counter("read")
print(a - r, a + r, a & r, a | r)
c = Counter({"x": 3, "y": -1})
c["x"] -= 5
c["q"] = 2
a += r
a -= Counter("aaaa")
print(c, a)
print(sorted(a.elements()))
print(Counter([1, 1, 2]) == Counter([2, 1, 1]), dict(r))
try:
    print({"a": 1} - {"b": 2})
except TypeError as e:
    print(e)
del a["g"]
print(a, list(a), a.most_common()[:-3:-1])
