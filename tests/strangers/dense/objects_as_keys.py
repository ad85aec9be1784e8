class A:
    def __init__(self, n):
        self.n = n
a, b = A(1), A(1)
d = {a: "x", b: "y"}
print(len(d), d[a], d[b])
d[a] = "z"
print(d[a], d[b], a in d, A(1) in d)
s = {a, b, a}
print(len(s))
c = {x: 0 for x in [a, b]}
print(len(c))
e = {a: 1, b: 2}[b]
print(e)
