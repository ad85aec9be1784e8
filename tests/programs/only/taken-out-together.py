l = list(range(10))
d = {0: "a", 1: "b", "k": 3}
del d[0]
del d["k"], d[1]
print(d)
del l[0], l[-1]
del l[2:4], l[0]
print(l)
m = [[1, 2], [3]]
del m[0][0], m[1]
print(m)
i = 1
del l[i]
e = {"x": {"y": 1, "z": 2}}
del e["x"]["y"]
print(l, e)
