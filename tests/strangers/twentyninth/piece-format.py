words = "the cat sat".split()
print("{:>10}|{:<6}|{:^7}|".format(*words))
print("{0}{1}{0} {name!r:>8}".format("a", "b", name="pea"))
class V:
    def __init__(self, x): self.x = x
    @property
    def y(self): return self.x + 1
v = V(3)
print("({0.x}, {1.x})".format(V(1), V(2)), "{0[1]} {d[k]}".format([1, 2], d={"k": 3}))
print("{0.x:>5}|{0.y}|{v.x!r}".format(v, v=v))
