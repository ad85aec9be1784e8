fs = [lambda: i for i in range(3)]
print([f() for f in fs])
gs = [lambda k=i: k for i in range(3)]
print([g() for g in gs])
def adders(ns):
    return [lambda x: x + n for n in ns]
print([a(10) for a in adders([1, 2, 3])])
hs = list(map(lambda n: (lambda: n), [1, 2, 3]))
print([h() for h in hs])
ks = {n: (lambda: n * 2) for n in range(3)}
print([k() for k in ks.values()])
