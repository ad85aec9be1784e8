n = 0
def nxt():
    global n
    print(".", end="")
    n += 1
    return n - 1
class D:
    def __init__(self): self.n = 0
    def __call__(self, m):
        print("!", end="")
        self.n += 1
        return (self.n - 1) % m
    def roll(self):
        print("?", end="")
        self.n += 1
        return (self.n - 1) % 3
f = [0] * 6
d = D()
f[nxt()] += 1
f[nxt()] += 2
f[nxt()] = f[nxt()] + 1
for i in range(6): f[d(6)] += 1
f[d.roll()] += 10
g = [[0] * 3 for _ in range(3)]
g[d.roll()][d.roll()] += 1
print(f, g, d.n)
def box():
    print("box", end="")
    return d
box().n += 1
class E: pass
e = E()
e.list = [1, 2]
def pick():
    print("pick", end=" ")
    return e
pick().list[0] += 5
pick().list += [7]
print(d.n, e.list)
